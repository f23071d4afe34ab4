<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use App\Models\Values\OurAddress;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The letter to somebody who forgot a password. */
class PasswordForgotten extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $token) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $to): MailMessage
    {
        return (new MailMessage)
            ->subject('A new password for Neat Spindle')
            ->greeting("Hello {$to->firstName()},")
            ->line('Somebody, most likely you, asked for a new password. The way below holds for a day.')
            ->action('Choose a password', OurAddress::of(fn (): string => route('password.reset', [$this->token, 'email' => $to->email])))
            ->line('If it was not you, leave it: the old password stays as it is.');
    }
}
