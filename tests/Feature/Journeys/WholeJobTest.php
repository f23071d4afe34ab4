<?php

declare(strict_types=1);

use App\Models\HandOver;
use App\Models\Reading;
use App\Models\StepRecord;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Hand;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\WholeJob;
use Tests\Support\Workshops;

it('goes from the door to the door in few entries and presses, led by the pages alone', function (): void {
    $hand = new Hand(Paper::open()->signIn(Workshops::stocked()->email, Workshops::PASSWORD));
    $job = new WholeJob($hand, Journey::STEEL_68, WholeJob::ASKED_ELSEWHERE);
    try {
        $job->takeIn('diamond', 'steel')->toTheDoor();
    } finally {
        fwrite(STDERR, "A plain bike: {$hand->entries} entries, {$hand->presses} presses ".json_encode($job->at)."\n");
    }
    expect(HandOver::query()->count())->toBe(1)->and($hand->entries)->toBeLessThanOrEqual(30)->and($hand->presses)->toBeLessThanOrEqual(90);
});

it('goes the same way in inches and foot-pounds, and keeps millimetres', function (): void {
    $person = Workshops::stocked();
    $person->update(['length_unit' => LengthUnit::Inch, 'torque_unit' => TorqueUnit::FootPound]);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $says = [];
    foreach (Journey::STEEL_68 as $spot => $said) {
        $inches = fn (string $mm): string => number_format((float) $mm / 25.4, 4, '.', '');
        $says[$spot] = Spot::from($spot)->kind()->isMeasured() ? implode(' ', array_map($inches, explode(' ', $said))) : $said;
    }
    $hand = new Hand($site);
    (new WholeJob($hand, $says, ['rest' => '4 3/4', 'lead' => '94 1/2', 'gap' => '0.138', 'band' => '6 to 8'] + WholeJob::ASKED_ELSEWHERE))
        ->takeIn('diamond', 'steel')->toTheDoor();
    expect(HandOver::query()->count())->toBe(1)
        ->and((float) Reading::query()->where('spot', 'shell_width')->value('value_mm'))->toEqualWithDelta(68.02, 0.01)
        ->and((float) StepRecord::query()->where('step', 'cup-torque')->value('torque_nm'))->toEqualWithDelta(35.0, 1.0)
        ->and($site->text('.sheet-paper'))->toContain('28.4 ft·lb')->not->toContain('N·m');
});
