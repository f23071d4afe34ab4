<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;

/** Chooses a ring, and how it is put on. */
class ChooseRing extends KitAction
{
    public function __invoke(Job $job, User $by, int $seen, int $ringId, string $mounting = ''): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $ringId, $mounting): void {
            $ring = $open->catalogue->parts->rings[$ringId] ?? $this->refuse('ring_id', 'The catalogue has no such ring.');
            if (! isset($ring->ways[$mounting])) {
                $this->refuse('mounting', 'The ring does not go on that way. Choose one of the ways the list shows.');
            }
            $this->kit->alter($open, $by, "Ring {$ring->label($ring->ways[$mounting])}", [], fn (Kit $kit) => $kit->fill(['ring_id' => $ringId, 'ring_mounting' => $mounting]));
        });
    }
}
