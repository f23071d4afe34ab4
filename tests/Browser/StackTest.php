<?php

declare(strict_types=1);

use Tests\Support\Site;
use Tests\Support\Workshops;

it('moves a piece in the section with the pointer, and takes it out by dropping it beside', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/stack?detail=left");
    $washers = Workshops::stack($job)->spacers['boss']->pieces ?? [];

    $site->drag('svg.section .movable[data-place="boss"][data-piece="0"]', 'svg [data-berth="nut"]');
    expect(Workshops::stack($job)->spacers['nut']->pieces ?? [])->toContain($washers[0])
        ->and(Workshops::stack($job)->spacers['boss']->pieces ?? [])->toHaveCount(count($washers) - 1);

    $site->visit("/jobs/{$job->id}/stack?detail=left");
    $site->drag('svg.section .movable[data-place="nut"][data-piece="0"]', '.verdict-line');
    expect(Workshops::stack($job)->spacers['nut']->pieces ?? ['still there'])->toBe([]);
});

it('opens the sum behind a margin and leads to the reading', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/stack");
    $site->tabTo('details[data-margin="nut_engagement"] summary')->keys(Facebook\WebDriver\WebDriverKeys::ENTER);
    expect($site->text('details[data-margin="nut_engagement"]'))->toContain('Shell’s width')->toContain('Together');
    $site->click('details[data-margin="nut_engagement"] .why-sum td a');
    expect($site->driver()->getCurrentURL())->toContain('spot=shell_width');
});
