<?php

declare(strict_types=1);

use App\Actions\Jobs\StartJob;
use App\Actions\People\ShutOut;
use App\Actions\Steps\RecordStripStep;
use App\Bench\OpenJob;
use App\Models\Absence;
use App\Models\Customer;
use App\Models\Feed;
use App\Models\Job;
use App\Models\Promise;
use App\Models\Role;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\Skills;
use App\Models\WaitsFor;
use App\Models\Workshop;
use App\Notifications\Morning;
use App\Planning\Learned;
use App\Planning\WorkshopPlan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use Symfony\Component\Process\Process;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->travelTo('2026-11-30 07:00');
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::job($this->person);
    $this->plan = fn (Job $job, array $with, string $method = 'put') => $this->{$method}(
        "/calendar/jobs/{$job->id}",
        ['version' => Job::query()->findOrFail($job->id)->version, 'promised_on' => '', 'parts_on' => '', ...$with],
    );
});

/** The day a job will honestly be done. */
function honestDay(Job $job): ?string
{
    $done = WorkshopPlan::of(Workshop::query()->findOrFail($job->workshop_id))->job($job->refresh())?->done;

    return $done === null ? null : WallClock::dayText(intdiv($done - 1, WallClock::DAY));
}

/** @return list<array{uid: string, title: string, number: int, status: string, from: string, to: string, isDay: bool}> read by another reader */
function readFeed(string $ics): array
{
    $reader = new Process(['node', base_path('tests/Support/read-ics.mjs')], base_path(), input: $ics);
    $reader->mustRun();

    /** @var list<array{uid: string, title: string, number: int, status: string, from: string, to: string, isDay: bool}> */
    return json_decode($reader->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

it('puts an honest date beside the promised one, with its reasons, on bench and calendar', function (): void {
    $honest = honestDay($this->job);
    expect($honest)->toBe('2026-12-01');
    ($this->plan)($this->job, ['promised_on' => '2026-11-30'])->assertSessionHasNoErrors()->assertRedirect();
    expect(Promise::query()->sole()->promised_on?->format('Y-m-d'))->toBe('2026-11-30');
    $this->get('/calendar')->assertOk()->assertSee('Tue 1 Dec')->assertSee('1 day late')->assertSee('cures')
        ->assertSee('Cheapest to shorten')->assertDontSee('@if');
    $this->get("/calendar?change={$this->job->number}")->assertSee('we expect it to be ready on Tuesday 1 December');
    $this->get('/calendar?day=2026-11-30')->assertOk()->assertSee('Monday 30 November');
    $this->get('/')->assertOk()->assertSee('honestly 1 Dec')->assertSee('late');
    foreach (['/calendar?week=nonsense', '/calendar?week[]=x', '/calendar?day=2026-02-30', '/calendar?week=9999-12-31'] as $odd) {
        $this->get($odd)->assertOk();
    }
});

it('shows what would move before it is kept, and keeps it only then', function (): void {
    $other = Workshops::job($this->person, 'Second bike');
    $before = [honestDay($this->job), honestDay($other)];
    $first = (string) $this->job->id;
    ($this->plan)($other, ['before' => $first], 'post')->assertOk()->assertSee('Nothing is kept yet')->assertSee('Keep it so')
        ->assertSee("before {$this->job->number}");
    expect([honestDay($this->job), honestDay($other)])->toBe($before)->and(Job::query()->whereNotNull('before_id')->exists())->toBeFalse();
    $starts = fn (Job $job): int => (int) (WorkshopPlan::of(Workshop::query()->findOrFail($job->workshop_id))->job($job)?->tasks[0]->start);
    expect($starts($other))->toBeGreaterThan($starts($this->job));
    ($this->plan)($other, ['before' => $first])->assertSessionHasNoErrors();
    expect($starts($other))->toBeLessThan($starts($this->job));
    // Before one that was itself moved, and a promise told beside it: what was put somewhere stays there.
    $third = Workshops::job($this->person, 'Third bike');
    ($this->plan)($third, ['before' => (string) $other->id])->assertSessionHasNoErrors();
    ($this->plan)($other, ['before' => $first, 'promised_on' => '2026-12-24'])->assertSessionHasNoErrors();
    expect($starts($third))->toBeLessThan($starts($other))->and($starts($other))->toBeLessThan($starts($this->job));
    $this->get("/calendar?change={$other->number}")->assertSee("value=\"{$this->job->id}\" selected", false)
        ->assertSee('promised for Thu 24 Dec');
    ($this->plan)($this->job, ['before' => (string) $third->id], 'post')->assertSessionHasErrors('before');
    ($this->plan)($this->job, ['before' => (string) $third->id])->assertSessionHasErrors('before');
    ($this->plan)($this->job, ['before' => $first])->assertSessionHasErrors('before');
    ($this->plan)($other, ['before' => ''])->assertSessionHasNoErrors();
    expect($other->refresh()->before_id)->toBeNull()->and($starts($third))->toBeLessThan($starts($other));

    ($this->plan)($this->job, ['parts_on' => '2026-12-09', 'version' => 77])->assertSessionHasErrors('version');
    ($this->plan)($this->job, ['promised_on' => '2026-11-01'])->assertSessionHasErrors('promised_on');
    ($this->plan)($this->job, ['promised_on' => 'soon'])->assertSessionHasErrors('promised_on');
    ($this->plan)($this->job, ['before' => '999999'])->assertSessionHasErrors('before');
});

it('judges what is tried by the promise that is tried', function (): void {
    ($this->plan)($this->job, ['promised_on' => '2026-11-30'], 'post')->assertOk()->assertSee('Mon 30 Nov')->assertSee('1 day late');
    ($this->plan)($this->job, ['promised_on' => '2026-11-30'])->assertSessionHasNoErrors();
    ($this->plan)($this->job, ['promised_on' => '2026-12-04'], 'post')->assertOk()->assertSee('Fri 4 Dec')->assertDontSee('day late');
});

it('writes every promise down, the first one with the bike, and shows them where it is changed', function (): void {
    $job = app(StartJob::class)(
        $this->person,
        ['customer' => 'Rider', 'bike' => 'Bike', 'kind' => 'diamond', 'frame_material' => 'steel', 'promised_on' => '2026-12-05'],
    );
    ($this->plan)($job, ['promised_on' => '2026-12-11'])->assertSessionHasNoErrors();
    ($this->plan)($job, ['promised_on' => '2026-12-11', 'parts_on' => '2026-12-01'])->assertSessionHasNoErrors();
    expect($job->promises()->get()->map(fn (Promise $one) => $one->promised_on?->format('Y-m-d'))->all())
        ->toBe(['2026-12-05', '2026-12-11']);
    $this->get("/calendar?change={$job->number}")->assertSeeInOrder(['promised for Sat 5 Dec', 'promised for Fri 11 Dec']);
});

it('learns what pieces take from ticks of its own sheets, but not from what lay over or was ticked in one go', function (): void {
    $job = Workshops::kitted($this->person);
    foreach (OpenJob::of(Workshops::fresh($job))->stripPlan()->steps as $i => $step) {
        $this->travel(match ($i) {
            2 => 600, 3 => 0, default => 4
        })->minutes();
        app(RecordStripStep::class)($job, $this->person, $step->code, ['state' => StepState::Done, 'note' => 'x']);
    }
    $strips = count(OpenJob::of(Workshops::fresh($job))->stripPlan()->steps);
    $this->travel(7)->minutes();
    $proved = Workshops::proved($job, $this->person);
    $works = StepRecord::query()->where('job_id', $proved->id)->get()
        ->groupBy(fn (StepRecord $one) => $one->sheet.' '.($one->asked['work'] ?? 'unknown'))->map->count();
    expect(Learned::of($this->person->workshop_id)->known(WorkKind::Strip))->toBe([4.0, 4.0, $strips - 3])
        ->and($works->keys()->sort()->values()->all())->toBe([
            'build body', 'build drive', 'build dry', 'build gap', 'build routes', 'build torque', 'prove ride', 'prove stand',
            'strip strip',
        ])->and($works['prove ride'])->toBeGreaterThan(4);
});

it('moves dates when somebody is away, when parts come later, and when the house is closed', function (): void {
    $this->get('/calendar')->assertOk();
    $away = ['who' => (string) $this->person->id, 'away_from' => '2026-11-30', 'away_to' => '2026-12-02'];
    $this->post('/calendar/away', $away)->assertOk()->assertSee('was Tue 1 Dec');
    expect(Absence::query()->exists())->toBeFalse();
    $this->put('/calendar/away', $away)->assertSessionHasNoErrors();
    expect(honestDay($this->job))->toBe('2026-12-04');
    $this->delete('/calendar/away/'.Absence::query()->sole()->id)->assertSessionHasNoErrors();
    expect(honestDay($this->job))->toBe('2026-12-01');
    $this->put('/calendar/away', ['away_to' => '2026-11-01'] + $away)->assertSessionHasErrors('away_to');
    $this->put('/calendar/away', ['who' => '99999'] + $away)->assertSessionHasErrors('who');

    $kit = Workshops::kitted($this->person);
    $without = honestDay($kit);
    ($this->plan)($kit, ['parts_on' => '2026-12-14'])->assertSessionHasNoErrors();
    expect($kit->refresh()->rest['parts'] ?? false)->toBeTrue()
        ->and(honestDay($kit))->toBeGreaterThan((string) $without)->toBeGreaterThanOrEqual('2026-12-14');

    $seen = fn (): string => Workshop::query()->findOrFail($this->person->workshop_id)->hoursMark();
    $hours = [
        'mon' => '8-12, 13-17', 'tue' => '', 'wed' => '', 'thu' => '', 'fri' => '', 'sat' => '', 'sun' => '', 'closed' => '2026-11-30',
        'time_zone' => 'Europe/Lisbon',
    ];
    $this->put('/calendar/hours', ['seen' => 'x'] + $hours)->assertSessionHasErrors('seen');
    $this->put('/calendar/hours', ['seen' => $seen(), 'mon' => '17-8'] + $hours)->assertSessionHasErrors('mon');
    $this->put('/calendar/hours', ['seen' => $seen(), 'closed' => '2026-02-30', 'time_zone' => 'Moon/Base'] + $hours)
        ->assertSessionHasErrors(['closed', 'time_zone']);
    $old = $seen();
    $this->put('/calendar/hours', ['seen' => $old] + $hours)->assertSessionHasNoErrors();
    $this->put('/calendar/hours', ['seen' => $old] + $hours)->assertSessionHasErrors('hours');
    expect(honestDay($this->job))->toBe('2026-12-14');
    $this->put('/calendar/hours', ['seen' => $seen(), 'mon' => ''] + $hours)->assertSessionHasNoErrors();
    expect(honestDay($this->job))->toBeNull();
    $this->get('/calendar')->assertOk()->assertSee('there are no hours for it: survey.');
    $this->get('/calendar/hours')->assertOk()->assertSee('usual, ours');
});

it('plans nobody who is shut out, gives nobody a ride who may not judge it, and says no date for a stop', function (): void {
    $apprentice = Workshops::person(Role::Apprentice, $this->person->workshop()->first());
    $plan = WorkshopPlan::of(Workshop::query()->findOrFail($this->person->workshop_id))->job($this->job);
    $who = [];
    foreach ($plan->tasks ?? [] as $task) {
        $who[$task->task->code] = $task->who;
    }
    expect($who['ride'])->toBe((string) $this->person->id);
    User::query()->whereKey($apprentice->id)->update(['shut_out_at' => now()]);
    $plan = WorkshopPlan::of(Workshop::query()->findOrFail($this->person->workshop_id))->job($this->job);
    expect(array_unique(array_filter(array_map(fn ($task) => $task->who, $plan->tasks ?? []))))->toBe([(string) $this->person->id]);
    $this->post("/jobs/{$this->job->id}/condition", ['subject' => 'frame', 'severity' => 'stop', 'note' => 'Cracked at the shell'])
        ->assertSessionHasNoErrors();
    expect(honestDay($this->job))->toBeNull();
    $this->get("/calendar?change={$this->job->number}")->assertSee('No date')->assertSee('Cracked at the shell')
        ->assertSee('we cannot name a day yet');
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    ($this->plan)($this->job, ['promised_on' => '2026-12-24'])->assertForbidden();
    $this->put('/calendar/away', ['who' => (string) $this->person->id, 'away_from' => '2026-12-01'])->assertForbidden();
    $this->get('/calendar')->assertOk()->assertDontSee('See what moves');
});

it('is read by other calendars: the same names, numbers that rise, what is dropped called off, in the clock of the wall', function (): void {
    DB::table('workshops')->update(['time_zone' => 'Europe/Lisbon']);
    $this->travelTo('2027-03-26 07:00');
    $this->post('/calendar/feeds', ['of' => 'workshop'])->assertSessionHas('feed');
    $address = (string) parse_url((string) session('feed'), PHP_URL_PATH);
    $read = fn (): array => readFeed(
        (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent(),
    );
    $first = $read();
    $byName = fn (array $events): array => array_column($events, null, 'uid');
    expect(count($first))->toBeGreaterThan(8)->and(array_unique(array_column($first, 'number')))->toBe([0]);
    $ride = $byName($first)["job{$this->job->id}-ride.w{$this->job->workshop_id}@neat-spindle"];
    $strip = $byName($first)["job{$this->job->id}-strip.w{$this->job->workshop_id}@neat-spindle"];
    // Friday by winter time, Monday by summer time: the wall says the same, universal time does not.
    expect($strip['from'])->toStartWith('2027-03-26T08:')->and($ride['from'])->toBeGreaterThan('2027-03-29T07:')
        ->and($byName($first)["job{$this->job->id}-cure.w{$this->job->workshop_id}@neat-spindle"]['isDay'])->toBeTrue();
    expect($read())->toBe($first);

    $this->put('/calendar/away', ['who' => (string) $this->person->id, 'away_from' => '2027-03-29', 'away_to' => '2027-03-30'])
        ->assertSessionHasNoErrors();
    $moved = $byName($read())[$ride['uid']];
    expect($moved['number'])->toBe(1)->and($moved['from'])->toBeGreaterThan($ride['from'])
        ->and($byName($read())[$strip['uid']]['number'])->toBe(0);
    $this->post(
        "/jobs/{$this->job->id}/end",
        ['ended_as' => 'given-up', 'ended_because' => 'The frame is cracked', 'version' => $this->job->refresh()->version],
    );
    Job::query()->whereKey($this->job->id)->update(['ended_at' => now()]);
    expect($byName($read())[$ride['uid']]['status'])->toBe('CANCELLED')->and($byName($read())[$ride['uid']]['number'])->toBe(2);

    $this->actingAs($stranger = Workshops::person());
    $this->delete('/calendar/feeds/'.Feed::query()->withoutGlobalScopes()->sole()->id)->assertNotFound();
    $this->actingAs($this->person);
    $this->delete('/calendar/feeds/'.Feed::query()->sole()->id)->assertSessionHasNoErrors();
    $this->get($address)->assertNotFound();
    $this->get('/feed/'.str_repeat('a', 48).'.ics')->assertNotFound();
    expect($stranger->workshop_id)->not->toBe($this->person->workshop_id);
});

it('opens nothing any more to somebody who is shut out, whose address it ever was', function (): void {
    $mate = Workshops::person(Role::Installer, $this->person->workshop()->first());
    $take = function (User $by, string $of): string {
        $this->actingAs($by)->post('/calendar/feeds', ['of' => $of])->assertSessionHas('feed');

        return (string) parse_url((string) session('feed'), PHP_URL_PATH);
    };
    [$own, $house, $ours] = [$take($mate, 'own'), $take($mate, 'workshop'), $take($this->person, 'own')];
    $this->get($own)->assertOk();
    app(ShutOut::class)($this->person, $mate, true);
    $this->get($own)->assertNotFound();
    $this->get($house)->assertNotFound();
    $this->get($ours)->assertOk();
});

it('works its plan out once while nothing changed, and takes a full bench in its stride', function (): void {
    for ($i = 0; $i < 30; $i++) {
        app(StartJob::class)(
            $this->person, ['customer' => "Rider {$i}", 'bike' => "Bike {$i}", 'kind' => 'diamond', 'frame_material' => 'steel'],
        );
    }
    $this->get('/calendar')->assertOk();
    DB::enableQueryLog();
    $this->get('/calendar')->assertOk()->assertSee('Bike 29');
    expect(count(DB::getQueryLog()))->toBeLessThan(25);
});

it('waits for what is in other hands, holds the hand-over for it, and says so to the customer', function (): void {
    $job = Workshops::proved(Workshops::kitted($this->person), $this->person);
    $note = fn (array $with) => $this->post("/calendar/jobs/{$job->id}/elsewhere", [
        'version' => Workshops::fresh($job)->version, 'elsewhere' => 'shop', 'what' => 'front wheel: a new rim', 'needed' => 'ride',
        'back_on' => '2026-12-09', ...$with,
    ]);
    foreach ([
        ['what' => ''], ['elsewhere' => 'moon'], ['needed' => 'x'], ['back_on' => '2026-11-01'], ['back_on' => 'soon'], ['what' => ['x']],
        ['version' => 1],
    ] as $bad) {
        $note($bad)->assertSessionHasErrors(array_key_first($bad));
    }
    $note([])->assertSessionHasNoErrors()->assertRedirect();
    expect($job->refresh()->waits_for)->toBe(WaitsFor::OtherHands)->and($job->next_step)->toBe('At another shop: front wheel: a new rim')
        ->and(honestDay($job))->toBe('2026-12-09');
    $this->get('/')->assertSee('what is in other hands')->assertDontSee('Due back from other hands');
    $this->get("/calendar?change={$job->number}")->assertSee('It is back')->assertSee('We wait for another shop: front wheel: a new rim.');
    $this->post("/jobs/{$job->id}/prove/hand-over", ['version' => $job->version, 'recheck_on' => '2026-12-20'])
        ->assertSessionHasErrors('hand_over');
    expect(implode(' ', session('errors')->get('hand_over')))->toContain('At another shop: front wheel');
    $this->travelTo('2026-12-09 07:00');
    $this->get('/')->assertSee('Due back from other hands');
    $this->delete("/calendar/jobs/{$job->id}/elsewhere/0")->assertSessionHasNoErrors();
    $this->delete("/calendar/jobs/{$job->id}/elsewhere/0")->assertSessionHasErrors('elsewhere');
    $this->delete("/calendar/jobs/{$job->id}/elsewhere/7")->assertSessionHasErrors('elsewhere');
    expect($job->refresh()->waits_for)->toBe(WaitsFor::Hands)->and($job->inOtherHands()->open())->toBe([])
        ->and($job->inOtherHands()->all()[0]['ended_by'])->toBe($this->person->id);

    $note(['elsewhere' => 'customer', 'what' => 'which colour', 'back_on' => ''])->assertSessionHasNoErrors();
    expect(honestDay($job))->toBeNull();
    $this->get("/calendar?change={$job->number}")->assertSee('we cannot name a day yet. We wait for your answer: which colour.');
    $this->delete("/calendar/jobs/{$job->id}/elsewhere/1")->assertSessionHasNoErrors();
    $this->post("/jobs/{$job->id}/prove/hand-over", ['version' => $job->refresh()->version, 'recheck_on' => '2026-12-20'])
        ->assertSessionHasNoErrors();
    expect($job->refresh()->comes_back_on?->format('Y-m-d'))->toBe('2026-12-20');
});

it('gives work to whoever is named, but only what they can do', function (): void {
    $workshop = $this->person->workshop()->firstOrFail();
    $apprentice = Workshops::person(Role::Apprentice, $workshop, 'Ines Tester');
    $who = fn (): array => array_filter(
        array_column(
            array_map(
                fn ($task) => [$task->task->code, $task->who],
                WorkshopPlan::of(Workshop::query()->findOrFail($workshop->id))->job($this->job->refresh())->tasks ?? [],
            ),
            1, 0,
        ),
    );
    ($this->plan)($this->job, ['work' => 'ride', 'by' => (string) $apprentice->id])->assertSessionHasErrors('by');
    ($this->plan)($this->job, ['work' => '', 'by' => (string) $apprentice->id])->assertSessionHasErrors('by');
    ($this->plan)($this->job, ['work' => 'all', 'by' => '99999'])->assertSessionHasErrors('by');
    ($this->plan)($this->job, ['work' => 'flying', 'by' => (string) $apprentice->id])->assertSessionHasErrors('work');
    ($this->plan)($this->job, ['work' => 'all', 'by' => (string) $apprentice->id], 'post')->assertOk()->assertSee('Ines: all they can');
    expect($this->job->refresh()->hands)->toBeNull();
    ($this->plan)($this->job, ['work' => 'all', 'by' => (string) $apprentice->id])->assertSessionHasNoErrors();
    expect($who())
        ->toMatchArray(['strip' => (string) $apprentice->id, 'torque' => (string) $apprentice->id, 'ride' => (string) $this->person->id]);
    ($this->plan)($this->job, ['work' => 'torque', 'by' => (string) $this->person->id])->assertSessionHasNoErrors();
    ($this->plan)($this->job, ['promised_on' => '2026-12-30'])->assertSessionHasNoErrors();
    expect($who())->toMatchArray(['strip' => (string) $apprentice->id, 'torque' => (string) $this->person->id]);

    // Whoever is shut out, or cannot do it any more, is named for nothing, and nothing else is refused for it.
    $skill = [
        'seen' => ($workshop->skills ?? Skills::none())->mark(), 'name' => 'wiring', 'kinds' => ['strip', 'routes'],
        'people' => [(string) $this->person->id],
    ];
    $this->put('/calendar/skills', ['name' => ''] + $skill)->assertSessionHasErrors('name');
    $this->put('/calendar/skills', ['kinds' => []] + $skill)->assertSessionHasErrors('kinds');
    $this->put('/calendar/skills', ['people' => ['99999']] + $skill)->assertSessionHasErrors('people.0');
    $this->put('/calendar/skills', $skill)->assertSessionHasNoErrors();
    $this->put('/calendar/skills', ['name' => 'other'] + $skill)->assertSessionHasErrors('skill');
    $this->put('/calendar/skills', ['seen' => Workshop::query()->findOrFail($workshop->id)->skills?->mark(), 'kinds' => ['dry']] + $skill)
        ->assertSessionHasErrors('name');
    expect($who())
        ->toMatchArray(['strip' => (string) $this->person->id, 'routes' => (string) $this->person->id, 'dry' => (string) $apprentice->id]);
    $this->get('/calendar/hours')->assertSee('wiring')->assertSee('strip, leads');
    $mark = Workshop::query()->findOrFail($workshop->id)->skills?->mark();
    $this->put('/calendar/skills', ['seen' => $mark, 'was' => 'wiring', 'people' => []] + $skill)->assertSessionHasNoErrors();
    expect(honestDay($this->job))->toBeNull();
    $this->get('/calendar')->assertSee('Nobody here can do what comes next')->assertSee('strip');
    $this->get('/calendar/hours')->assertSee('nobody, so that such work has no date');
    $this->put(
        '/calendar/skills', ['seen' => Workshop::query()->findOrFail($workshop->id)->skills?->mark(), 'was' => 'wiring', 'drop' => '1'],
    )
        ->assertSessionHasNoErrors();
    expect($who()['strip'])->toBe((string) $apprentice->id);
    User::query()->whereKey($apprentice->id)->update(['shut_out_at' => now()]);
    expect($who()['strip'])->toBe((string) $this->person->id);
    ($this->plan)($this->job, ['work' => 'all', 'by' => ''])->assertSessionHasNoErrors();
    expect($this->job->refresh()->hands)->toBeNull();
    $this->actingAs(Workshops::person(Role::Apprentice, $workshop))->put('/calendar/skills', $skill)->assertForbidden();
});

it('asks for stands where several work, and plans no more bikes in them than there are', function (): void {
    $hours = [
        'mon' => '8-12', 'tue' => '8-12', 'wed' => '8-12', 'thu' => '8-12', 'fri' => '8-12', 'sat' => '', 'sun' => '', 'closed' => '',
        'time_zone' => 'UTC',
    ];
    $this->get('/calendar/hours')->assertDontSee('Bikes in stands at a time');
    Workshops::person(Role::Installer, $this->person->workshop()->first());
    $this->get('/calendar/hours')->assertSee('Bikes in stands at a time');
    $others = [Workshops::job($this->person, 'Second'), Workshops::job($this->person, 'Third')];
    $last = fn (): string => (string) max(honestDay($this->job), ...array_map(honestDay(...), $others));
    $keep = fn (mixed $stands) => $this->put(
        '/calendar/hours',
        ['seen' => Workshop::query()->findOrFail($this->person->workshop_id)->hoursMark(), 'stands' => $stands] + $hours,
    );
    $keep('')->assertSessionHasNoErrors();
    $free = $last();
    foreach (['0', 'two', '1.5', '-1', ['x'], '9999'] as $bad) {
        $keep($bad)->assertSessionHasErrors('stands');
    }
    $keep('1')->assertSessionHasNoErrors();
    expect($last())->toBeGreaterThan($free);
    $keep('2')->assertSessionHasNoErrors();
    expect($last())->toBe($free);
});

it('writes in the morning to whoever wants it, once a day, and only where there is something to look at', function (): void {
    Notification::fake();
    $this->artisan('spindle:letters')->assertSuccessful();
    $this->put('/preferences', ['wants_letter' => '1'])->assertSessionHasNoErrors();
    $this->artisan('spindle:letters')->assertSuccessful();
    Notification::assertNothingSent();
    ($this->plan)($this->job, ['promised_on' => '2026-12-02'])->assertSessionHasNoErrors();
    $this->travelTo('2026-12-03 05:30');
    $this->artisan('spindle:letters')->assertSuccessful();
    Notification::assertNothingSent();
    $this->travelTo('2026-12-03 06:15');
    $this->artisan('spindle:letters')->assertSuccessful();
    $this->artisan('spindle:letters')->assertSuccessful();
    Notification::assertSentToTimes($this->person, Morning::class, 1);
    Notification::assertSentTo(
        $this->person, Morning::class,
        fn (Morning $letter) => str_contains(
            (string) $letter->toMail($this->person)->render(), "Promises that will not hold: {$this->job->number}",
        ),
    );
    $this->travelTo('2026-12-04 06:15');
    $this->put('/preferences', ['wants_letter' => '0']);
    $this->artisan('spindle:letters')->assertSuccessful();
    Notification::assertSentToTimes($this->person, Morning::class, 1);
});

it('keeps how a customer is reached, and writes nothing by itself', function (): void {
    $contact = fn (array $with) => $this->put(
        "/calendar/jobs/{$this->job->id}/contact",
        [
            'seen' => Customer::query()->findOrFail($this->job->bike->customer_id)->contactMark(), 'phone' => '+351 22 555 0199',
            'email' => 'rider@post.example', ...$with,
        ],
    );
    $contact(['phone' => 'call me'])->assertSessionHasErrors('phone');
    $contact(['email' => 'nobody'])->assertSessionHasErrors('email');
    $contact(['seen' => 'x'])->assertSessionHasErrors('seen');
    $stale = Customer::query()->findOrFail($this->job->bike->customer_id)->contactMark();
    $contact([])->assertSessionHasNoErrors();
    $contact(['seen' => $stale, 'phone' => '0999'])->assertSessionHasErrors('contact');
    expect(Customer::query()->findOrFail($this->job->bike->customer_id)->phone)->toBe('+351 22 555 0199');
    $this->get("/calendar?change={$this->job->number}")->assertSee('mailto:rider@post.example?subject=', false)
        ->assertSee('tel:+351225550199', false);
    $this->get('/calendar?change[]=x')->assertOk();
    $started = $this->post(
        '/jobs',
        [
            'customer' => 'New Rider', 'bike' => 'Bike', 'kind' => 'diamond', 'frame_material' => 'steel', 'phone' => '0123',
            'email' => 'new@post.example',
        ],
    );
    $started->assertSessionHasNoErrors();
    expect(Customer::query()->where('name', 'New Rider')->sole()->only('phone', 'email'))
        ->toBe(['phone' => '0123', 'email' => 'new@post.example']);
});

it('calls for what is due: a decision of yesterday, what has cured, a re-check', function (): void {
    $job = Workshops::proved(Workshops::kitted($this->person), $this->person);
    Job::query()->whereKey($this->job->id)->update(['waits_for' => 'decision', 'waits_since' => now()->subHours(30)]);
    Job::query()->whereKey($job->id)
        ->update(['rest' => json_encode(['pieces' => ['ride' => 1], 'cured_at' => intdiv(now()->getTimestamp(), 60) - 60])]);
    $this->get('/')->assertSee('Decisions that wait')->assertSee('Cured by now')->assertDontSee('Re-checks that are due');
    Job::query()->whereKey($job->id)->update(['handed_over_at' => now(), 'comes_back_on' => today()]);
    $this->get('/')->assertSee('Re-checks that are due')->assertDontSee('Cured by now');
    Job::query()->whereKey($job->id)->update(['comes_back_on' => today()->addMonths(3)]);
    $this->get('/')->assertDontSee("/jobs/{$job->id}/");
    $this->get("/?find={$job->number}")->assertSee("/jobs/{$job->id}/", false)->assertSee('Ended, or not expected soon');
});
