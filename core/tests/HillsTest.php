<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Fit\RingChoice;
use NeatSpindle\Core\Choosing\Fit\RingOption;
use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Choosing\Hill\SteadySpeed;
use NeatSpindle\Core\Choosing\Ride\Profile;
use NeatSpindle\Core\Choosing\Ride\Ride;
use NeatSpindle\Core\Choosing\Ride\Rider;
use NeatSpindle\Core\Choosing\Ride\Track;
use NeatSpindle\Core\Choosing\Ride\TrackPoint;
use NeatSpindle\Core\Sums\Gearing\Gears;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** A straight track northwards, a point every so many metres, with these heights. */
function trackOf(array $heights, float $every = 25.0): Profile
{
    return Profile::of(
        new Track([
            array_map(
                fn (?float $height, int $i) => new TrackPoint($i * $every / 111_194.93, 0.0, $height), $heights, array_keys($heights),
            ),
        ]),
    );
}

/** Every ring on the bike of a sheet. */
function hillChoice(Worksheet $sheet): RingChoice
{
    return RingChoice::of($sheet->trial(), $sheet->job->catalogue->rings);
}

function hillSheet(float $grade, float $mass, string $name = 'hardtail-73'): Worksheet
{
    $document = Cases::document($name);
    $document->climb = (object) ['grade_percent' => $grade, 'mass_kg' => $mass];

    return Worksheet::of(JobReader::read($document));
}

it('solves the climb’s own equation', function (): void {
    mt_srand(41);
    for ($i = 0; $i < 300; $i++) {
        $load = new Load(mt_rand(60, 300), mt_rand(0, 300), 25.0, mt_rand(1, 40) / 1000, mt_rand(0, 120) / 100);
        $power = 0.95 * (mt_rand(100, 1500) + $load->riderW);
        $slope = mt_rand(0, 45) / 100;
        $speed = SteadySpeed::of($power, $slope, $load);
        expect($speed * $load->resistance($speed, $slope))->toEqualWithDelta($power, 1e-6);
    }
});

it('stands still with no power up a hill, and rolls down one until the air holds it', function (): void {
    $load = new Load(120.0, 0.0);
    $down = SteadySpeed::of(0.0, -0.06, $load);

    expect(SteadySpeed::of(0.0, 0.05, $load))->toEqualWithDelta(0.0, 1e-9)
        ->and($load->resistance($down, -0.06))->toEqualWithDelta(0.0, 1e-6)
        ->and($down)->toBeGreaterThan(5.0);
});

it('is slower up a steeper hill and with more to carry, and needs more torque', function (): void {
    $sheet = hillSheet(6.0, 110.0);
    $climb = fn (float $grade, float $mass) => Climb::of($sheet->job->kit->motor, $sheet->gears, new Load($mass), $grade);

    expect($climb(10, 110)->speed)->toBeLessThan($climb(6, 110)->speed)
        ->and($climb(6, 220)->speed)->toBeLessThan($climb(6, 110)->speed)
        ->and($climb(10, 110)->force)->toBeGreaterThan($climb(6, 110)->force);
});

it('finds the steepest grade that still pulls: a tenth more and no gear does', function (): void {
    $sheet = hillSheet(6.0, 110.0);
    $motor = $sheet->job->kit->motor;
    $steepest = Climb::steepest($motor, $sheet->gears, new Load(140.0)) ?? throw new LogicException('it pulls none');

    expect(Climb::of($motor, $sheet->gears, new Load(140.0), $steepest)->pulls())->toBeTrue();
    if ($steepest < 45) {
        expect(Climb::of($motor, $sheet->gears, new Load(140.0), $steepest + 0.1)->pulls())->toBeFalse();
    }
});

it('merges gears in order, none within one percent of the next', function (array $cogs, array $hub): void {
    $document = Cases::document();
    $document->bike->rear->cogs = $cogs;
    $document->bike->rear->hub_ratios = $hub;
    unset($document->bike->rear->use);
    $job = JobReader::read($document);
    $gears = Gears::of($job->bike, $job->kit->ring);
    $merged = $gears->merged();

    expect(count($gears->gears))->toBe(count($cogs) * count($hub));
    for ($i = 1; $i < count($merged); $i++) {
        expect($merged[$i]->development / $merged[$i - 1]->development)->toBeGreaterThan(1.01);
    }
    foreach ($gears->gears as $gear) {
        expect(array_filter($merged, fn ($one) => abs($gear->development / $one->development - 1) <= 0.0101))->not->toBe([]);
    }
    expect($gears->lowest()->development)->toBe(min(array_map(fn ($gear) => $gear->development, $gears->gears)))
        ->and(count($gears->steps()))->toBe(count($merged) - 1);
})->with([
    'nine cogs' => [[11, 13, 15, 17, 20, 23, 26, 30, 34], [1.0]],
    'a hub of fourteen' => [[16], [0.279, 0.316, 0.36, 0.409, 0.464, 0.528, 0.6, 0.682, 0.774, 0.881, 1.0, 1.135, 1.292, 1.467]],
    'cogs times a hub that overlap' => [[11, 13, 15, 17, 20, 23, 26, 30, 34], [0.73, 1.0, 1.36]],
    'one' => [[18], [1.0]],
]);

it('uses nothing up on a loop with no wind and no losses', function (): void {
    mt_srand(42);
    $heights = [200.0];
    for ($i = 1; $i < 400; $i++) {
        $heights[] = $heights[$i - 1] + mt_rand(-20, 20) / 10;
    }
    $heights = [...$heights, ...array_reverse($heights)];
    $profile = trackOf($heights);

    expect(Ride::workAgainstGravity($profile, new Load(120.0, 0.0, 0.0, 0.0, 0.0)))
        ->toEqualWithDelta(0.0, 1e-6 * 120 * 9.81 * $profile->ascent());
});

it('smooths heights that waver, and keeps where the road starts and ends', function (): void {
    mt_srand(43);
    $heights = array_map(fn (int $i) => 100 + $i * 0.5 + mt_rand(-30, 30) / 10, range(0, 400));
    $profile = trackOf($heights);

    expect($profile->rawAscent)->toBeGreaterThan(2 * $profile->ascent())
        ->and($profile->ascent())->toBeGreaterThan(180.0)->toBeLessThan(300.0)
        ->and($profile->heights[0])->toBe($heights[0])
        ->and($profile->length)->toEqualWithDelta(10_000.0, 1.0);
});

it('lays missing and impossible heights on the line between their neighbours', function (): void {
    $profile = trackOf([100.0, null, 9999.0, 103.0, null, 105.0, -9000.0, 107.0]);

    expect(max($profile->heights))->toBeLessThanOrEqual(107.0)->and(min($profile->heights))->toBeGreaterThanOrEqual(100.0)
        ->and(trackOf([null, null, null])->hasHeights())->toBeFalse()
        ->and(trackOf([null, null, null])->length)->toBeGreaterThan(0.0);
});

it('does not ride the way between two parts of a track', function (): void {
    $part = fn (float $latitude) => [new TrackPoint($latitude, 0.0, 10.0), new TrackPoint($latitude + 0.001, 0.0, 10.0)];

    expect(Profile::of(new Track([$part(1.0), $part(2.0)]))->length)->toEqualWithDelta(222.4, 0.5)
        ->and(Profile::of(new Track([]))->length)->toBe(0.0);
});

it('takes longer and more out of the battery up a hill, and walks what no gear carries', function (): void {
    $sheet = hillSheet(6.0, 110.0);
    $ride = fn (array $heights, float $mass) => Ride::of(
        trackOf($heights), $sheet->job->kit->motor, $sheet->gears, new Rider(new Load($mass)),
    );
    $flat = $ride(array_fill(0, 200, 50.0), 110.0);
    $hill = $ride(array_map(fn (int $i) => $i * 1.5, range(0, 199)), 110.0);
    $wall = $ride(array_map(fn (int $i) => $i * 11.0, range(0, 199)), 300.0);

    expect($hill->usedWh())->toBeGreaterThan($flat->usedWh())
        ->and($hill->seconds)->toBeGreaterThan($flat->seconds)
        ->and($flat->walked())->toBe(0.0)
        ->and($wall->walked())->toBeGreaterThan(4_000.0)
        ->and($flat->range())->toBeGreaterThan($flat->profile->length);
    foreach ($hill->stretches as $stretch) {
        expect($stretch->gear)->not->toBeNull()->and($stretch->pull)->not->toBe(Pull::Stalls);
    }
});

it('is the same ride when it is read back from what was kept of it', function (): void {
    $sheet = hillSheet(6.0, 110.0);
    $profile = trackOf([
        ...array_map(fn (int $i) => $i * 0.9, range(0, 120)), ...array_map(fn (int $i) => 108 - $i * 1.1, range(0, 90)),
        ...array_map(fn (int $i) => 9 + $i * 11.0, range(0, 40)),
    ]);
    $rider = new Rider(new Load(110.0), 1.0, 25 / 3.6);
    $ride = Ride::of($profile, $sheet->job->kit->motor, $sheet->gears, $rider);
    expect(Ride::kept($profile, $sheet->gears, $rider, unserialize(serialize($ride->toArray($sheet->gears)))))->toEqual($ride);
});

it('leaves the rider alone past the cut-off', function (): void {
    $sheet = hillSheet(0.0, 90.0);
    $ride = Ride::of(trackOf(array_fill(0, 100, 50.0)), $sheet->job->kit->motor, $sheet->gears, new Rider(new Load(90.0), 1.0, 25 / 3.6));

    expect(max(array_map(fn ($stretch) => $stretch->speed, $ride->stretches)))->toBeLessThanOrEqual(25 / 3.6 + 1e-6);
});

it('ranks rings: those that are out last, those no other beats first', function (string $name): void {
    $sheet = Cases::worksheet($name);
    $choice = RingChoice::of($sheet->trial(), $sheet->job->catalogue->rings);
    $out = array_map(fn (RingOption $option) => $option->isOut(), $choice->options);
    $sorted = $out;
    sort($sorted);

    expect($out)->toBe($sorted)->and(count($choice->options))->toBe(count($sheet->job->catalogue->rings));
    foreach ($choice->options as $option) {
        if ($choice->isUndominated($option)) {
            expect(
                array_filter(
                    $choice->options,
                    fn (RingOption $other) => ! $other->isOut() && $other->climbs() >= $option->climbs() && $other->beats($option),
                ),
            )
                ->toBe([]);
        }
    }
})->with(Cases::names());

it('names a ring for the hill only when its gears pull it', function (): void {
    $easy = hillChoice(hillSheet(4.0, 100.0))->forTheHill();
    $wall = hillChoice(hillSheet(40.0, 400.0))->forTheHill();

    expect($easy?->climbs())->toBeTrue()->and($wall)->toBeNull();
});
