@props(['title'])
{{-- Shown when something is wrong: it asks neither the database nor who is signed in. --}}
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Neat Spindle</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>
<body>
    <main id="main" class="page">
        <section class="panel sign-in">
            <x-spindle-mark class="mark-large" />
            <h1 class="h4">{{ $title }}</h1>
            {{ $slot }}
            <x-send-again />
            <a class="btn btn-plain" href="/">To the bench</a>
        </section>
    </main>
</body>
</html>
