<?php

declare(strict_types=1);

use App\Models\HandOver;
use App\Models\Reading;
use App\Models\StepRecord;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Hand;
use Tests\Support\Journey;
use Tests\Support\Keys;
use Tests\Support\Site;
use Tests\Support\WholeJob;
use Tests\Support\Workshops;

const ASKED_ELSEWHERE = ['rest' => '120', 'lead' => '2400', 'gap' => '3.5', 'band' => '8 to 10', 'wakes' => '51.2', 'cut-off' => '25.4'];

/** @param  ?callable(User): mixed  $prepare */
function startWholeJob(?callable $prepare = null): Site
{
    $person = Workshops::stocked();
    $prepare === null || $prepare($person);

    return Site::open()->signIn($person->email, Workshops::PASSWORD);
}

it('goes from the door to the door in few entries and presses, led by the pages alone', function (): void {
    $hand = new Hand(startWholeJob());
    $job = new WholeJob($hand, Journey::STEEL_68, ASKED_ELSEWHERE);
    try {
        $job->takeIn('diamond', 'steel')->toTheDoor();
    } finally {
        fwrite(STDERR, "A plain bike: {$hand->entries} entries, {$hand->presses} presses ".json_encode($job->at)."\n");
    }
    expect(HandOver::query()->count())->toBe(1)->and($hand->entries)->toBeLessThanOrEqual(30)->and($hand->presses)->toBeLessThanOrEqual(90);
});

it('goes the same way without a pointer, and few Tab presses from where the hand was', function (): void {
    $hand = new Keys(startWholeJob());
    (new WholeJob($hand, Journey::STEEL_68, ASKED_ELSEWHERE))->takeIn('diamond', 'steel')->toTheDoor();
    arsort($hand->far);
    fwrite(STDERR, "By keys alone: {$hand->tabs} Tab presses for {$hand->presses} presses and {$hand->entries} entries; the farthest ".json_encode(array_slice($hand->far, 0, 6))."\n");
    expect(HandOver::query()->count())->toBe(1)->and($hand->tabs)->toBeLessThanOrEqual(200);
});

it('goes the same way on a telephone, with nothing to scroll to the side', function (): void {
    $site = startWholeJob();
    $site->chrome->size(390, 844);
    $hand = new Hand($site);
    (new WholeJob($hand, Journey::STEEL_68, ASKED_ELSEWHERE))->takeIn('diamond', 'steel')->toTheDoor(after: function (string $place) use ($site): void {
        expect($site->driver()->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0, "It scrolls to the side at {$place}.");
    });
    expect(HandOver::query()->count())->toBe(1)->and($site->consoleErrors())->toBe([]);
});

it('goes the same way in inches and foot-pounds, and keeps millimetres', function (): void {
    $site = startWholeJob(fn (User $person) => $person->update(['length_unit' => LengthUnit::Inch, 'torque_unit' => TorqueUnit::FootPound]));
    $says = [];
    foreach (Journey::STEEL_68 as $spot => $said) {
        $inches = fn (string $mm): string => number_format((float) $mm / 25.4, 4, '.', '');
        $says[$spot] = Spot::from($spot)->kind()->isMeasured() ? implode(' ', array_map($inches, explode(' ', $said))) : $said;
    }
    $hand = new Hand($site);
    (new WholeJob($hand, $says, ['rest' => '4 3/4', 'lead' => '94 1/2', 'gap' => '0.138', 'band' => '6 to 8'] + ASKED_ELSEWHERE))->takeIn('diamond', 'steel')->toTheDoor();
    expect(HandOver::query()->count())->toBe(1)
        ->and((float) Reading::query()->where('spot', 'shell_width')->value('value_mm'))->toEqualWithDelta(68.02, 0.01)
        ->and((float) StepRecord::query()->where('step', 'cup-torque')->value('torque_nm'))->toEqualWithDelta(35.0, 1.0)
        ->and($site->text('.sheet-paper'))->toContain('28.4 ft·lb')->not->toContain('N·m');
});
