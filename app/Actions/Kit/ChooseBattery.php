<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Run;
use App\Models\User;
use App\Models\Values\BatteryWish;
use NeatSpindle\Core\Fitting\Battery\PackSite;

/** Chooses a battery and where it sits; its lead starts from there. What was measured of other places stays. */
class ChooseBattery extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, ?string $pack, ?PackSite $site): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($pack, $site): void {
            $was = $open->the(FittingOut::class)->batteryWish;
            if ($pack !== null && ! isset($open->catalogue->parts->packs[$pack])) {
                $this->refuse('pack', 'The catalogue has no such battery any more: look at it again.');
            }
            if ($site !== null && ! $site->isOn($open->job->bike->kind)) {
                $this->refuse('site', "{$site->label()}: this kind of bike has no such place.");
            }
            $isThere = $site === $was->site;
            Kit::of($open->job)->fill(['battery' => new BatteryWish(
                $pack, $pack === null ? null : $site, $isThere && $pack === $was->pack ? $was->at : null,
                $isThere ? $was->fixing : null, $was->floors, $isThere ? $was->seen : [],
            )])->save();
            $site === null || $pack === null || $this->startTheLeadAt($open, $site);
        });
    }

    private function startTheLeadAt(OpenJob $open, PackSite $site): void
    {
        $place = $site->placeAmong($open->laying()->ways->places);
        foreach ($open->job->runs as $run) {
            if ($run->toLay()->isFromPack() && $run->to_place === 'motor') {
                Run::query()->whereKey($run->id)->update(['from_place' => $place, 'via' => null, 'off' => null]);

                return;
            }
        }
    }
}
