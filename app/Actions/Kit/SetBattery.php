<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use App\Models\Values\BatteryWish;
use NeatSpindle\Core\Fitting\Battery\Fixing;
use NeatSpindle\Core\Fitting\Battery\PackTrial;

/** Keeps how the chosen battery is set: how far along, what holds it, what was measured and seen there. */
class SetBattery extends JobAction
{
    /**
     * @param  array{
     *     at: ?float, move: int, fixing: ?Fixing, floor: array<string, float>, seen: array<string, bool>, rest_fine?: bool,
     * }  $setting  at in mm from the front, move in mm to the back; whether all nobody spoke of was looked at, and is as it should be
     */
    public function __invoke(Job $job, User $by, int $seen, array $setting): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($setting): void {
            $fitting = $open->the(FittingOut::class);
            $was = $fitting->batteryWish;
            if ($was->site === null) {
                $this->refuse('site', 'Choose a battery and where it sits first.');
            }
            $objection = $setting['fixing']?->objection($open->job->bike->frame_material);
            if ($objection !== null) {
                $this->refuse('fixing', $objection);
            }
            $rest = ($setting['rest_fine'] ?? false) ? array_fill_keys(array_column($was->site->checks(), 'value'), true) : [];
            Kit::of($open->job)->fill(['battery' => new BatteryWish(
                $was->pack, $was->site, self::at($fitting->trial, $setting['at'], $setting['move']), $setting['fixing'],
                [$was->site->value => $setting['floor']] + $was->floors, $setting['seen'] + $rest,
            )])->save();
        });
    }

    /** Where its front end lies then; a move stops at the end of the range, what was typed stays as it was meant. */
    private static function at(?PackTrial $trial, ?float $typed, int $move): ?float
    {
        $at = $typed ?? $trial?->at();
        $range = $trial?->range();

        return match (true) {
            $at === null || $range === null => null,
            $move === 0 => $range->typed($at),
            default => $range->moved($at, $move),
        };
    }
}
