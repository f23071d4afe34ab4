<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

class SignInRequest extends FormRequest
{
    private const TRIES = 5;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @throws ValidationException when the pair is wrong, or was wrong too often */
    public function authenticate(): void
    {
        if (RateLimiter::tooManyAttempts($this->throttleKey(), self::TRIES)) {
            $seconds = RateLimiter::availableIn($this->throttleKey());
            throw ValidationException::withMessages(['email' => "Too many wrong tries. Wait {$seconds} seconds, then try again."]);
        }
        if (! Auth::attempt([...$this->only('email', 'password'), 'shut_out_at' => null], $this->boolean('remember'))) {
            RateLimiter::hit($this->throttleKey());
            throw ValidationException::withMessages(['email' => 'No account has this address with this password.']);
        }
        RateLimiter::clear($this->throttleKey());
    }

    private function throttleKey(): string
    {
        return Str::lower($this->string('email')->value()).'|'.$this->ip();
    }
}
