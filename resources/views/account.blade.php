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
