<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\User;
use App\Models\Values\MailAddress;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Somebody at the door. Wrong tries are counted by address, by origin, by both together and over all. */
class SignInRequest extends FormRequest
{
    private const MINUTE = 60;

    private const OF_ONE_ADDRESS_FROM_ONE_ORIGIN = 5;

    private const OF_ONE_ADDRESS = 20;

    private const FROM_ONE_ORIGIN = 30;

    private const OVER_ALL = 300;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:'.Longest::ADDRESS], 'password' => ['required', 'string', 'max:'.Longest::SECRET]];
    }

    /** @throws ValidationException when the pair is wrong, or was wrong too often */
    public function authenticate(): void
    {
        foreach ($this->limits() as $key => [$most]) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw ValidationException::withMessages(['email' => 'Too many wrong tries. Wait '.RateLimiter::availableIn($key).' seconds, then try again.']);
            }
        }
        $person = User::query()->where('email', $this->address())->first();
        // For an address nobody has a password is looked at too, so that both answers take the same time.
        $isRight = Hash::check($this->string('password')->value(), $person->password ?? self::nobodys());
        if (! $isRight || $person === null || $person->isShutOut()) {
            foreach ($this->limits() as $key => [, $seconds]) {
                RateLimiter::hit($key, $seconds);
            }
            throw ValidationException::withMessages(['email' => 'No account has this address with this password.']);
        }
        Auth::login($person, $this->boolean('remember'));
        RateLimiter::clear(array_key_first($this->limits()));
    }

    /** @return non-empty-array<string, array{int, int}> how many wrong tries, within how many seconds, by what they are counted by */
    private function limits(): array
    {
        $address = hash('sha256', $this->address());

        return [
            "sign-in {$address} {$this->ip()}" => [self::OF_ONE_ADDRESS_FROM_ONE_ORIGIN, self::MINUTE],
            "sign-in {$address}" => [self::OF_ONE_ADDRESS, 10 * self::MINUTE],
            "sign-in from {$this->ip()}" => [self::FROM_ONE_ORIGIN, 10 * self::MINUTE],
            'sign-in' => [self::OVER_ALL, 10 * self::MINUTE],
        ];
    }

    private function address(): string
    {
        return MailAddress::normal($this->string('email')->value());
    }

    /** A password nobody has, hashed at the same price as everybody’s. */
    private static function nobodys(): string
    {
        return Cache::rememberForever('nobody’s password', fn (): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
