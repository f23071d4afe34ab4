<?php

declare(strict_types=1);

use App\Models\Condition;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\Role;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::measured($this->person);
});

it('asks for a look at frame, wheels and brakes before anything comes off, in one press or one by one', function (): void {
    $this->get("/jobs/{$this->job->id}/strip")->assertSee('nobody has looked at')->assertSee('frame: cracks, dents, corrosion')
        ->assertSee('brakes: kind and condition')
        ->assertDontSee('subject=lights', false);
    $this->put(
        "/jobs/{$this->job->id}/condition",
        ['subjects' => ['frame', 'carbon', 'joint', 'wheels', 'brake-kind', 'coaster', 'belt'], 'back' => 'strip'],
    )
        ->assertSessionHasNoErrors()->assertRedirect(route('job.strip', $this->job));
    expect(Condition::query()->where('job_id', $this->job->id)->count())->toBe(7);
    $this->get("/jobs/{$this->job->id}/strip")->assertDontSee('nobody has looked at');
    $this->put("/jobs/{$this->job->id}/condition", ['subjects' => ['lights'], 'back' => 'elsewhere'])->assertSessionHasErrors('back');
    $this->get("/jobs/{$this->job->id}/condition")->assertSee('data-key="n"', false)->assertSee('Next: strip the bike');
});

it('no longer asks once something is off', function (): void {
    $this->post("/jobs/{$this->job->id}/strip", ['step' => 'power', 'state' => 'done', 'seen' => '0'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/strip")->assertDontSee('nobody has looked at');
});

it('tells of a carbon frame before anything comes off, and ends the job there where its maker says no', function (): void {
    $this->get("/jobs/{$this->job->id}/survey")->assertDontSee('This frame is carbon');
    $this->job->bike->update(['frame_material' => FrameMaterial::Carbon]);
    $this->get("/jobs/{$this->job->id}/survey")->assertSee('This frame is carbon')->assertSee('A toothed plate')
        ->assertSee('Its maker decides, not we')->assertSee('its maker does not allow a motor');
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->firstOrFail()))->get("/jobs/{$this->job->id}/survey")
        ->assertSee('A toothed plate')->assertDontSee('End this job');
    $this->actingAs($this->person)
        ->post(
            "/jobs/{$this->job->id}/end",
            ['ended_as' => 'given-up', 'ended_because' => 'The frame is carbon, and its maker does not allow a motor on it.'],
        )
        ->assertSessionHasNoErrors();
    expect(Job::query()->findOrFail($this->job->id)->ended_as)->toBe(JobEnd::GivenUp);
});

it('does not tell of it again once somebody has written down what the maker says', function (): void {
    $this->job->bike->update(['frame_material' => FrameMaterial::Carbon]);
    $this->post(
        "/jobs/{$this->job->id}/condition",
        ['subject' => 'carbon', 'severity' => 'fine', 'note' => 'Its maker allows a motor, in writing.'],
    )
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/survey")->assertDontSee('This frame is carbon');
});

it('leads on from every place with one key, and says where to', function (string $place): void {
    $open = $this->get("/jobs/{$this->job->id}/{$place}")->assertOk();
    $next = Job::query()->findOrFail($this->job->id);
    $open->assertSee('id="onward"', false)->assertSee($next->next_step)->assertSee(route("job.{$next->stage->value}", $next), false);
})->with(['survey', 'condition', 'strip', 'match', 'stack', 'line', 'route', 'build', 'prove']);

it('says of each place whether it is done, next, held or open', function (): void {
    $this->get("/jobs/{$this->job->id}/match")
        ->assertSeeInOrder(
            [
                'Survey<span class="visually-hidden">, done', 'Match<span class="visually-hidden">, held',
                'Build<span class="visually-hidden">, open',
            ],
            false,
        );
});
