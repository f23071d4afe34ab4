<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Ground\Document\Cursor;

/** Reads the frame as a graph, the runs that go over it, and the leads that lie in the drawer. */
final class RoutingReader
{
    private const MOST_STRETCHES = 2_000;

    private const MOST_RUNS = 200;

    private const MOST_LEADS = 200;

    public static function read(Cursor $at): Routing
    {
        $stretches = self::eachObject($at->items('edges', 0, self::MOST_STRETCHES), self::stretch(...));
        $places = $at->peek('edges')->size() === null ? null : self::places($stretches);

        return new Routing(
            $at->optionalOneOf('rest', BodyHold::class) ?? BodyHold::Frame,
            self::allowances($at->optionalObject('allowances')),
            $stretches,
            self::eachObject($at->items('runs', 0, self::MOST_RUNS), fn (Cursor $run) => self::run($run, $places)),
            self::eachObject($at->optionalItems('extensions', 0, self::MOST_LEADS), self::lead(...)),
        );
    }

    private static function allowances(?Cursor $at): Allowances
    {
        return new Allowances(
            $at?->optionalLengthOrNone('steering_mm') ?? 80.0,
            $at?->optionalLengthOrNone('pivot_mm') ?? 40.0,
            $at?->optionalNumber('dressing_percent', 0.0, 100.0) ?? 3.0,
        );
    }

    private static function stretch(Cursor $at): Edge
    {
        return new Edge($at->text('from'), $at->text('to'), $at->lengthOrNone('length_mm'), $at->optionalTexts('tags'));
    }

    /** @param  array<array-key, true>|null  $places null where the edges cannot be read: then no end is judged */
    private static function run(Cursor $at, ?array $places): Run
    {
        $run = new Run(
            name: $at->text('run'),
            kind: $at->oneOf('kind', RunKind::class),
            from: $at->text('from'),
            to: $at->text('to'),
            supply: $at->lengthOrNone('supply_mm'),
            connector: $at->text('connector'),
            avoid: $at->optionalTexts('avoid'),
            currentA: $at->optionalPositive('current_a'),
            areaMm2: $at->optionalPositive('area_mm2'),
            via: $at->has('via') ? $at->text('via') : null,
            off: $at->optionalTexts('off'),
        );
        foreach (['from' => $run->from, 'to' => $run->to, 'via' => $run->via ?? ''] as $end => $place) {
            if ($places !== null && $place !== '' && ! isset($places[$place])) {
                $at->faultAt($end, 'No edge names this place.');
            }
        }

        return $run;
    }

    private static function lead(Cursor $at): Lead
    {
        return new Lead($at->text('connector'), $at->length('length_mm'), $at->whole('quantity', 0, 100));
    }

    /**
     * @param  list<Edge>  $stretches
     * @return array<array-key, true>
     */
    private static function places(array $stretches): array
    {
        $places = [];
        foreach ($stretches as $stretch) {
            $places[$stretch->from] = true;
            $places[$stretch->to] = true;
        }

        return $places;
    }

    /**
     * @template T
     *
     * @param  list<Cursor>  $items
     * @param  callable(Cursor): T  $read
     * @return list<T>
     */
    private static function eachObject(array $items, callable $read): array
    {
        return array_map($read, array_values(array_filter($items, fn (Cursor $item) => $item->expectObject())));
    }
}
