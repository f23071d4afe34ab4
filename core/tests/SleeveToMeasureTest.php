<?php

declare(strict_types=1);

use NeatSpindle\Core\Sums\Adapter\SleeveToMeasure;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

function madeFor(Worksheet $sheet): SleeveToMeasure
{
    return $sheet->recipe->madeSleeve($sheet->stack) ?? throw new LogicException('none');
}

it('makes a sleeve on which nut and lock ring hold, whatever the width turns out to be', function (string $name, float $doubt): void {
    $document = Cases::document($name);
    $width = Cases::job($name)->bike->shell->width->value;
    $document->bike->shell->width_mm = (object) ['value' => $width, 'plus_minus' => $doubt];
    $made = madeFor(Worksheet::of(JobReader::read($document)));

    $code = $document->kit->motor;
    $document->catalogue->motors->{$code}->sleeve->sleeve_length_mm = $made->length;
    $document->catalogue->motors->{$code}->sleeve->thread_length_mm = $made->threadLength;
    foreach ([-1, 0, 1] as $side) {
        $document->bike->shell->width_mm = $width + $side * $doubt;
        $stack = Worksheet::of(JobReader::read($document))->stack;
        foreach ([MarginName::ThreadStart, MarginName::NutEngagement, MarginName::LockringEngagement] as $margin) {
            expect($stack->margin($margin)?->verdict)->toBe(Verdict::Clear, "{$margin->value} at {$side}");
        }
    }
})->with(['hardtail-73', 'fat-100-short-sleeve', 'press-fit-92'])->with([0.05, 0.4]);

it('fits the same bore and the same nut as the motor’s own', function (): void {
    $sheet = Cases::worksheet('fat-100-short-sleeve');
    $made = madeFor($sheet);
    $own = $sheet->job->kit->motor->held;

    expect($made->outer)->toBe($own->body->boreFill)
        ->and($made->threadMajor)->toBe($own->nut->threadMajor)
        ->and($made->threadPitch)->toBe($own->threadPitch)
        ->and($made->inner)->toBeLessThan($made->threadMajor)
        ->and($made->difference())->toEqualWithDelta($made->length - $own->length, 1e-9)
        ->and($made->difference())->toBeGreaterThan(0.0);
});

it('comes in halves of a millimetre, as a drawing would have it', function (string $name): void {
    $made = madeFor(Cases::worksheet($name));
    expect(fmod($made->length * 2, 1.0))->toEqualWithDelta(0.0, 1e-9)
        ->and(fmod($made->threadLength * 2, 1.0))->toEqualWithDelta(0.0, 1e-9);
})->with(['hardtail-73', 'fat-100-short-sleeve', 'press-fit-92']);
