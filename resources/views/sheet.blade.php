{{-- It asks nothing of who looks at it, and leads nowhere. --}}
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $sheet->bike }}: hand-over</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>
<body>
    <main id="main" class="page">
        <div class="sheet-paper"><x-hand-over-sheet :sheet="$sheet" :pictures="App\Documents\SheetPictures::inline($sheet)" /></div>
    </main>
</body>
</html>
