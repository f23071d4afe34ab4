<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Fit\RingChoice;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Parts\Part\RingMounting;
use NeatSpindle\Core\Parts\Part\Spider;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\ExtrasReader;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

function crab(): Spider
{
    return new Spider('crab', 130.0, 6.0, ['tarn-73']);
}

/** @return array<string, RingMounting> by their words */
function waysOn(bool $isReversible, ?float $circle): array
{
    $ways = RingMounting::all($isReversible, $circle, [crab(), new Spider('newt', 104.0, 4.0, [])]);

    return array_combine(array_map(fn (RingMounting $way) => $way->words(), $ways), $ways);
}

it('puts a ring on in every way its bolts and its teeth allow', function (bool $isReversible, ?float $circle, array $words): void {
    expect(array_keys(waysOn($isReversible, $circle)))->toBe($words);
})->with([
    'nothing said' => [false, null, ['']],
    'reversible' => [true, null, ['', 'turned']],
    'of the spider’s circle' => [false, 130.4, ['', 'on crab', 'inside crab']],
    'both' => [true, 130.0, ['', 'on crab', 'inside crab', 'turned', 'turned on crab', 'turned inside crab']],
    'of no circle we have' => [false, 110.0, ['']],
]);

it('moves the teeth by the spider’s thickness outwards or the ring’s own inwards', function (): void {
    $ways = waysOn(true, 130.0);
    expect(array_map(fn (RingMounting $way) => $way->dish(2.0, 3.5), $ways))->toBe([
        '' => 2.0, 'on crab' => -4.0, 'inside crab' => 5.5, 'turned' => -2.0, 'turned on crab' => -8.0, 'turned inside crab' => 1.5,
    ]);
});

it('bolts where the circles agree or a spider knows the motor, and holds nothing unsaid against a ring', function (): void {
    $ways = waysOn(false, 130.0);
    expect($ways['']->boltsTo('tarn-73', 104.0, 130.0))->toBeFalse()
        ->and($ways['']->boltsTo('tarn-73', null, 130.0))->toBeTrue()
        ->and($ways['']->boltsTo('tarn-73', 104.0, null))->toBeTrue()
        ->and($ways['on crab']->boltsTo('tarn-73', 104.0, 130.0))->toBeTrue()
        ->and($ways['on crab']->boltsTo('fell-68', 104.0, 130.0))->toBeFalse();
});

it('leaves a ring out of the choice that is not named, and puts one last that does not bolt on', function (): void {
    $sheet = Worksheet::of(JobReader::read(Cases::document()));
    $all = RingChoice::of($sheet->trial(), $sheet->job->catalogue->rings);
    $best = $all->options[0]->ring->code;
    $other = $all->options[1]->ring->code;
    $choice = RingChoice::of($sheet->trial(), $sheet->job->catalogue->rings, [$best => false, $other => true]);

    expect(array_map(fn ($option) => $option->ring->code, $choice->options))->toBe([$other, $best])
        ->and($choice->options[1]->isOut())->toBeTrue()
        ->and($choice->isUndominated($choice->options[1]))->toBeFalse()
        ->and($choice->forTheHill()?->ring->code)->toBe($other);
});

it('reads spiders and bolt circles, with every fault at its pointer', function (): void {
    $catalogue = Cases::document()->catalogue;
    expect(ExtrasReader::read($catalogue)['spiders'])->toBe([]);
    $catalogue->spiders = (object) ['crab' => (object) ['bolt_circle_mm' => 130, 'thickness_mm' => 6, 'motors' => ['tarn-73']]];
    expect(ExtrasReader::read($catalogue)['spiders'])->toEqual([crab()]);

    $catalogue->spiders->crab->thickness_mm = 0;
    $catalogue->spiders->newt = 7;
    $catalogue->rings->{'flat-42'}->bolt_circle_mm = 'wide';
    $catalogue->motors->{'tarn-73'}->ring_bolt_circle_mm = -1;
    try {
        ExtrasReader::read($catalogue);
        $paths = [];
    } catch (InvalidDocument $invalid) {
        $paths = array_map(fn (Fault $fault) => $fault->path, $invalid->faults);
    }
    expect($paths)
        ->toEqualCanonicalizing([
            '/spiders/crab/thickness_mm', '/spiders/newt', '/rings/flat-42/bolt_circle_mm', '/motors/tarn-73/ring_bolt_circle_mm',
        ]);
});
