<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Sum;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** @param  callable(stdClass): mixed  $alter */
function stackAfter(callable $alter, string $name = 'hardtail-73'): Stack
{
    $document = Cases::document($name);
    $alter($document);

    return Worksheet::of(JobReader::read($document))->stack ?? throw new LogicException('no stack');
}

/** @param  list<float>  $pieces */
function withDrive(array $pieces): Closure
{
    return fn (stdClass $document) => $document->kit->spacers = (object) ['drive' => $pieces, 'plate' => [], 'nut' => [], 'boss' => []];
}

it('moves every margin one way as a drive spacer grows', function (): void {
    $rises = [MarginName::CaseToChainstay, MarginName::RingToChainstay, MarginName::ThreadStart, MarginName::BossGap];
    $falls = [MarginName::NutEngagement, MarginName::LockringEngagement];
    $before = null;
    for ($mm = 0.5; $mm <= 12; $mm += 0.5) {
        $stack = stackAfter(withDrive([$mm]));
        foreach ($before === null ? [] : $rises as $name) {
            expect($stack->margin($name)?->value)->toEqualWithDelta($before->margin($name)?->value + 0.5, 1e-9);
        }
        foreach ($before === null ? [] : $falls as $name) {
            expect($stack->margin($name)?->value)->toEqualWithDelta($before->margin($name)?->value - 0.5, 1e-9);
        }
        $before = $stack;
    }
});

it('never gives a better verdict for more doubt when the stack is filled by hand', function (): void {
    $worst = 0;
    foreach ([0.0, 0.1, 0.4, 0.9, 2.0, 6.0] as $doubt) {
        $stack = stackAfter(function (stdClass $document) use ($doubt): void {
            withDrive([3.0, 1.0])($document);
            $document->bike->shell->width_mm = (object) ['value' => 73.04, 'plus_minus' => $doubt];
        });
        $rank = (int) array_search($stack->verdict, Verdict::cases(), true);
        expect($rank)->toBeGreaterThanOrEqual($worst);
        $worst = $rank;
    }
});

it('judges a margin by its slack against its doubt', function (
    MarginName $name, float $value, float $doubt, float $limit, Verdict $verdict
): void {
    $sum = new Sum([[Source::ShellWidth, 'Shell’s width', Measurement::within($value, $doubt)]]);

    expect(Margin::of($name, $sum, $limit)->verdict)->toBe($verdict);
})->with([
    [MarginName::NutEngagement, 6.5, 0.1, 6.4, Verdict::Clear],
    [MarginName::NutEngagement, 6.45, 0.1, 6.4, Verdict::Tight],
    [MarginName::NutEngagement, 6.4, 0.0, 6.4, Verdict::Clear],
    [MarginName::NutEngagement, 6.39, 0.1, 6.4, Verdict::Fails],
    [MarginName::CrankAsymmetry, 7.9, 0.1, 8.0, Verdict::Clear],
    [MarginName::CrankAsymmetry, 8.1, 0.0, 8.0, Verdict::Fails],
]);

it('says what it lacks and nothing else', function (callable $empty, Unsolved $step, array $known): void {
    $stack = stackAfter($empty);
    expect($stack->unsolved)->toBe($step)
        ->and($stack->verdict)->toBe(Verdict::Fails)
        ->and(array_keys($stack->needed))->toBe($known)
        ->and($stack->margins)->toBe([])
        ->and($stack->limitedBy())->toBe($step);
})->with([
    'drive' => [fn ($d) => $d->catalogue->spacers = [], Unsolved::DriveSpacers, ['drive']],
    'plate' => [function ($d): void {
        $d->catalogue->motors->{'tarn-73'}->sleeve->boss_plane_mm = 100;
        $d->catalogue->spacers = [(object) ['thickness_mm' => 4, 'quantity' => 1, 'use' => ['drive']]];
    }, Unsolved::PlateSpacers, ['drive', 'plate']],
    'nut' => [function ($d): void {
        $d->catalogue->motors->{'tarn-73'}->sleeve->thread_length_mm = 4;
        $d->catalogue->spacers = [(object) ['thickness_mm' => 4, 'quantity' => 1, 'use' => ['drive']]];
    }, Unsolved::NutSpacers, ['drive', 'plate', 'boss', 'nut']],
]);

it('notes what no margin says, in order', function (callable $alter, array $notes, Verdict $verdict): void {
    $stack = stackAfter($alter);
    expect($stack->notes)->toBe($notes)->and($stack->verdict)->toBe($verdict);
})->with([
    'nothing' => [fn ($d) => null, [], Verdict::Clear],
    'not identified' => [function ($d): void {
        $d->bike->shell = (object) ['width_mm' => 73];
    }, [Note::ShellNotIdentified], Verdict::Tight],
    'needs an insert' => [fn ($d) => $d->catalogue->motors->{'tarn-73'}->native_shells = ['t47'], [Note::ShellNeedsInsert], Verdict::Fails],
    'the wrong insert' => [fn ($d) => $d->kit->insert = 'press-41', [Note::InsertDoesNotSuit], Verdict::Fails],
    'teeth on carbon' => [fn ($d) => $d->bike->frame_material = 'carbon', [Note::ToothedPlateOnCarbon], Verdict::Fails],
    'stay not measured' => [function ($d): void {
        unset($d->bike->chainstay);
    }, [Note::CaseNotMeasured, Note::RingNotMeasured], Verdict::Tight],
]);

it('lets a place filled by hand stand, and takes nothing from the drawer for it', function (): void {
    $document = Cases::document();
    $document->catalogue->spacers = [(object) ['thickness_mm' => 1.6, 'quantity' => 1, 'use' => ['boss']]];
    $document->kit->spacers = (object) ['drive' => [1, 7.77]];
    $stack = Worksheet::of(JobReader::read($document))->stack;

    expect($stack?->unsolved)->toBeNull()
        ->and($stack?->spacers['drive']?->pieces)->toBe([7.77, 1.0])
        ->and($stack?->spacers['plate']?->pieces)->toBe([])
        ->and($stack?->spacers['boss'])->toBeNull()
        ->and($stack?->verdict)->toBe(Verdict::Fails);
});

it('rounds only what it prints', function (): void {
    $document = Cases::document();
    $document->bike->shell->width_mm = 73.044999;
    $job = JobReader::read($document);
    $sheet = Worksheet::of($job);

    expect($sheet->stack->base['effective_width_mm'])->toBe(73.044999)
        ->and(Cases::printed($document)['stack']['effective_width_mm'])->toBe(73.04)
        ->and($sheet->chainline?->front)->toEqualWithDelta(73.044999 / 2 + 11.8, 1e-9);
});
