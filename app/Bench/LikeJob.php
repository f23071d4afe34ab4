<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\KnownMotor;
use App\Models\LogbookEntry;

/** A job of the logbook with a frame like the one on the bench. */
class LikeJob
{
    public function __construct(public readonly LogbookEntry $entry, public readonly float $likeness) {}

    /** Whether its pieces went with the motor that is chosen on the bench. */
    public function isWith(?KnownMotor $motor): bool
    {
        return $this->entry->pieces !== [] && $this->entry->motor === $motor?->part->code;
    }

    /** Where it comes from: never silently. */
    public function from(): string
    {
        return sprintf('From job %d, a frame %d %% like this one', $this->entry->number, (int) round(100 * $this->likeness));
    }
}
