<x-layout title="Choose a password">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Choose a password</h1>
            <form method="post" action="{{ route('password.keep') }}" hx-boost="false" novalidate>
                @csrf
                <input type="hidden" name="token" value="{{ $token }}">
                <label class="form-label" for="email">E-mail</label>
                <input class="form-control" id="email" name="email" type="email" value="{{ old('email', $email) }}" autocomplete="username" @error('email') aria-invalid="true" aria-describedby="email-fault" @enderror>
                <x-fault for="email" id="email-fault" />
                <x-new-password />
                <button class="btn btn-primary mt-3">Keep it</button>
            </form>
        </section>
    </main>
</x-layout>
