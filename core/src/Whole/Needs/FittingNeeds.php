<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

use NeatSpindle\Core\Fitting\Battery\InsertRow;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Holding\Build\Circumstances;

/** What battery, bar and sensors need beside what hangs on the motor. */
final class FittingNeeds
{
    /** @return list<array{string, int, string}> what, how many, and the step that waits for it */
    public static function of(Circumstances $circumstances): array
    {
        return [...self::battery($circumstances), ...self::bar($circumstances), ...self::sensors($circumstances), ...self::caps($circumstances)];
    }

    /** @return list<array{string, int, string}> */
    private static function battery(Circumstances $circumstances): array
    {
        $trial = $circumstances->wiring->battery;
        if ($trial === null) {
            return [];
        }
        $inserts = $trial->pack->rail === null ? null : InsertRow::along($trial->pack->rail);
        $fixing = $trial->setting->fixing;
        $parts = $fixing?->parts($inserts);

        return [
            ["Battery {$trial->pack->name}, {$trial->pack->volts} V, with its key and charger", 1, 'try-battery'],
            ...($fixing === null || $parts === null ? [] : [[$parts, $fixing->count($inserts), 'battery-rail']]),
        ];
    }

    /** @return list<array{string, int, string}> */
    private static function bar(Circumstances $circumstances): array
    {
        $cockpit = $circumstances->wiring->cockpit;
        $part = $cockpit?->display?->part();
        $new = array_filter($cockpit->fixtures ?? [], fn (Fixture $fixture) => $fixture->isNew && $fixture->kind !== FixtureKind::Display);

        return [
            ...($part === null ? [] : [[ucfirst($part).', for the display', 1, 'display']]),
            ...array_map(fn (Fixture $fixture) => [
                "{$fixture->kind->label()}, {$fixture->side->value}".($fixture->make === Make::Plain ? '' : ", {$fixture->make->label()}"),
                1, "bar-on-{$fixture->side->value}",
            ], array_values($new)),
        ];
    }

    /** @return list<array{string, int, string}> */
    private static function caps(Circumstances $circumstances): array
    {
        return array_map(
            fn (int $i, Run $run) => ["Cap for the unused plug of the {$run->name}", 1, "cap-{$i}"], array_keys($circumstances->wiring->unused), $circumstances->wiring->unused,
        );
    }

    /** @return list<array{string, int, string}> */
    private static function sensors(Circumstances $circumstances): array
    {
        $sensors = $circumstances->wiring->sensors;
        $needs = $sensors?->hasGearSensor !== true ? [] : [
            ['Gear sensor for the cable', 1, 'gear-through'], ['Inner gear cable with an end cap', 1, 'gear-through'],
            ['Gear housing, in metres', 1, 'gear-housing'], ['Housing ferrules', 4, 'gear-housing'],
        ];
        foreach (BarSide::cases() as $side) {
            $sensing = $sensors?->brakes->of($side);
            $isInside = $sensing === BrakeSensing::Lever && $circumstances->wiring->cockpit?->lever($side)?->hasSwitch() === true;
            $part = $isInside ? null : $sensing?->part();
            $part === null ?: $needs[] = ["{$part}, {$side->value}", 1, "brake-sensor-{$side->value}"];
        }

        return $needs;
    }
}
