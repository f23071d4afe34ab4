<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

use function is_string;

/** The password somebody has, typed once more; guessing it from inside a session ends after a few wrong tries a minute. */
class OwnPassword implements ValidationRule
{
    private const TRIES = 5;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $person = Auth::user();
        $key = "own password {$person?->id}";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            $fail('Too many wrong tries. Wait '.RateLimiter::availableIn($key).' seconds, then try again.');

            return;
        }
        if ($person === null || ! is_string($value) || ! Hash::check($value, $person->password)) {
            RateLimiter::hit($key);
            $fail('This is not your password.');

            return;
        }
        RateLimiter::clear($key);
    }
}
