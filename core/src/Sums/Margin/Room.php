<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Donor\Bike\Doubtful;

/** What there is between two places along one line, to be filled. In mm. */
final readonly class Room
{
    public float $value;

    public function __construct(private Sum $from, private Sum $to)
    {
        $this->value = $to->value - $from->value;
    }

    /** @return array{float, float} the room, and how far it goes while a reading goes from the middle to the high end of its doubt */
    public function along(Doubtful $doubtful): array
    {
        return [$this->value, $this->to->slope($doubtful) - $this->from->slope($doubtful)];
    }
}
