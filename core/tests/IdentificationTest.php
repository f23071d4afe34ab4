<?php

declare(strict_types=1);

use NeatSpindle\Core\Donor\Shell\Evidence;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Rotation;

/** A shell with some of its evidence known, as chance has it. */
function someShell(): Shell
{
    $known = fn () => mt_rand(0, 2) > 0;
    $standard = ShellStandard::cases()[mt_rand(0, 12)];
    $width = $standard->widths()[array_rand($standard->widths())] + mt_rand(-90, 90) / 100;
    $bore = array_sum($standard->bore()) / 2 + mt_rand(-60, 60) / 100;

    return new Shell(
        Measurement::within($width, mt_rand(0, 40) / 100),
        $known() ? Measurement::within($bore, mt_rand(0, 20) / 100) : null,
        $known() ? $standard->isThreaded() : null,
        $known() ? Measurement::within(($standard->pitch() ?? 1.0) + mt_rand(-3, 3) / 100, 0.01) : null,
        $known() ? Rotation::cases()[mt_rand(0, 1)] : null,
    );
}

it('sorts every standard into one of two lists', function (): void {
    mt_srand(1);
    for ($i = 0; $i < 500; $i++) {
        $found = Identification::of(someShell());
        $codes = [...array_map(fn (ShellStandard $s) => $s->value, $found->candidates), ...array_keys($found->ruledOut)];
        expect($codes)->toHaveCount(13)->and(array_unique($codes))->toHaveCount(13);
    }
});

it('never identifies what a reading rules out, and never asks for what is known', function (): void {
    mt_srand(2);
    for ($i = 0; $i < 500; $i++) {
        $shell = someShell();
        $found = Identification::of($shell);
        foreach ($found->candidates as $candidate) {
            foreach (Evidence::cases() as $evidence) {
                expect($evidence->rulesOut($candidate, $shell))->toBeFalse();
            }
        }
        expect($found->next?->isKnownOf($shell) ?? false)->toBeFalse();
    }
});

it('rules out no more when a reading is more doubtful', function (): void {
    mt_srand(3);
    for ($i = 0; $i < 300; $i++) {
        $shell = someShell();
        $doubtful = new Shell(
            Measurement::within($shell->width->value, $shell->width->plusMinus + 0.5),
            $shell->bore, $shell->threaded, $shell->threadPitch, $shell->driveCupLoosens,
        );
        expect(count(Identification::of($doubtful)->candidates))->toBeGreaterThanOrEqual(count(Identification::of($shell)->candidates));
    }
});

it('asks for the measurement that splits best', function (Shell $shell, ?string $next): void {
    expect(Identification::of($shell)->next?->value)->toBe($next);
})->with([
    'french or swiss: which way the cup turned' => [
        new Shell(Measurement::exactly(68.0), Measurement::exactly(34.0), true, Measurement::exactly(1.0)), 'drive_cup_loosens',
    ],
    'a width of 68 alone: across the bore' => [new Shell(Measurement::exactly(68.0)), 'bore_mm'],
    'one left: nothing' => [new Shell(Measurement::exactly(70.0), Measurement::exactly(35.0), true), null],
    'nothing known would tell them apart' => [
        new Shell(Measurement::exactly(83.0), Measurement::within(40.0, 8.0), true, Measurement::within(1.03, 0.05), Rotation::Clockwise),
        null,
    ],
]);

it('names the single reading that, dropped, would leave an answer', function (): void {
    $shell = new Shell(Measurement::exactly(73.0), Measurement::exactly(35.0), true, Measurement::exactly(1.058), Rotation::Clockwise);
    $found = Identification::of($shell);
    expect($found->candidates)->toBe([])
        ->and($found->leftWithout())->toBe(['bore_mm' => [ShellStandard::Bsa]]);

    $dropped = Identification::of(new Shell($shell->width, null, true, $shell->threadPitch, $shell->driveCupLoosens));
    expect($dropped->candidates)->toBe([ShellStandard::Bsa]);
});

it('would find what it says it would, whenever nothing is left', function (): void {
    mt_srand(4);
    for ($i = 0; $i < 400; $i++) {
        $shell = someShell();
        $without = [
            'threaded' => new Shell($shell->width, $shell->bore, null, $shell->threadPitch, $shell->driveCupLoosens),
            'bore_mm' => new Shell($shell->width, null, $shell->threaded, $shell->threadPitch, $shell->driveCupLoosens),
            'thread_pitch_mm' => new Shell($shell->width, $shell->bore, $shell->threaded, null, $shell->driveCupLoosens),
            'drive_cup_loosens' => new Shell($shell->width, $shell->bore, $shell->threaded, $shell->threadPitch),
        ];
        foreach (array_intersect_key(Identification::of($shell)->leftWithout(), $without) as $evidence => $standards) {
            expect(Identification::of($without[$evidence])->candidates)->toBe($standards);
        }
    }
});
