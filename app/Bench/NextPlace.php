<?php

declare(strict_types=1);

namespace App\Bench;

/** Where a job goes on once all that is needed is given in a place: nobody has to look for it. */
class NextPlace
{
    /**
     * @param  string  $do  what is done there, in words
     * @param  string  $arrived  what is said to who has just come there
     */
    private function __construct(public readonly string $route, public readonly string $do, public readonly string $arrived) {}

    public static function of(OpenJob $open): self
    {
        return match (true) {
            ! StripProgress::isDone($open) => new self(
                'job.strip', 'strip the bike', 'All that is needed with everything on is given. Next: take it apart.',
            ),
            $open->walk()->next() !== null && $open->findings->fitted()->bracketStays() => new self(
                'job.survey', 'measure what is still open', 'What comes off is off; spindle and cups stay. Next: what is still to be measured.',
            ),
            $open->walk()->next() !== null => new self('job.survey', 'measure the bare shell', 'All is off. Next: the bare shell.'),
            ! $open->isKitChosen() => new self('job.match', 'choose a motor', 'All that is needed is given. Next: choose a motor.'),
            default => new self('job.stack', 'look at the stack', 'All that is needed is given. Next: the stack.'),
        };
    }
}
