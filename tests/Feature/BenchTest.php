<?php

declare(strict_types=1);

use App\Models\Customer;
use App\Models\Job;
use App\Models\Role;
use Tests\Support\Workshops;

it('shows the workshop’s own jobs by what they wait for', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::kitted($person);
    Workshops::job(Workshops::stocked(), 'Somebody else’s bike');

    $this->actingAs($person)->get('/')->assertOk()
        ->assertSeeInOrder(['a measurement', 'Red hardtail', 'hands', 'Grey hardtail', 'Build 1 of'])
        ->assertDontSee('Somebody else’s bike');
});

it('finds a job by number, bike or name', function (): void {
    $person = Workshops::stocked();
    Workshops::job($person, 'Red hardtail');
    Workshops::job($person, 'Blue tourer');

    $this->actingAs($person)->get('/?find=blue')->assertSee('Blue tourer')->assertDontSee('Red hardtail');
    $this->get('/?find=zebra')->assertSee('No job matches');
});

it('has a face for an empty bench', function (): void {
    $this->actingAs(Workshops::person())->get('/')->assertSee('No bike on the bench yet');
});

it('takes a bike in with two words', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person)->post('/jobs', [
        'customer' => 'Petra Vosslow', 'bike' => 'Slate hardtail', 'kind' => 'diamond', 'frame_material' => 'aluminium', 'promised_on' => '', 'assignee_id' => $person->id,
    ])->assertRedirect();

    $job = Job::query()->with('bike.customer')->sole();
    expect($job->number)->toBe(1)
        ->and($job->bike->customer->name)->toBe('Petra Vosslow')
        ->and($job->runs()->count())->toBe(3);

    $this->post('/jobs', ['customer' => 'Petra Vosslow', 'bike' => 'Second', 'kind' => 'fat', 'frame_material' => 'steel']);
    expect(Customer::query()->count())->toBe(1)->and(Job::query()->max('number'))->toBe(2);
});

it('says at each field what was expected, and keeps nothing', function (): void {
    $this->actingAs(Workshops::stocked())->from('/jobs/new')->post('/jobs', [
        'customer' => '', 'bike' => str_repeat('x', 121), 'kind' => 'penny', 'frame_material' => 'wood', 'promised_on' => '2020-01-01', 'assignee_id' => 999,
    ])->assertSessionHasErrors(['customer', 'bike', 'kind', 'frame_material', 'promised_on', 'assignee_id']);
    expect(Job::query()->count())->toBe(0)->and(Customer::query()->count())->toBe(0);
});

it('does not find another workshop’s job, whatever is asked of it', function (string $method, string $path): void {
    $job = Workshops::kitted(Workshops::stocked());
    $reading = $job->readings->first();
    $run = $job->runs->first();
    $path = strtr($path, ['{job}' => (string) $job->id, '{reading}' => (string) $reading?->id, '{run}' => (string) $run?->id]);

    $this->actingAs(Workshops::stocked())->call($method, $path, ['version' => $job->version])->assertNotFound();
    expect(Workshops::fresh($job)->version)->toBe($job->version);
})->with([
    ['GET', '/jobs/{job}'], ['GET', '/jobs/{job}/survey'], ['GET', '/jobs/{job}/condition'], ['POST', '/jobs/{job}/condition'], ['POST', '/jobs/{job}/caliper'], ['GET', '/jobs/{job}/strip'], ['GET', '/jobs/{job}/match'], ['GET', '/jobs/{job}/stack'],
    ['GET', '/jobs/{job}/line'], ['GET', '/jobs/{job}/route'], ['GET', '/jobs/{job}/build'], ['GET', '/jobs/{job}/build/print'],
    ['GET', '/jobs/{job}/job.json'], ['GET', '/jobs/{job}/worksheet.json'], ['GET', '/jobs/{job}/section.svg'],
    ['POST', '/jobs/{job}/readings'], ['DELETE', '/jobs/{job}/readings/{reading}'], ['POST', '/jobs/{job}/answers'], ['POST', '/jobs/{job}/strip'],
    ['PUT', '/jobs/{job}/motor'], ['PUT', '/jobs/{job}/ring'], ['PUT', '/jobs/{job}/stack'], ['DELETE', '/jobs/{job}/stack'], ['PUT', '/jobs/{job}/runs/{run}'], ['POST', '/jobs/{job}/build'],
]);

it('opens every place of a job at every stage', function (string $place): void {
    $person = Workshops::stocked(Role::Installer);
    foreach ([Workshops::job($person), Workshops::measured($person), Workshops::kitted($person)] as $job) {
        $this->actingAs($person)->get("/jobs/{$job->id}/{$place}")->assertOk();
    }
})->with(['survey', 'condition', 'strip', 'match', 'stack', 'line', 'route', 'build', 'build/print']);

it('opens every place with an empty catalogue, and says what is missing', function (string $place): void {
    $person = Workshops::person();
    $this->actingAs($person)->get('/jobs/'.Workshops::measured($person)->id."/{$place}")->assertOk()->assertSee('Read a catalogue in');
})->with(['match', 'stack', 'line', 'build', 'build/print']);

it('asks the database at most 16 times for any page', function (string $path): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    Workshops::kitted($person);
    $this->actingAs($person->fresh());
    $this->post("/jobs/{$job->id}/strip", ['step' => 'power', 'state' => 'done'])->assertSessionHasNoErrors();
    $this->post("/jobs/{$job->id}/build", ['step' => 'safe', 'state' => 'done'])->assertSessionHasNoErrors();
    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'fine'])->assertSessionHasNoErrors();
    // One for the person, whom a browser's session asks for and this does not.
    $queries = 1;
    DB::listen(function () use (&$queries): void {
        $queries++;
    });
    $this->get(strtr($path, ['{job}' => (string) $job->id]))->assertOk();
    expect($queries)->toBeLessThanOrEqual(16);
})->with(['/', '/jobs/new', '/jobs/{job}/survey', '/jobs/{job}/condition', '/jobs/{job}/strip', '/jobs/{job}/match', '/jobs/{job}/stack', '/jobs/{job}/line', '/jobs/{job}/route', '/jobs/{job}/build', '/jobs/{job}/build/print', '/drawer', '/catalogue']);
