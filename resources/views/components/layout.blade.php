@props(['title', 'bare' => false])
@php($person = auth()->user())
<!DOCTYPE html>
<html lang="en" data-bs-theme="{{ $person?->light->value === 'dark' ? 'dark' : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true,"historyCacheSize":0,"refreshOnHistoryMiss":true,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"[45]..","swap":true,"error":true}]}'>
    <title>{{ $title }} · Neat Spindle</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body hx-boost="true">
    <a class="skip" href="#main">To the work</a>
    <p id="sending" class="told sending" role="alert" hidden></p>
    @auth
        @unless($bare)
            <header class="top not-on-paper">
                <a class="maker" href="{{ route('bench') }}"><x-spindle-mark />Neat Spindle</a>
                <nav aria-label="Workshop">
                    <a href="{{ route('bench') }}" @if(request()->routeIs('bench', 'job.*')) aria-current="true" @endif>Bench</a>
                    <a href="{{ route('calendar') }}" @if(request()->routeIs('calendar*')) aria-current="page" @endif>Calendar</a>
                    <a href="{{ route('drawer') }}" @if(request()->routeIs('drawer*', 'stock*', 'order*')) aria-current="page" @endif>Drawer</a>
                    <a href="{{ route('catalogue') }}" @if(request()->routeIs('catalogue', 'parts', 'part')) aria-current="page" @endif>Catalogue</a>
                    <a href="{{ route('logbook') }}" @if(request()->routeIs('logbook')) aria-current="page" @endif>Logbook</a>
                    <a href="{{ route('house') }}" @if(request()->routeIs('house')) aria-current="page" @endif>Rules</a>
                    <a href="{{ route('people') }}" @if(request()->routeIs('people')) aria-current="page" @endif>People</a>
                </nav>
                <x-preferences />
                <form method="post" action="{{ route('sign-out') }}" hx-boost="false">
                    @csrf @formkey
                    <button class="quiet" type="button" data-shows-keys data-key="?" aria-label="Keys of this page"><kbd aria-hidden="true">?</kbd></button>
                    <a class="who" href="{{ route('account') }}">{{ $person->firstName() }}</a>
                    <button class="quiet">Sign out</button>
                </form>
            </header>
        @endunless
    @endauth
    {{ $slot }}
    @auth
        <dialog id="keys" class="keys" aria-labelledby="keys-title">
            <h2 id="keys-title">Keys of this page</h2>
            <table class="ledger"><tbody></tbody></table>
            <form method="dialog"><button class="btn btn-plain" autofocus>Close</button></form>
        </dialog>
    @endauth
</body>
</html>
