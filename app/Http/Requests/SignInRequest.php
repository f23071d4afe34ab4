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
use Illuminate\Support\Sleep;
use Illuminate\Validation\ValidationException;

/**
 * Somebody at the door. Too many wrong tries for one address from one origin, or one device known to be that person's, and
 * it is shut there for a minute. Too many for an address, from an origin or over all make every answer slower, and shut
 * nobody out: strangers must not keep those away who belong here.
 */
class SignInRequest extends FormRequest
{
    private const MINUTE = 60;

    private const TRIES = 5;

    private const OF_ONE_ADDRESS = 20;

    private const FROM_ONE_ORIGIN = 30;

    private const OVER_ALL = 300;

    /** How long who is slowed waits for an answer, in milliseconds. */
    private const SLOWED = 700;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:'.Longest::ADDRESS],
            'password' => ['required', 'string', 'max:'.Longest::SECRET],
        ];
    }

    /** @throws ValidationException when the pair is wrong, or was wrong too often */
    public function authenticate(): void
    {
        $person = User::query()->where('email', $this->address())->first();
        $device = KnownDevice::of($this);
        $isKnown = $device->isOf($person);
        $own = 'sign-in '.hash('sha256', $this->address()).' '.($isKnown ? $device->name : $this->ip());
        if (RateLimiter::tooManyAttempts($own, self::TRIES)) {
            throw ValidationException::withMessages(['email' => 'Too many wrong tries. Wait '.RateLimiter::availableIn($own).' seconds, then try again.']);
        }
        $isKnown ?: $this->slowDown();
        // For an address nobody has a password is looked at too, so that both answers take the same time.
        $isRight = Hash::check($this->string('password')->value(), $person->password ?? self::nobodys());
        if (! $isRight || $person === null || $person->isShutOut()) {
            RateLimiter::hit($own, self::MINUTE);
            array_map(fn (string $key) => RateLimiter::hit($key, 10 * self::MINUTE), $isKnown ? [] : array_keys($this->slowing()));
            throw ValidationException::withMessages(['email' => 'No account has this address with this password.']);
        }
        Auth::login($person, $this->boolean('remember'));
        $device->remember($person);
        RateLimiter::clear($own);
    }

    private function slowDown(): void
    {
        foreach ($this->slowing() as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                Sleep::for(self::SLOWED)->milliseconds();

                return;
            }
        }
    }

    /** @return array<string, int> how many wrong tries within ten minutes slow the next, by what they are counted by */
    private function slowing(): array
    {
        return [
            'sign-in '.hash('sha256', $this->address()) => self::OF_ONE_ADDRESS, "sign-in from {$this->ip()}" => self::FROM_ONE_ORIGIN, 'sign-in' => self::OVER_ALL,
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
