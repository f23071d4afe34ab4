<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;
use Symfony\Component\Process\Process;
use Tests\Support\Demo;
use Tests\Support\Paper;

/** The next working day of the demo's workshop. */
function workingDay(int $ahead = 0): string
{
    return Carbon::today()->addDay()->addWeekdays($ahead + (Carbon::today()->addDay()->isWeekend() ? 1 : 0))->format('Y-m-d');
}

beforeEach(function (): void {
    Demo::week();
});

it('moves every date for a sick day and a late delivery, and says why a promise cannot hold', function (): void {
    $site = Paper::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar');
    // Whatever the hour, others would do it for one of them.
    foreach (User::query()->pluck('id')->all() as $i => $person) {
        $site->choose('who', (string) $person)->type('away_from', workingDay())->type('away_to', workingDay(3))->click('#try-away');
        expect($site->text())->toContain('What would move')->and(Absence::query()->count())->toBe($i);
        $hasMoved = ($hasMoved ?? false) || $site->has('.moved');
        $site->click('#keep-plan');
        expect($site->text())->toContain('Noted.')->and(Absence::query()->count())->toBe($i + 1);
    }
    expect($hasMoved ?? false)->toBeTrue();

    $job = Job::query()->where('number', 255)->sole();
    $site->click('#change-255');
    $site->type("parts-{$job->id}", workingDay(25))->click('#try-255');
    expect($site->text('#dates-255'))->toContain('late')->toContain('was');
    $site->click('#keep-plan');
    expect($site->text('#dates-255'))->toContain('late');
    expect($site->text('#dates-255'))->toContain('Cheapest to shorten: parts on their way');
    $site->click('#change-255');
    expect($site->text('#why-255'))->toContain('Parts on their way');
});

it('tells another calendar of a wheel that is away, before and after, and asks for it before the bike leaves', function (): void {
    $site = Paper::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar/hours');
    $site->click('#feed-mine');
    $address = $site->text('.sheet-address');
    $read = function () use ($address): array {
        $reader = new Process(
            ['node', base_path('tests/Support/read-ics.mjs')], base_path(), input: (string) $this->get($address)->getContent(),
        );
        $reader->mustRun();

        return array_column((array) json_decode($reader->getOutput(), true, flags: JSON_THROW_ON_ERROR), null, 'uid');
    };
    $before = $read();
    $job = Job::query()->where('number', 250)->sole();
    $site->visit('/calendar?change=250')->type("what-{$job->id}", 'rear wheel: a new rim')->choose("needed-{$job->id}", 'strip');
    $site->type("back-on-{$job->id}", workingDay(9))->click('#away-250');
    expect($site->text())->toContain('At another shop: rear wheel: a new rim');
    $after = $read();
    $moved = array_filter(
        $after, fn (array $event, string $uid) => ($before[$uid]['number'] ?? 0) < $event['number'], ARRAY_FILTER_USE_BOTH,
    );
    expect(count($before))->toBeGreaterThan(3)->and($moved)->not->toBe([]);
    $site->visit('/calendar?change=250')->click('#back-250-0');
    expect($site->text())->not->toContain('rear wheel: a new rim')
        ->and(Job::query()->where('number', 250)->sole()->inOtherHands()->open())->toBe([]);
});
