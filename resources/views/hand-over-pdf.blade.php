{{-- Read by the maker of PDFs alone. --}}
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $page->bike }}</title></head>
<body><x-hand-over-sheet :sheet="$page" :pictures="App\Documents\SheetPictures::inline($page)" :most="App\View\Prove\HandOverPage::ON_PAPER" /></body>
</html>
