<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Bench\OtherWays;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;

/** Fills every place as one of the other ways to build the stack has it. */
class UseAlternative extends KitAction
{
    /** @param  string  $key  what it costs in line, symmetry and pieces, as it was shown */
    public function __invoke(Job $job, User $by, int $seen, string $key): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $key): void {
            foreach ($open->the(OtherWays::class)->all as $way) {
                if ($way->key() === $key) {
                    $pieces = $way->pieces();
                    $this->kit->alter($open, $by, 'Another way to build it', array_keys($pieces), fn (Kit $kit) => $kit->fill(['by_hand' => $pieces]));

                    return;
                }
            }
            $this->refuse('way', 'This way to build it is no longer open: the readings or the drawer have changed. Look again.');
        });
    }
}
