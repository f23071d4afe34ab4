<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Battery\Fixing;
use NeatSpindle\Core\Fitting\Battery\InsertRow;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Cockpit\BarHalf;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** What is fitted beside motor and drive: gear sensor, bar, battery, speed and brake sensors. */
final class FittingSteps
{
    /**
     * The gear sensor goes on its inner while that is undone, and before the body is in the way of it.
     *
     * @return list<BuildStep>
     */
    public static function beforeTheGap(BuildPlan $plan): array
    {
        return $plan->circumstances->wiring->sensors?->hasGearSensor !== true ? [] : [
            ...(self::cableOffForTheGuide($plan) === [] ? [self::cableOff(BuildStep::GAP)] : []),
            BuildStep::worded('gear-through', BuildStep::GAP, Wording::of(FittingWords::GEAR_THROUGH), after: ['gear-off']),
            BuildStep::worded('gear-housing', BuildStep::GAP, Wording::of(FittingWords::GEAR_HOUSING), after: ['gear-through']),
            BuildStep::worded('gear-fix', BuildStep::GAP, Wording::of(FittingWords::GEAR_FIX), after: ['gear-housing']),
        ];
    }

    /** @return list<BuildStep> the gear's cable off where its sensor wants that anyway and a guide is worked on: once, and before */
    public static function cableOffForTheGuide(BuildPlan $plan): array
    {
        $isBoth = $plan->circumstances->wiring->sensors?->hasGearSensor === true && $plan->circumstances->found->guide->task() !== null;

        return $isBoth ? [self::cableOff(BuildStep::DRY)] : [];
    }

    private static function cableOff(string $chapter): BuildStep
    {
        return BuildStep::worded('gear-off', $chapter, Wording::of(FittingWords::GEAR_OFF), after: ['safe']);
    }

    /** @return list<BuildStep> */
    public static function gearsIndexed(BuildPlan $plan): array
    {
        return $plan->circumstances->wiring->sensors?->hasGearSensor !== true ? [] : [
            BuildStep::worded('gear-index', BuildStep::DRIVE, Wording::of(FittingWords::GEAR_INDEX), after: ['gear-fix', 'chain']),
        ];
    }

    /** @return list<BuildStep> a sheet of its own for each side: what comes off first, what goes on last */
    public static function bars(BuildPlan $plan): array
    {
        $cockpit = $plan->circumstances->wiring->cockpit;
        $held = $cockpit === null || $cockpit->objections() === [] ? null : implode(' ', $cockpit->objections()).' Route, under Cockpit.';
        $site = $cockpit->displayAt ?? DisplaySite::Bar;
        $display = $site->how() ?? $cockpit?->display?->says() ?? 'On the bar’s own diameter, with the shim or grommet that belongs to it.';
        $steps = array_map(fn (BarHalf $half) => self::side($half, $held), $cockpit?->halves() ?? []);

        return [
            ...array_merge(...$steps, ...[[]]),
            BuildStep::worded(
                'display', BuildStep::ROUTES, Wording::of(FittingWords::DISPLAY, where: lcfirst($site->label()), how: $display),
                fastener: Fastener::Display, after: ['safe'],
            ),
        ];
    }

    /** @return list<BuildStep> */
    private static function side(BarHalf $half, ?string $held): array
    {
        if ($half->goesOn() === []) {
            return [];
        }
        [$side, $code, $lever] = [$half->side->value, "bar-off-{$half->side->value}", $half->newLever()];
        $hasHose = $lever?->make->hasHose() === true;
        $words = match (true) {
            $lever === null => FittingWords::BAR_OFF,
            $hasHose => FittingWords::HOSE_OFF,
            default => FittingWords::LEVER_OFF,
        };
        $off = $half->comesOff() === [] ? [] : [
            BuildStep::worded(
                $code, BuildStep::ROUTES, Wording::of($words, side: $side, what: self::names($half->comesOff())), after: ['safe'],
            )->heldWhile($held, PutRight::Cockpit),
        ];
        $switch = $lever?->make->hasSwitch() === true ? '; its switch clicks at the first of the travel, and again when let go; nothing is stuck on' : '';
        $hook = $lever === null ? [] : [BuildStep::worded(
            "lever-hook-{$side}", BuildStep::ROUTES,
            Wording::of($hasHose ? FittingWords::HOSE_ON : FittingWords::LEVER_HOOK, side: $side, switch: $switch),
            after: ["bar-on-{$side}"],
        )->heldWhile($held, PutRight::Cockpit)];

        return [...$off, BuildStep::worded(
            "bar-on-{$side}", BuildStep::ROUTES, Wording::of(FittingWords::BAR_ON, side: $side, what: self::names($half->goesOn())),
            after: $off === [] ? ['safe'] : [$code],
        )->heldWhile($held, PutRight::Cockpit), ...$hook];
    }

    /** @return list<BuildStep> the pack tried in the frame, where the house does that first */
    public static function tryBeforeTheMotor(BuildPlan $plan): array
    {
        return $plan->house()->follows(School::MotorFirst) ? [] : [self::tryPack($plan, BuildStep::DRY, 'safe')];
    }

    /** @return list<BuildStep> and where it starts with the motor */
    public static function tryAfterTheMotor(BuildPlan $plan): array
    {
        return $plan->house()->follows(School::MotorFirst) ? [self::tryPack($plan, BuildStep::ROUTES, $plan->mount->heldBy())] : [];
    }

    private static function tryPack(BuildPlan $plan, string $chapter, string $after): BuildStep
    {
        $words = $chapter === BuildStep::DRY ? BuildWords::TRY_BATTERY : BuildWords::TRY_BATTERY_LATER;

        return BuildStep::worded('try-battery', $chapter, Wording::of($words, pack: self::packWords($plan)), after: [$after]);
    }

    /** @return list<BuildStep> */
    public static function battery(BuildPlan $plan): array
    {
        $trial = $plan->circumstances->wiring->battery;
        $fixing = $trial?->setting->fixing;
        $how = $fixing?->how(self::inserts($trial)) ?? 'Where the pack was tried. Cradle on clamps: a pad under it, three of them, their tails trimmed.';
        $held = $trial?->failing()[0]->says ?? $trial?->stillAsked();
        $inserts = $fixing !== Fixing::Inserts ? [] : [
            BuildStep::worded(
                'battery-inserts', BuildStep::ROUTES, Wording::of(FittingWords::INSERTS, how: $how), after: ['try-battery'],
            )->heldWhile($held, PutRight::Battery),
        ];

        if ($fixing === Fixing::Straps) {
            return [BuildStep::worded(
                'battery-rail', BuildStep::ROUTES, Wording::of(FittingWords::BATTERY_STRAPS, how: $how), after: ['try-battery'],
            )->heldWhile($held, PutRight::Battery)];
        }

        return [...$inserts, BuildStep::worded(
            'battery-rail', BuildStep::ROUTES,
            Wording::of(
                FittingWords::BATTERY_RAIL, how: $inserts === [] ? $how : 'Rail on the inserts, bolts no longer than they are deep.',
            ),
            fastener: Fastener::BatteryRail, after: $inserts === [] ? ['try-battery'] : ['try-battery', 'battery-inserts'],
        )->heldWhile($held, PutRight::Battery)];
    }

    /**
     * @param  list<string>  $onTheBar codes of the steps at the bar
     * @return list<BuildStep>
     */
    public static function sensors(BuildPlan $plan, array $onTheBar): array
    {
        $sensors = $plan->circumstances->wiring->sensors;
        if ($sensors === null) {
            return [];
        }
        $isLookedAt = fn (BarSide $side): bool => $sensors->brakes->of($side) === BrakeSensing::Lever
            && $plan->circumstances->wiring->cockpit?->half($side)->newLever()?->make->hasSwitch() === true;
        $fitted = array_filter(BarSide::cases(), fn (BarSide $side) => $sensors->brakes->of($side)?->isFitted() === true && ! $isLookedAt($side));
        $on = array_map(fn (BarSide $side) => BuildStep::worded("brake-sensor-{$side->value}", BuildStep::ROUTES, Wording::of(
            match ($sensors->brakes->of($side)) {
                BrakeSensing::Lever => FittingWords::BRAKE_SENSOR_INSIDE,
                BrakeSensing::InCable => FittingWords::BRAKE_SENSOR_IN_CABLE,
                default => FittingWords::BRAKE_SENSOR,
            }, side: $side->value,
        ), after: array_values(array_intersect(["bar-on-{$side->value}", "lever-hook-{$side->value}"], $onTheBar))), array_values($fitted));
        $speed = Wording::of(
            $sensors->site === null || $sensors->site->isOnAStay() ? FittingWords::SPEED_SENSOR : FittingWords::SPEED_SENSOR_ELSEWHERE,
            where: $sensors->where(),
            gap: $sensors->speed?->band() ?? 'as its maker says',
        );

        return [
            ...$on,
            BuildStep::worded('speed-sensor', BuildStep::ROUTES, $speed, after: ['body-in'])->heldWhile($sensors->gapObjection(), PutRight::Sensors),
        ];
    }

    /** Which battery is tried where; empty while none is chosen. */
    public static function packWords(BuildPlan $plan): string
    {
        $trial = $plan->circumstances->wiring->battery;

        return $trial === null ? '' : "{$trial->pack->name}: ".lcfirst($trial->setting->site->label()).'.';
    }

    private static function inserts(?PackTrial $trial): ?InsertRow
    {
        return $trial?->pack->rail === null ? null : InsertRow::along($trial->pack->rail);
    }

    /** @param  list<Fixture>  $fixtures */
    private static function names(array $fixtures): string
    {
        return implode(', ', array_map(fn (Fixture $fixture) => $fixture->name(), $fixtures));
    }
}
