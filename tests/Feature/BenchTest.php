<?php

declare(strict_types=1);

use App\Models\Condition;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Role;
use App\Models\Track;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

const JOB_PLACES = [
    'survey', 'condition', 'strip', 'match', 'stack', 'stack/ways', 'stack/order', 'stack/rest', 'line', 'line/gears', 'line/hills',
    'route', 'route/cockpit', 'route/sensors',
    'route/battery', 'build', 'build/print', 'build/house', 'prove', 'prove/settings', 'prove/hand-over', 'prove/come-back',
];

it('shows the workshop’s own jobs by what they wait for', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::kitted($person);
    Workshops::job(Workshops::stocked(), 'Somebody else’s bike');

    $this->actingAs($person)->get('/')->assertOk()
        ->assertSeeInOrder(['a measurement', 'Red hardtail', 'hands', 'Grey hardtail', 'Choose a battery'])
        ->assertDontSee('Somebody else’s bike');
});

it('finds a job by number, bike or name', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::job($person, 'Blue tourer');

    $this->actingAs($person)->get('/?find=blue')->assertSee('Blue tourer')->assertDontSee('Red hardtail');
    $this->get('/?find=zebra')->assertSee('No job matches');
});

it('shows whose jobs, what is next for me, what is late, and finds what has ended', function (): void {
    $person = Workshops::stocked();
    $other = Workshops::person(Role::Installer, $person->workshop()->first(), 'Dov Tester');
    $this->actingAs($person);
    $mine = Workshops::job($person, 'Red hardtail');
    $theirs = Workshops::job($person, 'Blue tourer');
    Job::query()->whereKey($theirs->id)->update(['assignee_id' => $other->id, 'promised_on' => today()->subDay()]);
    Job::query()->whereKey($mine->id)
        ->update(['parts_on' => today()->subDays(3), 'rest' => json_encode(['pieces' => ['dry' => 3], 'parts' => true])]);
    $this->get('/')->assertSee('Next for you:')->assertSee('Promises that will not hold')->assertSee('Deliveries that are late');
    $this->get("/?who={$other->id}")->assertSee('Blue tourer')->assertDontSee('Red hardtail');
    $this->get('/?who[]=x')->assertOk()->assertSee('Red hardtail');
    Job::query()->whereKey($theirs->id)->update(['ended_at' => now(), 'ended_as' => 'given-up']);
    $this->get('/')->assertDontSee('Blue tourer');
    $this->get('/?find=blue')->assertSee('Blue tourer')->assertSee('Ended');
    $this->get('/?find='.urlencode('%'))->assertOk()->assertSee('No job matches');
});

it('says since when a bike waits for what it waits for', function (): void {
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::kitted($person);
    expect($job->refresh()->waits_since)->not->toBeNull();
    Job::query()->whereKey($job->id)->update(['waits_since' => now()->subDays(5)]);
    Workshops::read($job, $person, Spot::AxisHeight, '300');
    expect($job->refresh()->waits_since?->isBefore(now()->subDays(4)))->toBeTrue();
    $this->get('/')->assertSee('since '.now()->subDays(5)->format('j M'));
});

it('has a face for an empty bench', function (): void {
    $this->actingAs(Workshops::person())->get('/')->assertSee('No bike on the bench yet');
});

it('takes a bike in with two words', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person)->post('/jobs', [
        'customer' => 'Petra Vosslow', 'bike' => 'Slate hardtail', 'kind' => 'diamond', 'frame_material' => 'aluminium',
        'promised_on' => '', 'assignee_id' => $person->id,
    ])->assertRedirect();

    $job = Job::query()->with('bike.customer')->sole();
    expect($job->number)->toBe(1)
        ->and($job->bike->customer->name)->toBe('Petra Vosslow')
        ->and($job->runs()->count())->toBe(3);

    $this->post(
        '/jobs',
        [
            'customer' => 'Petra Vosslow', 'bike' => 'Second', 'kind' => 'fat', 'frame_material' => 'steel',
            'whose' => (string) Customer::query()->sole()->id,
        ],
    );
    expect(Customer::query()->count())->toBe(1)->and(Job::query()->max('number'))->toBe(2);
});

it('says at each field what was expected, and keeps nothing', function (): void {
    $this->actingAs(Workshops::stocked())->from('/jobs/new')->post('/jobs', [
        'customer' => '', 'bike' => str_repeat('x', 121), 'kind' => 'penny', 'frame_material' => 'wood', 'promised_on' => '2020-01-01',
        'assignee_id' => 999,
    ])->assertSessionHasErrors(['customer', 'bike', 'kind', 'frame_material', 'promised_on', 'assignee_id']);
    expect(Job::query()->count())->toBe(0)->and(Customer::query()->count())->toBe(0);
});

it('does not find another workshop’s job, whatever is asked of it, at any door', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $this->actingAs($owner)->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'stop', 'note' => 'Cracked'])
        ->assertSessionHasNoErrors();
    $track = Track::query()
        ->create([
            'job_id' => $job->id, 'user_id' => $owner->id, 'name' => 'Hill', 'heights' => [0, 1], 'length_m' => 25, 'raw_ascent_m' => 1,
            'points' => 2, 'remarks' => [],
        ]);
    $before = Workshops::fresh($job)->version;
    $ids = [
        'job' => $job->id, 'reading' => $job->readings->first()?->id, 'run' => $job->runs->first()?->id, 'drawing' => 'line',
        'motor' => $owner->workshop->motors->first()?->id, 'condition' => Condition::query()->value('id'), 'track' => $track->id,
    ];
    $doors = array_filter(Route::getRoutes()->getRoutes(), fn ($route) => str_starts_with($route->uri(), 'jobs/{job}'));
    $this->actingAs(Workshops::stocked());
    $open = array_filter($doors, fn ($route) => $this->call(
        $route->methods()[0],
        '/'.strtr(
            $route->uri(), array_combine(array_map(fn (string $name) => "{{$name}}", array_keys($ids)), array_map(strval(...), $ids)),
        ),
        ['version' => $job->version],
    )->getStatusCode() !== 404);

    expect(count($doors))->toBeGreaterThan(40)
        ->and(array_map(fn ($route) => "{$route->methods()[0]} {$route->uri()}", $open))->toBe([])
        ->and(Workshops::fresh($job)->version)->toBe($before)
        ->and(Track::query()->count())->toBe(1);
});

it('opens every place of a job at every stage', function (): void {
    $person = Workshops::stocked(Role::Installer);
    foreach ([Workshops::job($person), Workshops::measured($person), Workshops::kitted($person)] as $job) {
        foreach (JOB_PLACES as $place) {
            expect([$place, $this->actingAs($person)->get("/jobs/{$job->id}/{$place}")->getStatusCode()])->toBe([$place, 200]);
        }
    }
});

it('opens every place with an empty catalogue, and says what is missing', function (): void {
    $person = Workshops::person();
    $job = Workshops::measured($person);
    foreach (['match', 'stack', 'line', 'line/gears', 'line/hills', 'build', 'build/print'] as $place) {
        $this->actingAs($person)->get("/jobs/{$job->id}/{$place}")->assertOk()->assertSee('Read a catalogue in');
    }
});

it('goes to the database at most eight times for any page', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    Workshops::kitted($person);
    $this->actingAs($person->refresh());
    $this->post("/jobs/{$job->id}/strip", ['step' => 'power', 'state' => 'done'])->assertSessionHasNoErrors();
    $this->post("/jobs/{$job->id}/build", ['step' => 'safe', 'state' => 'done'])->assertSessionHasNoErrors();
    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'fine'])->assertSessionHasNoErrors();
    DB::enableQueryLog();
    $places = array_map(fn (string $place) => "/jobs/{$job->id}/{$place}", JOB_PLACES);
    $many = [];
    foreach (['/', '/jobs/new', '/drawer', '/drawer/missing', '/catalogue', '/house', ...$places] as $path) {
        DB::flushQueryLog();
        $this->get($path)->assertOk();
        // One for the person, whom a browser's session asks for and this does not.
        $asked = 1 + count(DB::getQueryLog());
        if ($asked > 8) {
            $many[$path] = $asked;
        }
    }

    expect($many)->toBe([]);
});

it('shows this week’s alone: what is promised or done until Sunday, whoever’s, and keeps the other choice', function (): void {
    $this->travelTo('2026-12-02 09:00');
    $this->actingAs($person = Workshops::stocked());
    $soon = Workshops::job($person, 'Red hardtail');
    $later = Workshops::job($person, 'Blue tourer');
    Job::query()->whereKey($soon->id)->update(['promised_on' => '2026-12-05']);
    Job::query()->whereKey($later->id)
        ->update([
            'promised_on' => '2026-12-18', 'rest' => json_encode(['pieces' => ['dry' => 3], 'parts' => true]), 'parts_on' => '2026-12-16',
        ]);
    $this->get('/')->assertSee('Red hardtail')->assertSee('Blue tourer')->assertSee('week=this');
    $this->get("/?week=this&who={$person->id}")->assertSee('Red hardtail')->assertDontSee('Blue tourer')
        ->assertSee("?who={$person->id}\"", false);
    $this->get('/?week=next')->assertSee('Blue tourer');
    $this->travelTo('2026-12-08 09:00');
    Job::query()->whereKey($soon->id)->update(['ended_at' => now(), 'ended_as' => 'given-up']);
    $this->get('/?week=this')->assertSee('No job is due this week');
});
