<x-layout title="Your account">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Your account</h1></div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel" aria-labelledby="change-title">
                <h2 id="change-title">Change the password</h2>
                <form method="post" action="{{ route('password.change') }}" hx-boost="false" novalidate>
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="username" value="{{ auth()->user()->email }}" autocomplete="username">
                    <label class="form-label" for="current">The one you have</label>
                    <input class="form-control" id="current" name="current" type="password" autocomplete="current-password" @error('current') aria-invalid="true" @enderror>
                    <x-fault for="current" />
                    <x-new-password />
                    <button class="btn btn-primary mt-3">Change it</button>
                </form>
            </section>
            <section class="panel work-wide" id="hands" aria-labelledby="hands-title">
                <h2 id="hands-title">What your hands repeat</h2>
                <p class="mb-0">Of all that you read more than once at a spot. Twice the spread is the doubt that 95 readings in 100 stay within.</p>
                @forelse ($page->hands() as $code => $hand)
                    <div class="run-row">
                        <h3>{{ $page->instrument($code)->label() }} <span class="form-hint fw-normal">usually ± {{ $page->show($page->instrument($code)->doubtMm()) }}</span></h3>
                        <p class="mb-1">@if ($hand->spread() === null) Nothing was read twice with it. @else Spread {{ $page->show($hand->spread()) }}, from {{ $hand->readings }} readings at {{ $hand->spots }} {{ Str::plural('spot', $hand->spots) }}. @endif
                            @if ($page->taken($code))<strong>Yours since {{ $page->taken($code)->taken_at->format('j M Y') }}: ± {{ $page->show($page->taken($code)->doubt_mm) }}</strong>, from {{ $page->taken($code)->from_readings }} readings then.@endif</p>
                        @if ($hand->suffices() || $page->taken($code))
                            <form class="choice-row" method="post" action="{{ route('account.hands') }}">
                                @csrf @formkey @method('PUT')
                                <input type="hidden" name="instrument" value="{{ $code }}">
                                @if ($hand->suffices())<button class="btn btn-plain" id="take-{{ $code }}" name="own" value="1">Count with ± {{ $page->show($hand->doubt()) }} from now on</button>@endif
                                @if ($page->taken($code))<button class="btn-link-quiet" name="own" value="0">The usual doubt again</button>@endif
                            </form>
                        @else
                            <p class="form-hint mb-0">Too few yet to offer a doubt of your own: {{ $hand->beyondTheFirst }} of {{ NeatSpindle\Core\Measuring\Survey\Repeatability::ENOUGH }} readings beyond the first at a spot.</p>
                        @endif
                        <x-fault :for="'hands.'.$code" />
                    </div>
                @empty
                    <p class="mb-0">You have read nothing yet.</p>
                @endforelse
            </section>
            <section class="panel" aria-labelledby="shows-title">
                <h2 id="shows-title">How it shows</h2>
                <x-preferences button="btn btn-plain" class="pieces" />
            </section>
            <section class="panel" aria-labelledby="letter-title">
                <h2 id="letter-title">In the morning</h2>
                <p>{{ auth()->user()->wants_letter ? 'A letter tells you from six o’clock what should be looked at: promises, deliveries, decisions, re-checks. On a day without any there is none.' : 'What should be looked at stands on the bench; a letter can tell you too, once a day.' }}</p>
                <form method="post" action="{{ route('preferences') }}">
                    @csrf @formkey @method('PUT')
                    <button class="btn btn-plain" id="letter" name="wants_letter" value="{{ auth()->user()->wants_letter ? '0' : '1' }}">{{ auth()->user()->wants_letter ? 'No letter any more' : 'Write me in the morning' }}</button>
                </form>
            </section>
            <section class="panel" aria-labelledby="end-title">
                <h2 id="end-title">Signed in somewhere else?</h2>
                <p>A tablet left at a customer’s, somebody else’s laptop: end it everywhere but here.</p>
                <form method="post" action="{{ route('sessions.end') }}" hx-boost="false" novalidate>
                    @csrf @formkey
                    <label class="form-label" for="current_password">Your password</label>
                    <input class="form-control" id="current_password" name="current_password" type="password" autocomplete="current-password" @error('current_password') aria-invalid="true" @enderror>
                    <x-fault for="current_password" />
                    <button class="btn btn-plain mt-3">Sign out everywhere else</button>
                </form>
            </section>
        </div>
    </main>
</x-layout>
