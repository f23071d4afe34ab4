<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\FrameGraph;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** @param  callable(stdClass): mixed  $change */
function worksheetAfter(callable $change): Worksheet
{
    $document = Cases::document();
    $change($document);

    return Worksheet::of(JobReader::read($document));
}

it('names the very place of a fault in what frames without a stay, spindles and cranks apart may say', function (callable $spoil, string $path): void {
    expect(Cases::faultsAfter($spoil))->toBe([$path]);
})->with([
    'a stay that is none and measured' => [fn ($d) => $d->bike->chainstay->none = true, '/bike/chainstay/none'],
    'none in words' => [fn ($d) => $d->bike->chainstay->none = 'yes', '/bike/chainstay/none'],
    'a stay without a profile' => [function ($d): void {
        $d->bike->chainstay = (object) ['none' => false];
    }, '/bike/chainstay/profile'],
    'a spindle that comes out in words' => [
        fn ($d) => $d->catalogue->motors->{'fell-68'}->sleeve->spindle_comes_out = 0, '/catalogue/motors/fell-68/sleeve/spindle_comes_out',
    ],
    'a crank nowhere' => [
        fn ($d) => $d->catalogue->motors->{'corrie-83'}->yoke->spindle_right_mm = 0, '/catalogue/motors/corrie-83/yoke/spindle_right_mm',
    ],
]);

it('passes no stay where there is none, and says nothing of its not being measured', function (): void {
    foreach ([
        (object) ['none' => true], (object) ['none' => true, 'profile' => []], (object) ['none' => true, 'profile' => null],
    ] as $stay) {
        $stack = worksheetAfter(fn ($d) => $d->bike->chainstay = $stay)->stack;
        expect($stack->needed['drive'])->toBe(0.0)->and($stack->notes)->not->toContain(Note::CaseNotMeasured, Note::RingNotMeasured);
    }
    expect(worksheetAfter(fn ($d) => $d->bike->chainstay->profile = [])->stack->notes)
        ->toContain(Note::CaseNotMeasured, Note::RingNotMeasured);
});

it('lays nothing soft through a pinch, but a cable in a guide, and not even that where the run keeps off it', function (): void {
    $graph = new FrameGraph([new Edge('a', 'b', 100.0, ['pinch']), new Edge('b', 'c', 100.0, ['pinch', 'guide'])], Allowances::usual());
    $goes = fn (RunKind $kind, string $from, string $to, BodyHold $rest = BodyHold::Frame, array $avoid = []): bool => $graph
        ->shortest($from, $to, $kind->keepsOff($rest, $avoid)) !== null;
    foreach (RunKind::cases() as $kind) {
        expect($goes($kind, 'a', 'b'))->toBeFalse()
            ->and($goes($kind, 'b', 'c'))->toBe($kind === RunKind::Mechanical)
            ->and($goes($kind, 'a', 'c', BodyHold::Clamped))->toBeTrue()
            ->and($goes($kind, 'b', 'c', BodyHold::Clamped, ['pinch']))->toBeFalse()
            ->and($goes($kind, 'b', 'c', BodyHold::Frame, ['pinch']))->toBeFalse();
    }
});

it('sends for another tool where the spindle stays in', function (): void {
    $with = fn (bool $comesOut): ?string => worksheetAfter(function ($d) use ($comesOut): void {
        $d->catalogue->motors->{$d->kit->motor}->sleeve->spindle_od_mm = 24.0;
        $d->catalogue->motors->{$d->kit->motor}->sleeve->spindle_comes_out = $comesOut;
        $d->tools = (object) ['nut_socket' => (object) ['bore_mm' => 20.0, 'depth_mm' => 5.0]];
    })->reach?->verdict();
    expect($with(true))->toBe('spindle_first')->and($with(false))->toBe('another_tool');
});
