<?php

declare(strict_types=1);

use App\View\Job\Obstacle;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

it('says in millimetres and words what stands in the way', function (string $name, Closure $change, string $words): void {
    $document = Cases::document($name);
    $change($document);
    expect(Obstacle::of(Worksheet::of(JobReader::read($document))->stack, LengthUnit::Millimetre))->toBe($words);
})->with([
    'an empty drawer' => ['empty-drawer', fn () => null, 'The drawer has no set for “Drive side”: 10.67 mm or a little more is needed.'],
    'a shell wider than the body' => [
        'yoke-on-68', fn ($d) => $d->bike->shell->width_mm = 85.0, 'The shell is wider than the body’s base: by 0.80 mm.',
    ],
    'a yoke outside its slot' => [
        'yoke-on-68', fn ($d) => $d->catalogue->motors->{'corrie-83'}->yoke->slot_start_mm = 90.0,
        'The yoke comes to lie outside its slot: by 5.98 mm.',
    ],
    'a pinion inboard of the ring' => [
        'twin-plate-92', fn ($d) => $d->bike->twin_plate_measures->pinion_to_face_mm = 10.0,
        'The pinion would sit inboard of the ring: by 8.10 mm.',
    ],
    'a motor too wide' => [
        'twin-plate-92', fn ($d) => $d->catalogue->motors->garth->twin_plate->motor_width_mm = 90.0,
        'The motor is wider than the room beside the shell: by 29.45 mm.',
    ],
]);

it('says nothing where nothing stands in the way', function (): void {
    expect(Obstacle::of(Cases::worksheet()->stack, LengthUnit::Millimetre))->toBeNull();
});
