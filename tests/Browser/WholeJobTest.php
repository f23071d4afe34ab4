<?php

declare(strict_types=1);

use App\Models\HandOver;
use App\Models\User;
use Tests\Support\Hand;
use Tests\Support\Journey;
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
