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

/** The letter by which a person comes into a workshop. */
class Invitation extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $from, private readonly string $token) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $to): MailMessage
    {
        return (new MailMessage)
            ->subject('You are asked into a workshop on Neat Spindle')
            ->greeting("Hello {$to->firstName()},")
            ->line("{$this->from} has made you an account. Choose a password and you are in; the way below holds for a day.")
            ->action('Choose a password', OurAddress::of(fn (): string => route('password.reset', [$this->token, 'email' => $to->email])))
            ->line('If you know nothing of it, leave it: without a password nobody gets in.');
    }
}
