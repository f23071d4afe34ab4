{{-- Read by the maker of PDFs alone. --}}
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $page->bike }}</title>{{-- Within it, for a path is taken for an address. --}}<style>{!! Illuminate\Support\Facades\File::get(resource_path('pdf/sheet.css')) !!}</style></head>
<body><x-hand-over-sheet :sheet="$page" :most="App\View\Prove\HandOverPage::ON_PAPER" /></body>
</html>
