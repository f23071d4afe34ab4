<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\MarginName;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** @return list<float> */
function driveSpacers(Job $job): array
{
    return OpenJob::of(Workshops::fresh($job))->worksheet()?->stack?->spacers['drive']->pieces ?? [];
}

function shownMargin(Site $site, MarginName $name): string
{
    return $site->text("details[data-margin='{$name->value}'] summary");
}

it('rebuilds a stack by keyboard alone: puts in, swaps, moves, takes out, takes back', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $byHand = fn () => Workshops::fresh($job)->kit?->by_hand;

    $site->andWait(fn () => $site->tabTo('a.job-row')->keys(WebDriverKeys::ENTER));
    $site->andWait(fn () => $site->keys('4'));
    $before = driveSpacers($job);

    $site->tabTo('#change-drive')->keys(WebDriverKeys::ENTER);
    $site->tabTo('#add-drive-2');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    $expected = [...$before, 2.0];
    rsort($expected);
    expect(driveSpacers($job))->toEqual($expected);
    $margin = OpenJob::of(Workshops::fresh($job))->worksheet()?->stack->margin(MarginName::RingToChainstay);
    expect(shownMargin($site, MarginName::RingToChainstay))->toContain(number_format($margin->value ?? 0, 2).' mm')
        ->and($site->driver()->executeScript('return document.activeElement.id'))->toBe('add-drive-2');

    $site->driver()->executeScript('document.activeElement.blur()');
    $site->tabTo('#piece-drive-0');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ARROW_UP));
    expect(driveSpacers($job)[0])->toBe(3.0)
        ->and($site->driver()->executeScript('return document.activeElement.id'))->toBe('piece-drive-0');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ARROW_DOWN));
    expect(driveSpacers($job))->toEqual($expected);
    $site->andWait(fn () => $site->keys(WebDriverKeys::ARROW_RIGHT));
    expect($byHand()['plate'] ?? [])->toEqual([2.0]);

    $site->driver()->executeScript('document.activeElement.blur()');
    $site->tabTo('#piece-plate-0');
    $site->andWait(fn () => $site->keys(WebDriverKeys::DELETE));
    expect($byHand()['plate'] ?? null)->toBe([]);

    $site->driver()->executeScript('document.activeElement.blur()');
    $site->andWait(fn () => $site->keys('z'));
    expect($byHand()['plate'] ?? [])->toEqual([2.0]);
    $site->andWait(fn () => $site->keys('y'));
    expect($byHand()['plate'] ?? null)->toBe([]);
    $site->andWait(fn () => $site->keys('s'));
    expect(driveSpacers($job))->toEqual($before)->and($byHand())->toBe([]);
});

it('finds a job in two keystrokes and a word', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::job($person, 'Blue tourer');
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $site->andWait(fn () => $site->keys('/')->keys('blue', WebDriverKeys::ENTER));

    expect($site->text())->toContain('Blue tourer')->not->toContain('Red hardtail');
});

it('lets two people work on one stack at once, and loses nothing of either', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $second = Workshops::person(workshop: $person->workshop);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/stack");
    $other = $site->besides();
    try {
        $other->signIn($second->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/stack");

        $site->tabTo('#change-drive')->keys(WebDriverKeys::ENTER);
        $site->type('typed-drive', '3')->click('#place-drive .btn[data-does="fill"]');
        $other->tabTo('#change-nut')->keys(WebDriverKeys::ENTER);
        $other->type('typed-nut', '1')->click('#place-nut .btn[data-does="fill"]');
        expect(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [3], 'nut' => [1]]);

        $site->driver()->wait(12, 200)->until(fn () => str_contains($site->text('main'), 'changed this job at'));
        $site->driver()->executeScript('document.querySelector("#place-drive details.place-add").open = true');
        $site->type('typed-drive', '4')->click('#place-drive .btn[data-does="fill"]');
        $other->driver()->executeScript('document.querySelector("#place-drive details.place-add").open = true');
        $other->type('typed-drive', '5')->click('#place-drive .btn[data-does="fill"]');

        expect($other->text('#place-drive'))->toContain('changed “Drive side”')
            ->and($other->driver()->executeScript('return document.getElementById("typed-drive").value'))->toBe('5')
            ->and(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [4], 'nut' => [1]]);
    } finally {
        $other->chrome->quit();
    }
});

it('asks about an unusual reading, and keeps it as typed or takes it again with one key', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    Workshops::read($job, $person, Spot::ShellWidth, '73.0');
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/survey?spot=stay_45");
    $kept = fn (): array => Workshops::fresh($job)->readings->where('spot', Spot::Stay45)->pluck('value_mm')->values()->all();

    $site->andWait(fn () => $site->keys('3', '3', WebDriverKeys::ENTER));
    expect($site->text('#typed-fault'))->toContain('from the centre plane?')->and($site->value('typed'))->toBe('33')
        ->and($kept())->toBe([]);
    $site->keys('t');
    expect($site->driver()->executeScript('return document.activeElement.id'))->toBe('typed');

    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    $site->andWait(fn () => $site->keys('k'));
    expect($kept())->toBe([33.0]);
});
