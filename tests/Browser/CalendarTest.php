<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Carbon;
use Symfony\Component\Process\Process;
use Tests\Support\Demo;
use Tests\Support\Site;

/** The next working day of the demo's workshop. */
function workingDay(int $ahead = 0): string
{
    return Carbon::today()->addDay()->addWeekdays($ahead + (Carbon::today()->addDay()->isWeekend() ? 1 : 0))->format('Y-m-d');
}

beforeEach(function (): void {
    Demo::week();
});

it('replans a week by keys: a bike before another, seen before it is kept', function (): void {
    $site = Site::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar');
    expect($site->has('svg.week .task'))->toBeTrue()->and($site->seriousFaults())->toBe([]);
    $site->andWait(fn () => $site->keys('j'));
    expect($site->driver()->getCurrentURL())->toContain('week=');
    $site->visit('/calendar');
    $job = Job::query()->where('number', 250)->sole();
    $site->click('#change-250')->choose("before-{$job->id}", (string) Job::query()->where('number', 241)->value('id'));
    $site->tabTo('#try-250')->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect($site->text())->toContain('Nothing is kept yet')->and(Job::query()->whereNotNull('before_id')->exists())->toBeFalse();
    $site->tabTo('#keep-plan')->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect($site->text())->toContain('Kept for 250.')->and(Job::query()->where('number', 250)->value('before_id'))->toBe(Job::query()->where('number', 241)->value('id'));
});

it('moves every date for a sick day and a late delivery, and says why a promise cannot hold', function (): void {
    $site = Site::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar');
    $person = App\Models\User::query()->where('email', 'maren@tollgate.example')->sole();
    $site->choose('who', (string) $person->id);
    $site->driver()->executeScript('document.getElementById("away_from").value = arguments[0]; document.getElementById("away_to").value = arguments[1]', [workingDay(), workingDay(3)]);
    $site->click('#try-away');
    expect($site->text())->toContain('What would move')->and($site->has('.moved'))->toBeTrue()->and(Absence::query()->exists())->toBeFalse();
    $site->click('#keep-plan');
    expect($site->text())->toContain('Noted.')->and(Absence::query()->count())->toBe(1);

    $job = Job::query()->where('number', 255)->sole();
    $site->click('#change-255');
    $site->driver()->executeScript('document.getElementById(arguments[0]).value = arguments[1]', ["parts-{$job->id}", workingDay(25)]);
    $site->click('#try-255');
    expect($site->text('#dates-255'))->toContain('late')->toContain('was');
    $site->click('#keep-plan');
    expect($site->text('#dates-255'))->toContain('late');
    expect($site->text('#dates-255'))->toContain('Cheapest to shorten: parts on their way');
    $site->click('#change-255');
    expect($site->text('#why-255'))->toContain('Parts on their way');
});

it('tells another calendar of a wheel that is away, before and after, and asks for it before the bike leaves', function (): void {
    $site = Site::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar/hours');
    $site->click('#feed-mine');
    $address = $site->text('.sheet-address');
    $read = function () use ($address): array {
        $reader = new Process(['node', base_path('tests/Support/read-ics.mjs')], base_path(), input: (string) file_get_contents($address));
        $reader->mustRun();

        return array_column((array) json_decode($reader->getOutput(), true, flags: JSON_THROW_ON_ERROR), null, 'uid');
    };
    $before = $read();
    $job = Job::query()->where('number', 250)->sole();
    $site->visit('/calendar?change=250')->type("what-{$job->id}", 'rear wheel: a new rim')->choose("needed-{$job->id}", 'strip');
    $site->driver()->executeScript('document.getElementById(arguments[0]).value = arguments[1]', ["back-on-{$job->id}", workingDay(9)]);
    $site->click('#away-250');
    expect($site->text())->toContain('At another shop: rear wheel: a new rim')->and($site->seriousFaults())->toBe([]);
    $after = $read();
    $moved = array_filter($after, fn (array $event, string $uid) => ($before[$uid]['number'] ?? 0) < $event['number'], ARRAY_FILTER_USE_BOTH);
    expect(count($before))->toBeGreaterThan(3)->and($moved)->not->toBe([]);
    $site->visit('/calendar?change=250')->click('#back-250-0');
    expect($site->text())->not->toContain('rear wheel: a new rim')->and(Job::query()->where('number', 250)->sole()->inOtherHands()->open())->toBe([]);
});
