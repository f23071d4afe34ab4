<?php

declare(strict_types=1);

use App\Models\Condition;
use App\Models\Role;
use App\Models\StepRecord;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->find = fn (array $found) => $this->from("/jobs/{$this->job->id}/condition")->post("/jobs/{$this->job->id}/condition", ['subject' => 'frame', ...$found]);
});

it('keeps what was found and what is done about it, a later finding superseding', function (): void {
    ($this->find)(['severity' => 'fine'])->assertSessionHasNoErrors();
    ($this->find)(['severity' => 'bad', 'remedy' => 'declined', 'declined_by' => 'P. Vosslow', 'note' => 'dent'])->assertSessionHasNoErrors();
    expect(Condition::query()->count())->toBe(2)->and(Condition::query()->standing()->sole()->declined_by)->toBe('P. Vosslow');
    $this->get("/jobs/{$this->job->id}/condition?subject=frame")->assertSee('The customer declines')->assertSee('P. Vosslow');
});

it('wants an answer, a name and a reason where they matter', function (array $found, string $field): void {
    ($this->find)($found)->assertSessionHasErrors($field);
    expect(Condition::query()->count())->toBe(0);
})->with([
    [['severity' => ''], 'severity'], [['severity' => 'bad'], 'remedy'], [['severity' => 'bad', 'remedy' => 'declined'], 'declined_by'],
    [['severity' => 'stop'], 'note'], [['severity' => 'awful'], 'severity'], [['severity' => 'fine', 'subject' => 'bell'], 'subject'],
]);

it('holds the job with a stop until it is lifted with a reason', function (): void {
    ($this->find)(['severity' => 'stop', 'note' => 'crack at the head tube'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->next_step)->toContain('Stopped. Frame')->toContain('crack at the head tube');
    $this->get("/jobs/{$this->job->id}/stack")->assertSee('This job is stopped');
    $build = fn () => $this->from('/')->post("/jobs/{$this->job->id}/build", ['step' => 'safe', 'state' => 'done']);
    $build()->assertSessionHasErrors('state');
    $this->post("/jobs/{$this->job->id}/strip", ['step' => 'power', 'state' => 'done'])->assertSessionHasErrors('state');
    expect(StepRecord::query()->count())->toBe(0);

    $stop = Condition::query()->sole();
    $lift = fn (string $reason) => $this->from('/')->put("/jobs/{$this->job->id}/condition/{$stop->id}", ['reason' => $reason]);
    $lift('')->assertSessionHasErrors('reason');
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop));
    $lift('looks fine to me')->assertForbidden();
    $this->actingAs($this->person);
    $lift('welded by a frame builder, seen')->assertSessionHasNoErrors();

    expect($stop->refresh()->lifted_because)->toContain('welded')->and(Workshops::fresh($this->job)->stopped_for)->toBeNull();
    $build()->assertSessionHasNoErrors();
});

it('lifts no stop of another job', function (): void {
    ($this->find)(['severity' => 'stop', 'note' => 'crack']);
    $other = Workshops::job($this->person);
    $this->put("/jobs/{$other->id}/condition/".Condition::query()->sole()->id, ['reason' => 'x'])->assertNotFound();
    expect(Workshops::fresh($this->job)->stopped_for)->not->toBeNull();
});
