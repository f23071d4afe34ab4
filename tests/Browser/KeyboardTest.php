<?php

declare(strict_types=1);

use App\Bench\JobSheet;
use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use NeatSpindle\Core\Stack\MarginName;
use Tests\Support\Site;
use Tests\Support\Workshops;

afterAll(fn () => Site::close());

/** @return list<float> */
function driveSpacers(Job $job): array
{
    return JobSheet::open(Workshops::fresh($job))->chosenWorksheet()?->stack?->spacers['drive']->pieces ?? [];
}

function shownMargin(Site $site, MarginName $name): string
{
    return $site->text("tr[data-margin='{$name->value}']");
}

it('drives the Stack by keyboard alone', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);

    $site->andWait(fn () => $site->tabTo('a.job-row')->keys(WebDriverKeys::ENTER));
    $site->andWait(fn () => $site->keys('4'));
    $before = driveSpacers($job);
    $two = $person->workshop->spacers()->where('thickness_mm', 2)->sole();

    $site->tabTo('#change-drive')->keys(WebDriverKeys::ENTER);
    $site->tabTo("#add-drive-{$two->id}");
    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    $expected = [...$before, 2.0];
    rsort($expected);
    expect(driveSpacers($job))->toEqual($expected);
    $margin = JobSheet::open(Workshops::fresh($job))->chosenWorksheet()?->stack?->margin(MarginName::RingToChainstay);
    expect(shownMargin($site, MarginName::RingToChainstay))->toContain(number_format($margin?->value ?? 0, 2).' mm')
        ->and($site->driver()->executeScript('return document.activeElement.id'))->toBe("add-drive-{$two->id}");

    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect(driveSpacers($job))->toHaveCount(count($before) + 2);

    $site->driver()->executeScript('document.activeElement.blur()');
    $site->tabTo('#drop-drive-0');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect(driveSpacers($job))->toEqual($expected);

    $site->driver()->executeScript('document.activeElement.blur()');
    $site->andWait(fn () => $site->keys('s'));
    expect(driveSpacers($job))->toEqual($before)->and(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
});

it('finds a job in two keystrokes and a word', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::job($person, 'Blue tourer');
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $site->andWait(fn () => $site->keys('/')->keys('blue', WebDriverKeys::ENTER));

    expect($site->text())->toContain('Blue tourer')->not->toContain('Red hardtail');
});

it('tells the second of two people that the first was quicker, and keeps what was typed', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/stack");
    $job->change(null, Workshops::person(workshop: $person->workshop), fn () => null);

    $site->tabTo('#change-drive')->keys(WebDriverKeys::ENTER);
    $site->type('pieces-drive', '5');
    $site->click('[data-place="drive"] details .btn-plain');

    expect($site->text('.told'))->toContain('changed this job')
        ->and($site->driver()->executeScript('return document.getElementById("pieces-drive").value'))->toBe('5')
        ->and(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
});
