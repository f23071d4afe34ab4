<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Measure\CannotReadQuantity;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Ground\Measure\TorqueText;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Measuring\Survey\Outlier;

it('rounds half away from zero, and never to minus nothing', function (float $value, int $places, float $expected): void {
    $rounded = Rounding::halfAway($value, $places);
    expect($rounded)->toBe($expected)
        ->and(json_encode($rounded, JSON_PRESERVE_ZERO_FRACTION))->not->toBe('-0.0');
})->with([
    [0.125, 2, 0.13], [-0.125, 2, -0.13], [1.005, 2, 1.01], [2.675, 2, 2.68], [-0.004, 2, 0.0], [-0.0, 2, 0.0],
    [72.96499999, 2, 72.96], [0.5, 0, 1.0], [-0.5, 0, -1.0], [1234.4999, 0, 1234.0],
]);

it('takes the median and the larger of instrument and half the range', function (
    array $readings, float $instrument, float $value, float $doubt
): void {
    $measurement = Measurement::fromReadings($readings, $instrument);
    expect($measurement->value)->toEqualWithDelta($value, 1e-12)->and($measurement->plusMinus)->toEqualWithDelta($doubt, 1e-12);
})->with([
    [[73.04, 72.96, 73.08], 0.02, 73.04, 0.06],
    [[100.1, 100.04], 0.02, 100.07, 0.03],
    [[5.0], 0.02, 5.0, 0.02],
    [[4.0, 1.0, 3.0, 2.0], 0.0, 2.5, 1.5],
]);

it('reads lengths as they are typed at the bench', function (string $typed, LengthUnit $assumed, float $mm): void {
    expect((new LengthText($assumed))->mm($typed))->toEqualWithDelta($mm, 1e-9);
})->with([
    ['73.1', LengthUnit::Millimetre, 73.1],
    ['73,1', LengthUnit::Millimetre, 73.1],
    [' 73.1 mm ', LengthUnit::Millimetre, 73.1],
    ['+073.02mm', LengthUnit::Millimetre, 73.02],
    ['-4', LengthUnit::Millimetre, -4.0],
    ['−4.2', LengthUnit::Millimetre, -4.2],
    ['2 7/8 in', LengthUnit::Millimetre, 73.025],
    ['1/16"', LengthUnit::Millimetre, 1.5875],
    ['2.875', LengthUnit::Inch, 73.025],
    ['2 7/8', LengthUnit::Inch, 73.025],
    ['73 mm', LengthUnit::Inch, 73.0],
    ['.5', LengthUnit::Millimetre, 0.5],
    ['5.', LengthUnit::Millimetre, 5.0],
]);

it('says what is wrong with what was typed', function (string $typed, string $message): void {
    expect(fn () => (new LengthText(LengthUnit::Millimetre))->mm($typed))->toThrow(CannotReadQuantity::class, $message);
})->with([
    ['', 'Nothing was typed'], ['wide', 'not a number'], ['1e9', 'not a number'], ['73.1.2', 'not a number'],
    ['50 Nm', '“Nm” does not fit'], ['2 7/8', 'without a unit'], ['1/0 in', 'divides by zero'], ['7 3', 'not a number'],
]);

it('reads several readings, and a doubt of the person’s own', function (string $typed, float $value, float $doubt, int $readings): void {
    $measurement = (new LengthText(LengthUnit::Millimetre))->measurement($typed, 0.02);
    expect($measurement->value)->toEqualWithDelta($value, 1e-9)
        ->and($measurement->plusMinus)->toEqualWithDelta($doubt, 1e-9)
        ->and($measurement->readings)->toHaveCount($readings);
})->with([
    ['73.04 72.96 73.08', 73.04, 0.06, 3],
    ['73.04; 2 7/8 in', 73.0325, 0.02, 2],
    ["73.0\n73.1", 73.05, 0.05, 2],
    ['73.0 ± 0.1', 73.0, 0.1, 0],
    ['2.875 +/- 0.004 in', 73.025, 0.1016, 0],
    ['-4 -4.4', -4.2, 0.2, 2],
    ['73.1', 73.1, 0.02, 1],
]);

it('reads and shows torque either way', function (): void {
    expect((new TorqueText(TorqueUnit::NewtonMetre))->nm('50'))->toBe(50.0)
        ->and((new TorqueText(TorqueUnit::NewtonMetre))->nm('37 ft·lb'))->toEqualWithDelta(50.165, 0.001)
        ->and((new TorqueText(TorqueUnit::FootPound))->nm('37 lb-ft'))->toEqualWithDelta(50.165, 0.001)
        ->and((new TorqueText(TorqueUnit::FootPound))->nm('50 N·m'))->toBe(50.0)
        ->and(TorqueUnit::FootPound->show(50.0))->toBe('36.9 ft·lb')
        ->and(TorqueUnit::NewtonMetre->show(50.0))->toBe('50.0 N·m')
        ->and(fn () => (new TorqueText(TorqueUnit::NewtonMetre))->nm('50 mm'))->toThrow(CannotReadQuantity::class, 'torque');
});

it('shows a length so that reading it again gives the same length', function (): void {
    mt_srand(73);
    for ($i = 0; $i < 300; $i++) {
        $mm = mt_rand(1, 200_000) / 100;
        foreach (LengthUnit::cases() as $unit) {
            $again = (new LengthText($unit))->mm($unit->show($mm));
            expect(abs($again - $mm))->toBeLessThan($unit === LengthUnit::Inch ? 0.0128 : 1e-9);
        }
    }
});

it('asks about a reading far from the others, once two stand', function (array $standing, float $new, bool $isOut): void {
    expect(Outlier::distance($standing, $new, 0.02) !== null)->toBe($isOut);
})->with([
    'nothing stands' => [[], 99.0, false],
    'one stands' => [[73.0], 73.25, false],
    'one stands, far off' => [[58.0], 8.0, true],
    'within' => [[73.02, 72.98], 73.08, false],
    'far off' => [[73.02, 72.98], 73.4, true],
    'far off, but the others differ as much' => [[73.4, 72.6], 74.1, false],
]);

it('adds up a length measured in stretches, and their doubts', function (): void {
    $measurement = (new LengthText(LengthUnit::Millimetre))->measurement('620 + 710+575', 1.0);

    expect($measurement->value)->toBe(1905.0)->and($measurement->plusMinus)->toBe(3.0)
        ->and((new LengthText(LengthUnit::Millimetre))->measurement('2 in + 10 mm', 0.5)->value)->toEqualWithDelta(60.8, 1e-9)
        ->and((new LengthText(LengthUnit::Millimetre))->measurement('73.0 +/- 0.1', 0.02)->plusMinus)->toEqualWithDelta(0.1, 1e-9)
        ->and((new LengthText(LengthUnit::Millimetre))->measurement('+3.2', 0.5)->value)->toBe(3.2);
});

it('says lengths as people do in inches: a doubt that is not nothing, sixteenths for a tube, pitches both ways', function (): void {
    $inch = LengthUnit::Inch;
    expect($inch->figure(0.01))->toBe('0.0004')->and($inch->figure(0.0))->toBe('0.000')->and($inch->figure(73.04))->toBe('2.876')
        ->and($inch->showMeasurement(Measurement::within(73.04, 0.01)))->toBe('2.876 ± 0.0004 in')
        ->and($inch->showCoarse(68.2625))->toBe('2 11/16 in')->and($inch->showCoarse(650.0))->toBe('25 9/16 in')
        ->and($inch->showCoarse(12.7))->toBe('1/2 in')
        ->and($inch->showCoarse(25.4))->toBe('1 in')->and($inch->showCoarse(0.1))->toBe('0 in')
        ->and($inch->showCoarse(-38.1))->toBe('-1 1/2 in')
        ->and(LengthUnit::Millimetre->showCoarse(650.4))->toBe('650 mm')
        ->and($inch->showPitch(1.058))->toBe('1.06 mm, 24 per inch')->and($inch->showPitch(0.977))->toBe('0.98 mm, 26 per inch')
        ->and(array_map($inch->showPitch(...), [1.0, 1.25, 1.5, 1.75, 2.0, 0.0]))
        ->toBe(['1.00 mm', '1.25 mm', '1.50 mm', '1.75 mm', '2.00 mm', '0.00 mm']);
    foreach (range(1, 4_000, 7) as $sixteenths) {
        $typed = (new LengthText($inch))->measurement($inch->showCoarse($sixteenths * 25.4 / 16), 0.5);
        expect($typed->value)->toEqualWithDelta($sixteenths * 25.4 / 16, 1e-6);
    }
});

it('reads a band as it stands on a paper', function (string $typed, float $low, float $high): void {
    $band = (new TorqueText(TorqueUnit::NewtonMetre))->band($typed);
    expect($band->low)->toEqualWithDelta($low, 0.01)->and($band->high)->toEqualWithDelta($high, 0.01);
})->with([
    ['8 to 10', 8, 10], ['8-10', 8, 10], ['8–10 Nm', 8, 10], ['8,5 … 10', 8.5, 10], ['9', 9, 9], ['0.8 to 1.2', 0.8, 1.2],
    ['26 to 31 ft lb', 35.25, 42.03], ['35 Nm to 31 ft lb', 35, 42.03], ['30.0 to 40.0', 30, 40],
]);

it('says what is wrong with a band that cannot be read', function (string $typed, string $says): void {
    expect(fn () => (new TorqueText(TorqueUnit::NewtonMetre))->band($typed))->toThrow(CannotReadQuantity::class, $says);
})->with([
    ['', 'Nothing was typed'], ['tight', 'not a number'], ['10 to 8', 'lower figure first'], ['8 to 9 to 10', 'not a number'],
    ['8 to 10 mm', 'does not fit here'], ['8 to', 'does not fit here'],
]);
