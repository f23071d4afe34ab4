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

/** What somebody should look at today, for whoever wants that told in the morning. */
class Morning extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    /** @param  list<string>  $lines */
    public function __construct(private readonly string $workshop, private readonly array $lines) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $to): MailMessage
    {
        $letter = (new MailMessage)->subject("Today in {$this->workshop}")->greeting("Good morning {$to->firstName()},");
        foreach ($this->lines as $line) {
            $letter->line($line);
        }

        return $letter->action(
            'To the bench', OurAddress::of(fn (): string => route('bench')),
        )->line('You asked for this letter; under Account it can be called off.');
    }
}
