<x-layout title="Sign in">
    <main id="main" class="page">
        <section class="panel sign-in">
            <x-spindle-mark class="mark-large" />
            <h1 class="h4">Neat Spindle</h1>
            <p class="soft">From the first caliper reading to the re-check after 50 km.</p>
            @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
            <form method="post" action="{{ route('sign-in') }}" hx-boost="false" novalidate>
                @csrf
                <div class="mb-3">
                    <label class="form-label" for="email">E-mail</label>
                    <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required autofocus
                        @error('email') aria-invalid="true" aria-describedby="email-fault" @enderror>
                    <x-fault for="email" id="email-fault" />
                </div>
                <div class="mb-3">
                    <label class="form-label" for="password">Password</label>
                    <input class="form-control" id="password" name="password" type="password" autocomplete="current-password" required>
                    <x-fault for="password" />
                </div>
                <button class="btn btn-primary">Sign in</button>
                <a class="btn btn-plain" href="{{ route('password.forgotten') }}">Password forgotten</a>
            </form>
        </section>
    </main>
</x-layout>
