<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Refuses;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Kit;
use App\Models\Run;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Values\CockpitWish;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Route\RunRole;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;

/**
 * Writes down how a brake lever or the gear cable tells the motor, or where its speed sensor sits, inside another change; its
 * run comes and goes with it.
 */
class SensorDecider
{
    use Refuses;

    /** @param  string  $field  where a fault of the choice is told */
    public function decide(OpenJob $open, User $by, About $about, string $choice, ?string $reason, string $field): void
    {
        $was = $open->decisions->about($about)?->choice;
        $side = $about->side();
        if ($about->is(About::speedSensor())) {
            $this->sitsAt($open, SpeedSite::from($choice), $field);
        } elseif ($side === null) {
            FollowingRuns::follow($open, RunRole::GearSensor, $was === GearSensing::Fitted->value, $choice === GearSensing::Fitted->value);
        } else {
            $objection = BrakeSensing::from($choice)->objection($open->the(FittingOut::class)->cockpit->lever($side));
            $objection === null || $this->refuse($field, $objection);
            $choice !== BrakeSensing::Lever->value || self::switchInside($open, $side);
            $wasFitted = BrakeSensing::tryFrom($was ?? '')?->isFitted() === true;
            FollowingRuns::follow($open, $side->brakeSensorRun(), $wasFitted, BrakeSensing::from($choice)->isFitted());
        }
        Decision::record($open->job, $by, $about, $choice, $reason);
    }

    /** The speed sensor's lead ends where it sits. */
    private function sitsAt(OpenJob $open, SpeedSite $site, string $field): void
    {
        $place = $site->placeAmong($open->laying()->ways->places) ?? $this->refuse($field, "{$site->label()}: this kind of bike has no such place.");
        Run::query()->where('job_id', $open->job->id)->where('role', RunRole::SpeedSensor)->whereNull('removed_at')
            ->update(['to_place' => $place, 'via' => null, 'off' => null]);
    }

    /** A switch of its own is inside the lever: one that has none is changed for one that has. */
    private static function switchInside(OpenJob $open, BarSide $side): void
    {
        $kit = Kit::of($open->job);
        $wish = $kit->cockpit ?? $open->the(FittingOut::class)->cockpitWish;
        $fixtures = array_map(
            fn (Fixture $one) => $one->kind === FixtureKind::BrakeLever && $one->side === $side ? $one->withSwitch() : $one, $wish->fixtures,
        );
        $kit->fill(['cockpit' => new CockpitWish($fixtures, $wish->displayBore, $wish->displayAt, $wish->display)])->save();
    }
}
