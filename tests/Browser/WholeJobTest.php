<?php

declare(strict_types=1);

use App\Models\HandOver;
use Tests\Support\Hand;
use Tests\Support\Journey;
use Tests\Support\Keys;
use Tests\Support\Site;
use Tests\Support\WholeJob;
use Tests\Support\Workshops;

it('goes from the door to the door without a pointer, and few Tab presses from where the hand was', function (): void {
    $hand = new Keys(Site::open()->signIn(Workshops::stocked()->email, Workshops::PASSWORD));
    (new WholeJob($hand, Journey::STEEL_68, WholeJob::ASKED_ELSEWHERE))->takeIn('diamond', 'steel')->toTheDoor();
    arsort($hand->far);
    fwrite(
        STDERR,
        "By keys alone: {$hand->tabs} Tab presses for {$hand->presses} presses and {$hand->entries} entries; the farthest "
            .''.json_encode(array_slice($hand->far, 0, 6))."\n",
    );
    expect(HandOver::query()->count())->toBe(1)->and($hand->tabs)->toBeLessThanOrEqual(200);
});

it('goes the same way on a telephone, with nothing to scroll to the side', function (): void {
    $site = Site::open()->signIn(Workshops::stocked()->email, Workshops::PASSWORD);
    $site->chrome->size(390, 844);
    $hand = new Hand($site);
    (
        new WholeJob($hand, Journey::STEEL_68, WholeJob::ASKED_ELSEWHERE)
    )->takeIn('diamond', 'steel')->toTheDoor(after: function (string $place) use ($site): void {
        expect($site->driver()->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))
            ->toBe(0, "It scrolls to the side at {$place}.");
    });
    expect(HandOver::query()->count())->toBe(1)->and($site->consoleErrors())->toBe([]);
});
