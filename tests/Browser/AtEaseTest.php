<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Site;
use Tests\Support\Workshops;

it('leads from one slip to the next once the first is corrected, and takes what is typed instead of what stood', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person);
    $slips = [
        'chainstay_length' => ['843', '438'], 'over_locknuts' => ['90', '135'], 'wheel' => ['2500', '2180'], 'stay_80' => ['37', '3.7'],
    ];
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $standing = fn (string $spot): array => Workshops::fresh($job)->readings->where('spot.value', $spot)->pluck('value_mm')->values()
        ->all();
    foreach ($slips as $spot => [$slip]) {
        $site->visit("/jobs/{$job->id}/survey?spot={$spot}")->type('typed', $slip);
        $site->driver()->executeScript('document.querySelector("[name=afresh]").checked = true');
        $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
        ! $site->has('#sure') || $site->click('#sure');
        expect($standing($spot))->toBe([(float) $slip]);
    }
    $site->visit("/jobs/{$job->id}/survey?spot=chainstay_length");
    $corrected = [];
    for ($i = 0; $i < 4; $i++) {
        $spot = (string) $site->driver()->executeScript('return document.querySelector(".spot input[name=spot]").value');
        $corrected[] = $spot;
        $site->type('typed', $slips[$spot][1] ?? '')->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
        ! $site->has('#instead') || $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
        expect($standing($spot))->toBe([(float) ($slips[$spot][1] ?? '')], $spot);
    }
    expect($corrected)->toEqualCanonicalizing(array_keys($slips));
});
