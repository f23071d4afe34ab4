<?php

declare(strict_types=1);

use App\Bench\FittingOut;
use App\Bench\OpenJob;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Site;
use Tests\Support\Workshops;

it('moves a pack along its tube by pointer and by keys', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/route/battery");
    $site->click('button[aria-label^="Take Marl 36 slim: Inside"]');
    $trial = fn () => OpenJob::of(Workshops::fresh($job))->the(FittingOut::class)->trial;
    $range = $trial()?->range();
    $site->tabTo('.pack-slides');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ARROW_LEFT));
    expect($trial()?->at())->toEqualWithDelta($range?->from + 5, 0.6);
    $site->driver()->executeScript('document.activeElement.blur()');
    $site->andWait(fn () => $site->keys('b'));
    expect($trial()?->at())->toEqualWithDelta($range?->from + 10, 0.6);

    $pack = $site->driver()->findElement(WebDriverBy::cssSelector('.part-pack'));
    $site->andWait(fn () => $site->driver()->action()->clickAndHold($pack)->moveByOffset(-200, 160)->release()->perform());
    expect($trial()?->at())->toEqualWithDelta($range?->to, 1.0);
});
