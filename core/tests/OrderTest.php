<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\Prospect;
use NeatSpindle\Core\Choosing\Fit\ShellGuesses;
use NeatSpindle\Core\Choosing\Fit\Standing;
use NeatSpindle\Core\Choosing\Order\Alternative;
use NeatSpindle\Core\Choosing\Order\Asking;
use NeatSpindle\Core\Choosing\Order\JointOrder;
use NeatSpindle\Core\Choosing\Order\Proof;
use NeatSpindle\Core\Choosing\Order\Share;
use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Choosing\Order\SurvivingOrder;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** A worked case with a poorer drawer and doubts that are wide, as they are before the strip. */
function doubtfulJob(string $name, float $doubt, int $seed): Worksheet
{
    mt_srand($seed);
    $document = Cases::document($name);
    $width = $document->bike->shell->width_mm;
    $document->bike->shell->width_mm = (object) [
        'value' => is_object($width) ? $width->value ?? $width->readings[0] : $width, 'plus_minus' => $doubt,
    ];
    foreach ($document->catalogue->spacers as $row) {
        $row->quantity = mt_rand(0, 3) === 0 ? mt_rand(1, 2) : 0;
    }

    return Worksheet::of(JobReader::read($document));
}

it('orders what builds for every truth, and nothing that could be dropped', function (string $name, float $doubt, int $seed): void {
    $sheet = doubtfulJob($name, $doubt, $seed);
    $drawer = $sheet->job->catalogue->drawer;
    $order = SurvivingOrder::of($sheet->recipe, $drawer);
    $pieces = $order->pieces ?? throw new LogicException('an order was expected');
    $proof = new Proof($sheet->recipe);

    expect($proof->holds($drawer->with($pieces)))->toBeTrue();
    foreach (array_keys($pieces) as $i) {
        $fewer = $pieces;
        unset($fewer[$i]);
        expect($proof->holds($drawer->with(array_values($fewer))))->toBeFalse();
    }
    for ($i = 0; $i < 100; $i++) {
        $truth = Scenario::at(array_map(fn () => mt_rand(-10_000, 10_000) / 10_000, array_flip(array_column(Doubtful::cases(), 'value'))));
        expect($sheet->recipe->settled($truth)->solve(new DrawerPicker($drawer->with($pieces)))->isBuilt())->toBeTrue();
    }
})->with(['hardtail-73', 'hub-gear-68', 'yoke-on-68', 'twin-plate-92', 'fat-100-long-sleeve'])->with([[0.05, 1], [0.4, 2]]);

it('orders nothing when the drawer does already', function (): void {
    $sheet = Cases::worksheet('hardtail-73');

    expect(SurvivingOrder::of($sheet->recipe, $sheet->job->catalogue->drawer)->pieces)->toBe([]);
});

it('orders nothing where no order helps, and says what stands in the way', function (): void {
    $document = Cases::document('yoke-on-68');
    $document->bike->shell->width_mm = (object) ['value' => 90.0, 'plus_minus' => 0.5];
    $sheet = Worksheet::of(JobReader::read($document));
    $order = SurvivingOrder::of($sheet->recipe, $sheet->job->catalogue->drawer);

    expect($order->pieces)->toBeNull()
        ->and($order->obstacle?->unsolved?->value)->toBe('shell_too_wide');
});

it('finds no smaller order by trying them all', function (): void {
    $sheet = doubtfulJob('hub-gear-68', 0.3, 7);
    $drawer = $sheet->job->catalogue->drawer;
    $order = SurvivingOrder::of($sheet->recipe, $drawer);
    $kinds = array_map(fn (SpacerRow $row) => new SpacerRow($row->hundredths, 1, $row->uses), $drawer->rows);
    $proof = new Proof($sheet->recipe);

    expect($order->isLeast)->toBeTrue()->and(count($order->pieces ?? []))->toBeGreaterThan(0);
    if (count($order->pieces ?? []) === 1) {
        expect($proof->holds($drawer))->toBeFalse();
    } else {
        foreach ($kinds as $kind) {
            expect($proof->holds($drawer->with([$kind])))->toBeFalse();
        }
    }
});

it('offers alternatives of which none beats another, and none that fails', function (string $name): void {
    $alternatives = Cases::worksheet($name)->alternatives();
    foreach ($alternatives as $one) {
        expect($one->stack->verdict)->not->toBe(Verdict::Fails)
            ->and(array_filter($alternatives, fn (Alternative $other) => $other->beats($one)))->toBe([]);
    }
    expect(count(array_unique(array_map(fn (Alternative $one) => $one->key(), $alternatives))))->toBe(count($alternatives));
})->with(Cases::names());

it('finds the same ways again from their drive spacers alone', function (string $name): void {
    $sheet = Cases::worksheet($name);
    $drives = array_map(fn (Alternative $one) => $one->pieces()[Place::Drive->value] ?? [], $sheet->alternatives());
    expect($sheet->alternativesWith($drives))->toEqual($sheet->alternatives());
})->with(Cases::names());

it('offers more than one way where line and symmetry pull apart', function (): void {
    expect(count(Cases::worksheet('press-fit-92')->alternatives()))->toBeGreaterThan(2);
});

it('builds with what it says to buy, and buys nothing when nothing is missing', function (string $name): void {
    $sheet = doubtfulJob($name, 0.1, 3);
    $drawer = $sheet->job->catalogue->drawer;
    $shortage = Shortage::of($sheet->recipe, $drawer);
    $bought = array_map(fn ($purchase) => new SpacerRow($purchase->hundredths, 1, [$purchase->place->use()]), $shortage->purchases);

    expect($shortage->stack->isBuilt())->toBeTrue()
        ->and($shortage->isNone())->toBe($sheet->stack->isBuilt())
        ->and(Shortage::of($sheet->recipe, $drawer->with($bought))->isNone())->toBeTrue();
})->with(['hardtail-73', 'hub-gear-68', 'yoke-on-68', 'twin-plate-92', 'fat-100-long-sleeve']);

it('says which answers may still turn while the width is doubtful, and what would settle them', function (): void {
    $document = Cases::document('trike-boom');
    $document->bike->shell->width_mm = (object) ['value' => 68.0, 'plus_minus' => 0.8];
    $job = JobReader::read($document);
    $prospects = [];
    foreach (MotorMatch::all($job->bike, Identification::of($job->bike->shell), $job->kit->ring, $job->catalogue) as $match) {
        $prospects[$match->motor->code] = Prospect::of($match, $job->catalogue->drawer);
    }

    expect($prospects['corrie-83']->standing)->toBe(Standing::Nearly)
        ->and($prospects['corrie-83']->mayTurn)->toBeTrue()
        ->and($prospects['tarn-120']->standing)->toBe(Standing::DoesNot)
        ->and($prospects['fell-68']->standing)->toBe(Standing::Goes);
});

it('says with which of the shells it may be a motor would go', function (): void {
    $job = Cases::job('which-68');
    $identification = Identification::of($job->bike->shell);
    $guesses = ShellGuesses::of($job->bike, $identification, $job->kit->ring, $job->catalogue);

    expect($identification->identified)->toBeNull()->and(count($identification->candidates))->toBeGreaterThan(1);
    foreach ($identification->candidates as $standard) {
        foreach (MotorMatch::all($job->bike, $identification->assuming($standard), $job->kit->ring, $job->catalogue) as $match) {
            expect(in_array($standard, $guesses->for($match->motor->code), true))->toBe($match->verdict() !== Verdict::Fails);
        }
    }
    expect(array_filter($guesses->goesIf))->not->toBe([]);
});

it('orders for several jobs at once what serves each, whatever the readings of all of them turn out to be', function (int $seed): void {
    mt_srand($seed);
    $names = ['hardtail-73', 'hub-gear-68', 'yoke-on-68', 'fat-100-long-sleeve'];
    $sheets = array_map(fn (string $name) => doubtfulJob($name, mt_rand(5, 40) / 100, $seed), $names);
    $drawer = $sheets[0]->job->catalogue->drawer;
    $asking = array_map(
        fn (Worksheet $sheet, int $i) => new Asking($i, $sheet->recipe, $i === 1 ? [new SpacerRow(100, 1, $drawer->rows[0]->uses)] : []),
        $sheets, array_keys($sheets),
    );
    $joint = JointOrder::of($asking, $drawer);
    $all = new Drawer([
        ...$drawer->left(), ...$asking[1]->own,
        ...array_merge(...array_map(fn (Share $share) => $share->order->pieces ?? [], $joint->shares)),
    ]);

    $taken = [];
    foreach ($joint->shares as $i => $share) {
        expect((new Proof($sheets[$i]->recipe))->holds(new Drawer($share->mayTake)))->toBe($share->order->pieces !== null);
        foreach ($share->mayTake as $row) {
            $key = $row->hundredths.' '.implode(' ', array_column($row->uses, 'value'));
            $taken[$key] = ($taken[$key] ?? 0) + $row->quantity;
        }
        for ($truth = 0; $truth < 20; $truth++) {
            $scenario = Scenario::at(
                array_map(fn () => mt_rand(-10_000, 10_000) / 10_000, array_flip(array_column(Doubtful::cases(), 'value'))),
            );
            expect($sheets[$i]->recipe->settled($scenario)->solve(new DrawerPicker(new Drawer($share->mayTake)))->isBuilt())
                ->toBe($share->order->pieces !== null);
        }
    }
    foreach ($taken as $key => $count) {
        $there = array_sum(
            array_map(
                fn (SpacerRow $row) => $row->hundredths.' '.implode(' ', array_column($row->uses, 'value')) === $key ? $row->quantity : 0,
                $all->rows,
            ),
        );
        expect($count)->toBeLessThanOrEqual($there);
    }
    expect($joint->toOrder())->not->toBe([])->and($joint->beyondHelp())->toBe([]);
})->with([1, 2, 3]);
