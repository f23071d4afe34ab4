<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Cockpit\BarSide;
use NeatSpindle\Core\Sensor\BrakeSensing;
use NeatSpindle\Core\Sensor\GearSensing;

use function strlen;

/** Decides how a brake lever or the gear cable tells the motor; its run comes and goes with it. */
class DecideSensor extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, string $about, string $choice, ?string $reason): void
    {
        ($this->change)($job, $by, 'choose', $seen, ['decisions', 'runs'], function (OpenJob $open) use ($job, $by, $about, $choice, $reason): void {
            $fitting = $open->checks()->fittingOut();
            $was = $fitting->decision($about)?->choice;
            if ($about === FittingOut::GEAR_SENSOR) {
                FollowingRuns::follow($job, 'gear sensor', $was === GearSensing::Fitted->value, $choice === GearSensing::Fitted->value);
            } else {
                $side = BarSide::from(substr($about, strlen(FittingOut::BRAKE_SENSOR)));
                $objection = BrakeSensing::from($choice)->objection($fitting->cockpit()->lever($side));
                $objection === null || $this->refuse('choice', $objection);
                $wasFitted = BrakeSensing::tryFrom($was ?? '')?->isFitted() === true;
                FollowingRuns::follow($job, "brake sensor, {$side->value}", $wasFitted, BrakeSensing::from($choice)->isFitted());
            }
            Decision::record($job, $by, $about, $choice, $reason);
        });
    }
}
