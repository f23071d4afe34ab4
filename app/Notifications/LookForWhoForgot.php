<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Password;

/**
 * Sends the letter to whoever forgot a password, if there is somebody with that address. Asked for any address, and done
 * later, so that the answer takes the same time for nobody.
 */
class LookForWhoForgot implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $address) {}

    public function handle(): void
    {
        Password::sendResetLink(
            ['email' => $this->address, 'shut_out_at' => null],
            fn (User $person, string $token) => $person->notifyNow(new PasswordForgotten($token)),
        );
    }
}
