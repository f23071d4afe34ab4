<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\Findings;
use App\Assembly\RidingChoice;
use NeatSpindle\Core\Choosing\Brake\BrakeEstimate;
use NeatSpindle\Core\Choosing\Brake\WheelBrake;
use NeatSpindle\Core\Choosing\Hill\SteadySpeed;
use NeatSpindle\Core\Donor\Bike\BrakeKind;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** The brakes of a bike against the mass and the speed it will have with the motor. */
final readonly class Braked implements FromJob
{
    /** What a motor helps to where neither it nor anybody says, in km/h. */
    private const USUAL_KMH = 25.0;

    /**
     * @param  list<Spot>  $missing  what has to be told before anything can be estimated
     * @param  ?string  $holds  what keeps the bike here by the rule of the house; null where nothing does
     */
    private function __construct(public ?BrakeEstimate $estimate, public array $missing, public ?string $holds) {}

    public static function of(OpenJob $open): static
    {
        [$kind, $findings] = [$open->job->bike->kind, $open->findings];
        $front = self::brake($findings, Spot::BrakeFront, Spot::RotorFront, Spot::FrontWheel, $kind->wheelsInFront());
        $rear = self::brake($findings, Spot::BrakeRear, Spot::RotorRear, Spot::Wheel, $kind->wheelsBehind());
        $riding = RidingChoice::of($open->job->kit, $kind);
        $estimate = $front === null || $rear === null ? null : BrakeEstimate::of(
            $front, $rear, $kind, $riding->load(), self::speed($open, $riding), $riding->batteryWh(), $riding->gradePercent(),
        );
        $objection = $estimate === null ? 'What slows its wheels is not told: Survey, Front brake and Rear brake.' : $estimate->objection();

        return new self(
            $estimate, self::missing($findings), $open->the(JobHouse::class)->rules->follows(School::BrakesHold) ? $objection : null,
        );
    }

    private static function brake(Findings $findings, Spot $at, Spot $rotor, Spot $wheel, int $wheels): ?WheelBrake
    {
        $kind = BrakeKind::tryFrom($findings->answer($at) ?? '');
        $round = $findings->mm($wheel) ?? $findings->mm(Spot::Wheel);

        return $kind === null || $round === null ? null : WheelBrake::of($kind, $findings->mm($rotor), $round, $wheels);
    }

    /** What it helps to, in m/s: as set in its display, as it was said, as fast as it goes on the level; where none is known, the usual. */
    private static function speed(OpenJob $open, RidingChoice $riding): float
    {
        $set = $open->job->settings->firstWhere('name', SettingName::CutOff)?->value;
        $limit = is_numeric($set) ? (float) $set : $riding->cutOffKmh();
        $worksheet = $open->worksheet();
        if ($worksheet === null) {
            return ($limit ?? self::USUAL_KMH) / 3.6;
        }
        $motor = $worksheet->job->kit->motor;
        $longest = max(array_map(fn ($gear) => $gear->development, $worksheet->gears->gears));
        $fastest = min(SteadySpeed::of($motor->continuousW + $riding->riderW(), 0.0, $riding->load()), $longest * $motor->maxCrankRpm / 60);

        return min($fastest, $limit === null ? INF : $limit / 3.6);
    }

    /** @return list<Spot> */
    private static function missing(Findings $findings): array
    {
        $asked = [Spot::BrakeFront, Spot::RotorFront, Spot::BrakeRear, Spot::RotorRear, Spot::Wheel];

        return array_values(array_filter($asked, fn (Spot $spot) => ! $findings->isGiven($spot)));
    }
}
