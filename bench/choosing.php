<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Fit\Prospect;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Choosing\Order\SurvivingOrder;
use NeatSpindle\Core\Choosing\Ride\Profile;
use NeatSpindle\Core\Choosing\Ride\Ride;
use NeatSpindle\Core\Choosing\Ride\Rider;
use NeatSpindle\Core\Choosing\Ride\Track;
use NeatSpindle\Core\Choosing\Ride\TrackPoint;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Drawer\Span;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Job\Job;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

/*
 * How choosing spacers grows with the drawer, how long matching forty motors takes, and how long the largest
 * document the contract allows. One process; the best of some rounds.
 */

require __DIR__.'/../vendor/autoload.php';

/** @return list<SpacerRow> so many kinds, no two alike, none a round figure */
function kinds(int $count, int $each): array
{
    return array_map(fn (int $i) => new SpacerRow(11 + 37 * $i % 2399, $each, [SpacerUse::Drive]), range(1, $count));
}

/** The best of five, in milliseconds. */
function best(callable $do): float
{
    $best = INF;
    for ($round = 0; $round < 5; $round++) {
        $start = hrtime(true);
        $do();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

/** @return array<string, mixed> the worked hardtail */
function document(): array
{
    /** @var array<string, mixed> $document */
    $document = json_decode((string) file_get_contents(__DIR__.'/../core/tests/cases/hardtail-73.job.json'), true, flags: JSON_THROW_ON_ERROR);

    return $document;
}

/** @param  array<string, mixed>  $document */
function job(array $document): Job
{
    return JobReader::fromJson(json_encode($document, JSON_THROW_ON_ERROR));
}

/**
 * The worked hardtail with so many motors, each a little different from the next.
 *
 * @return array<string, mixed>
 */
function withMotors(int $count): array
{
    $document = document();
    /** @var array{motors: array<string, array{mount: string}>} $catalogue */
    $catalogue = $document['catalogue'];
    $motors = array_values(array_filter($catalogue['motors'], fn (array $motor) => $motor['mount'] !== 'twin-plate'));
    for ($i = 1; $i < $count; $i++) {
        $motor = $motors[$i % count($motors)];
        /** @var array{case_standoff_mm: float} $held */
        $held = $motor[$motor['mount']] ?? [];
        $catalogue['motors']["motor-{$i}"] = [$motor['mount'] => ['case_standoff_mm' => $held['case_standoff_mm'] - 0.13 * ($i % 70)] + $held] + $motor;
    }
    $catalogue['motors'] = array_slice($catalogue['motors'], 0, $count, true);

    return ['catalogue' => $catalogue] + $document;
}

/** The largest the contract allows: 2,000 motors, 300 rows of 1,000 spacers, 2,000 stretches, 200 runs, 200 rows of leads. */
function largest(): string
{
    mt_srand(7);
    $document = withMotors(2_000);
    $place = fn () => 'place-'.mt_rand(0, 299);
    $uses = ['drive', 'plate', 'nut', 'boss', 'slot', 'crank'];
    $spacers = array_map(fn (int $i) => ['thickness_mm' => (11 + 37 * $i % 2399) / 100, 'quantity' => 1_000, 'use' => $uses], range(1, 300));
    $routing = [
        'edges' => array_map(fn (int $i) => ['from' => 'place-'.$i % 300, 'to' => $place(), 'length_mm' => mt_rand(10, 200)], range(0, 1_999)),
        'runs' => array_map(fn (int $i) => [
            'run' => "run-{$i}", 'kind' => 'signal', 'from' => $place(), 'to' => $place(), 'supply_mm' => 10, 'connector' => 'plug',
        ], range(0, 199)),
        'extensions' => array_map(fn (int $i) => ['connector' => 'plug', 'length_mm' => 20 + $i, 'quantity' => 100], range(0, 199)),
    ];

    return json_encode(['catalogue' => ['spacers' => $spacers] + (array) $document['catalogue'], 'routing' => $routing] + $document, JSON_THROW_ON_ERROR);
}

/** The worked hardtail before the strip, with two thirds of its drawer empty. */
function doubtful(): Job
{
    $document = document();
    /** @var array{spacers: list<array<string, mixed>>} $catalogue */
    $catalogue = $document['catalogue'];
    foreach ($catalogue['spacers'] as $i => $row) {
        $catalogue['spacers'][$i] = ['quantity' => $i % 3 === 0 ? 1 : 0] + $row;
    }
    /** @var array{shell: array<string, mixed>} $bike */
    $bike = $document['bike'];

    return job(['catalogue' => $catalogue, 'bike' => ['shell' => ['width_mm' => ['value' => 73.0, 'plus_minus' => 0.8]] + $bike['shell']] + $bike] + $document);
}

echo "Choosing for a span of 25 mm, every answer worked out anew:\n";
foreach ([1, 1_000] as $each) {
    foreach ([10, 30, 100, 300] as $count) {
        $drawer = fn () => new Drawer(kinds($count, $each));
        $first = best(fn () => $drawer()->choose(Span::atLeast(17.03, 25), Place::Drive));
        $kept = $drawer();
        $asked = 0;
        $next = best(function () use ($kept, &$asked): void {
            for ($i = 0; $i < 100; $i++) {
                $kept->choose(Span::atLeast(0.5 + 0.05 * $asked++, 25), Place::Drive);
            }
        }) / 100;
        printf("  %4d kinds of %5d   first %8.3f ms   each of a hundred more %8.4f ms\n", $count, $each, $first, $next);
    }
}

$forty = job(withMotors(40));
printf("%-48s %8.2f ms\n", 'a worksheet with matching over 40 motors', best(fn () => WorksheetPrinter::toArray(Worksheet::of($forty))));

$many = Worksheet::of(job(withMotors(1_990)));
printf("%-48s %8.0f ms\n", 'what may become of 1,990 motors on one bike', best(function () use ($many): void {
    foreach ($many->match() as $match) {
        Prospect::of($match, $many->job->catalogue->drawer);
    }
}));

$early = Worksheet::of(doubtful());
printf("%-48s %8.0f ms\n", 'the order that survives a doubt of 0.8 mm', best(fn () => SurvivingOrder::of($early->recipe, $early->job->catalogue->drawer)));

$largest = largest();
$compute = fn () => json_encode(WorksheetPrinter::toArray(Worksheet::of(JobReader::fromJson($largest))), JSON_THROW_ON_ERROR);
printf("%-48s %8.0f ms\n", 'the largest document, from text to worksheet', best($compute));

$points = array_map(fn (int $i) => new TrackPoint(5 + $i * 10 / 111_195, -20.0, 200 + 30 * sin($i / 90) + sin($i * 1.7)), range(0, 19_999));
printf("%-48s %8.0f ms\n", 'a road of 20,000 points, 200 km, smoothed', best(fn () => Profile::of(new Track([$points]))));
$road = Profile::of(new Track([$points]));
$sheet = Worksheet::of(job(document()));
printf("%-48s %8.0f ms\n", 'that road ridden', best(fn () => Ride::of($road, $sheet->job->kit->motor, $sheet->gears, new Rider(new Load(120.0)))));
