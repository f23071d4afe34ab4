{{-- Read by the maker of PDFs alone. --}}
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $page->job->number }}</title><link rel="stylesheet" href="{{ resource_path('pdf/sheet.css') }}"></head>
<body><x-hand-over-sheet :page="$page" :handed="$page->handedOver()" /></body>
</html>
