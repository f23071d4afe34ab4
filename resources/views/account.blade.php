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
            <section class="panel" id="tokens" aria-labelledby="tokens-title">
                <h2 id="tokens-title">For programs of yours</h2>
                @if (session('token'))<p class="told mb-2">Told once; copy it now: <code class="sheet-address">{{ session('token') }}</code></p>@endif
                <ul class="plain-list">
                    @forelse (auth()->user()->tokens as $token)
                        <li>{{ $token->name }}: {{ implode(', ', $token->abilities) }}, until {{ $token->expires_at?->format('j M Y') }}@if ($token->last_used_at), last used {{ $token->last_used_at->format('j M H:i') }}@endif
                            <form class="d-inline" method="post" action="{{ route('tokens.back', $token->id) }}">@csrf @formkey @method('DELETE')<button class="btn-link-quiet" aria-label="Call {{ $token->name }} back">Call it back</button></form></li>
                    @empty
                        <li>No program may do anything in your name.</li>
                    @endforelse
                </ul>
                <form method="post" action="{{ route('tokens.give') }}" novalidate>
                    @csrf @formkey
                    <label class="form-label" for="token_name">Which program</label>
                    <input class="form-control" id="token_name" name="token_name" maxlength="@most(NAME)" value="{{ old('token_name') }}" @error('token_name') aria-invalid="true" @enderror>
                    <x-fault for="token_name" />
                    <div class="pieces mt-1">@foreach (App\Models\TokenScope::cases() as $scope)<label class="pick"><input class="form-check-input m-0" type="checkbox" name="scopes[]" value="{{ $scope->value }}" @checked(in_array($scope->value, (array) old('scopes', ['read']), true))> {{ $scope->label() }}</label>@endforeach</div>
                    <x-fault for="scopes" /><x-fault for="scopes.*" />
                    <label class="form-label mt-1" for="until">Until</label>
                    <input class="form-control w-auto" id="until" name="until" type="date" value="{{ old('until', today()->addMonths(3)->format('Y-m-d')) }}" @error('until') aria-invalid="true" @enderror>
                    <x-fault for="until" />
                    <button class="btn btn-plain mt-2" id="give-token">Give it a token</button>
                </form>
                <p class="form-hint mb-0"><a href="{{ route('api.description') }}" hx-boost="false">What a program can ask for</a>, as an OpenAPI document.</p>
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
