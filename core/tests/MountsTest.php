<?php

declare(strict_types=1);

use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** The stack of a worked case after something about it was changed. */
function solvedWith(string $name, callable $change): array
{
    $document = Cases::document($name);
    $change($document);

    return Cases::printed($document)['stack'];
}

function withoutSlotSpacers(stdClass $job): void
{
    foreach ($job->catalogue->spacers as $row) {
        $row->use = array_values(array_diff($row->use, ['slot']));
    }
}

it('cannot straddle a shell wider than the body', function (): void {
    $stack = solvedWith('yoke-on-68', fn (stdClass $job) => $job->bike->shell->width_mm = 90.0);

    expect($stack['unsolved'])->toBe('shell_too_wide')
        ->and(array_keys($stack['needed_mm']))->toBe(['drive', 'fill'])
        ->and($stack)->not->toHaveKeys(['spacers', 'engagement_mm', 'seat_mm'])
        ->and($stack['margins'])->toBe([]);
});

it('says when the yoke comes to lie outside its slot', function (): void {
    $stack = solvedWith('yoke-on-68', fn (stdClass $job) => $job->catalogue->motors->{'corrie-83'}->yoke->slot_start_mm = 95.0);

    expect($stack['unsolved'])->toBe('yoke_outside_slot')
        ->and(array_keys($stack['needed_mm']))->toBe(['drive', 'fill', 'plate', 'slot_inner', 'slot_outer']);
});

it('does not ask for the outer slot when the inner one cannot be filled', function (): void {
    $stack = solvedWith('yoke-on-68', withoutSlotSpacers(...));

    expect($stack['spacers']['slot_inner'])->toBeNull()
        ->and($stack['spacers']['slot_outer'])->toBeNull()
        ->and($stack['spacers']['crank'])->not->toBeNull()
        ->and($stack['verdict'])->toBe('fails');
});

it('leaves standing what a hand has put where the rule gives nothing', function (): void {
    $stack = solvedWith('yoke-on-68', function (stdClass $job): void {
        withoutSlotSpacers($job);
        $job->catalogue->motors->{'corrie-83'}->yoke->crank_marker_mm = 60.0;
        $job->kit->spacers = (object) ['slot_outer' => [1.0, 2.5], 'crank' => [0.5]];
    });

    expect($stack['spacers']['slot_inner'])->toBeNull()
        ->and($stack['spacers']['slot_outer'])->toBe([2.5, 1.0])
        ->and($stack['needed_mm']['crank'])->toBeLessThan(0)
        ->and($stack['spacers']['crank'])->toBe([0.5]);
});

it('never engages more thread than the body has, nor less than none', function (float $reach, float $engaged): void {
    $stack = solvedWith('yoke-on-68', fn (stdClass $job) => $job->catalogue->motors->{'corrie-83'}->yoke->cup_reach_mm = $reach);

    expect($stack['engagement_mm']['cup'])->toBe($engaged);
})->with([[200.0, 14.0], [1.0, 0.0]]);

it('says which way a twin-plate motor does not go in', function (callable $change, Unsolved $reason, array $known): void {
    $stack = solvedWith('twin-plate-92', $change);

    expect($stack['unsolved'])->toBe($reason->value)
        ->and(array_keys($stack['needed_mm']))->toBe($known)
        ->and($stack)->not->toHaveKey('effective_width_mm');
})->with([
    'pinion inboard' => [
        fn (stdClass $job) => $job->bike->twin_plate_measures->pinion_to_face_mm = 3.0, Unsolved::PinionInboardOfRing, ['drive'],
    ],
    'motor too wide' => [fn (stdClass $job) => $job->bike->shell->width_mm = 40.0, Unsolved::MotorTooWide, ['drive', 'left']],
    'no spacers' => [fn (stdClass $job) => $job->catalogue->spacers = [], Unsolved::DriveSpacers, ['drive']],
]);

it('leaves the crank bare where not even the least of it would sit on the spindle', function (): void {
    $stack = solvedWith('twin-plate-92', fn (stdClass $job) => $job->bike->twin_plate_measures->crank_gap_mm = 5.0);

    expect($stack['spacers']['crank'])->toBeNull()
        ->and($stack['verdict'])->toBe('fails')
        ->and(array_column($stack['margins'], 'name'))->toBe(['primary_alignment', 'left_gap']);
});

it('adds up every margin from the figures behind it', function (string $name): void {
    $sheet = Cases::worksheet($name);
    // A stack that nothing can be found for has no margins to add up.
    expect($sheet->stack->margins === [])->toBe($sheet->stack->unsolved !== null);
    foreach ($sheet->stack->margins as $margin) {
        $why = $sheet->why($margin->name) ?? throw new LogicException('no why');
        expect($why->isAbsolute() ? -$why->total() : $why->total())->toEqualWithDelta($margin->value, 1e-9)
            ->and(max(0.0, ...array_map(fn ($term) => $term->plusMinus, $why->terms)))->toBeLessThanOrEqual($margin->plusMinus + 1e-9);
    }
})->with(Cases::names());

it('names the reading to take again, and how sure it has to be', function (): void {
    $document = Cases::document('hardtail-73');
    $document->bike->shell->guide_depth_mm = (object) [
        'value' => $document->catalogue->motors->{'tarn-73'}->sleeve->body_gap_mm - 1.3, 'plus_minus' => 0.5,
    ];
    $sheet = Worksheet::of(JobReader::read($document));
    $why = $sheet->why(MarginName::GuideClearance);

    expect($why?->margin->verdict->value)->toBe('tight')
        ->and($why?->readingToTakeAgain()?->source->value)->toBe('guide_depth')
        ->and($why?->doubtThatSettles())->toEqualWithDelta(0.3, 1e-9)
        ->and($sheet->why(MarginName::CupEngagement))->toBeNull();
});

it('never gives a better verdict for more doubt when a hand has filled the stack', function (): void {
    mt_srand(21);
    $rank = ['clear' => 0, 'tight' => 1, 'fails' => 2];
    foreach (['by-hand', 'yoke-on-68', 'twin-plate-92', 'hardtail-73'] as $name) {
        $spacers = array_map(fn (?array $pieces) => $pieces ?? [], Cases::printed(Cases::document($name))['stack']['spacers']);
        for ($i = 0; $i < 40; $i++) {
            [$wider, $further] = [mt_rand(-50, 50) / 100, mt_rand(-300, 300) / 100];
            $verdicts = [];
            foreach ([0.0, 0.05, 0.2, 0.6, 1.5] as $doubt) {
                $verdicts[] = $rank[solvedWith($name, function (stdClass $job) use ($spacers, $wider, $further, $doubt): void {
                    $job->kit->spacers = (object) $spacers;
                    $width = is_object($job->bike->shell->width_mm)
                        ? $job->bike->shell->width_mm->value ?? $job->bike->shell->width_mm->readings[0]
                        : $job->bike->shell->width_mm;
                    $job->bike->shell->width_mm = (object) ['value' => $width + $wider, 'plus_minus' => $doubt];
                    foreach ($job->bike->chainstay->profile ?? [] as $point) {
                        $value = is_object($point->outboard_mm)
                            ? $point->outboard_mm->value ?? $point->outboard_mm->readings[0]
                            : $point->outboard_mm;
                        $point->outboard_mm = (object) ['value' => $value + $further, 'plus_minus' => $doubt];
                    }
                })['verdict']];
            }
            $sorted = $verdicts;
            sort($sorted);
            expect($verdicts)->toBe($sorted);
        }
    }
});

it('sorts equal matches by the bytes of their codes, numbers or not', function (): void {
    $document = Cases::document('hardtail-73');
    $motor = $document->catalogue->motors->{'tarn-73'};
    $document->catalogue->motors = (object) ['20' => $motor, '100' => $motor, '1e2' => $motor, 'tarn-73' => $motor, '9' => $motor];

    expect(array_column(Cases::printed($document)['match'], 'motor'))->toBe(['100', '1e2', '20', '9', 'tarn-73']);
});
