<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;
use NeatSpindle\Core\Fitting\Route\PlaceName;

use function array_slice;
use function count;

/** Moves a run by hand: past a place, off one, or back to its shortest way; or takes it off the bike. */
class MoveRun extends JobAction
{
    private const MOST_OFF = 12;

    /** @param  'pass'|'avoid'|'either'|'shortest'|'remove'  $how */
    public function __invoke(Job $job, User $by, int $seen, Run $run, string $how, ?string $place): void
    {
        ($this->change)($job, $by, 'work', $seen, function (OpenJob $open) use ($job, $run, $how, $place): void {
            $row = Run::query()->where('job_id', $job->id)->whereNull('removed_at')->find($run->id) ?? $this->refuse('how', 'Somebody else took this run off meanwhile.');
            if ($place !== null && ! isset($open->laying()->ways->places[$place])) {
                $this->refuse('how', "This bike has no place called {$place}.");
            }
            $row->fill(self::moved($row, $how, $place));
            $way = $how === 'pass' || $how === 'avoid' ? $open->laying()->wayOf($row) : null;
            if ($way === false) {
                $cannot = PlaceName::of((string) $place).' cannot be '.($how === 'pass' ? 'passed' : 'avoided');
                $this->refuse('how', ucfirst($row->name)." has no allowed way like that: {$cannot}.");
            }
            $row->save();
        });
    }

    /**
     * @param  'pass'|'avoid'|'either'|'shortest'|'remove'  $how
     * @return array<string, mixed>
     */
    private static function moved(Run $run, string $how, ?string $place): array
    {
        $off = array_values(array_diff($run->off ?? [], [$place]));

        return match ($how) {
            'pass' => ['via' => $place, 'off' => $off],
            'avoid' => ['via' => $run->via === $place ? null : $run->via, 'off' => [...array_slice($off, max(0, count($off) + 1 - self::MOST_OFF)), $place]],
            'either' => ['via' => $run->via === $place ? null : $run->via, 'off' => $off],
            'shortest' => ['via' => null, 'off' => []],
            'remove' => ['removed_at' => now()],
        };
    }
}
