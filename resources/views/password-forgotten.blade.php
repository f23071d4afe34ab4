<x-layout title="Password forgotten">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Password forgotten</h1>
            @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
            <form method="post" action="{{ route('password.send') }}" hx-boost="false" novalidate>
                @csrf
                <label class="form-label" for="email">E-mail</label>
                <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" autofocus @error('email') aria-invalid="true" aria-describedby="email-fault" @enderror>
                <x-fault for="email" id="email-fault" />
                <p class="form-hint">A letter goes there with the way to choose a new one.</p>
                <button class="btn btn-primary">Send the letter</button>
                <a class="btn btn-plain" href="{{ route('sign-in') }}">Back</a>
            </form>
        </section>
    </main>
</x-layout>
