<?php

declare(strict_types=1);

use App\Actions\Survey\RecordCondition;
use App\Models\Condition;
use App\Models\Role;
use App\Models\StepRecord;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->find = fn (array $found) => $this->from("/jobs/{$this->job->id}/condition")
        ->post(
            "/jobs/{$this->job->id}/condition",
            ['subject' => 'frame', 'seen' => (int) Condition::query()->standing()->max('id'), ...$found],
        );
});

it('keeps what was found and what is done about it, a later finding superseding', function (): void {
    ($this->find)(['severity' => 'fine'])->assertSessionHasNoErrors();
    ($this->find)(['severity' => 'bad', 'remedy' => 'declined', 'declined_by' => 'P. Vosslow', 'note' => 'dent'])
        ->assertSessionHasNoErrors();
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

it('lets nobody look a stop away', function (): void {
    ($this->find)(['severity' => 'stop', 'note' => 'crack at the head tube'])->assertSessionHasNoErrors();
    $stop = Condition::query()->sole();
    foreach ([Role::Apprentice, Role::Installer, Role::Owner] as $role) {
        $this->actingAs(Workshops::person($role, $this->person->workshop));
        foreach ([['severity' => 'fine'], ['severity' => 'bad', 'remedy' => 'mend']] as $found) {
            ($this->find)($found)->assertSessionHasErrors('severity');
            $this->postJson("/jobs/{$this->job->id}/condition", ['subject' => 'frame', 'seen' => $stop->id, ...$found])->assertStatus(422);
        }
    }
    expect(
        fn () => app(RecordCondition::class)(
            $this->job, $this->person, Subject::Frame,
            ['severity' => Severity::Fine, 'remedy' => null, 'declined_by' => null, 'note' => null], $stop->id,
        ),
    )
        ->toThrow(ValidationException::class)
        ->and($stop->refresh()->superseded_at)->toBeNull()->and(Workshops::fresh($this->job)->stopped_for)->toContain('crack');
});

it('lets a second stop of a subject stand beside the first until each is lifted, once', function (): void {
    ($this->find)(['severity' => 'stop', 'note' => 'crack'])->assertSessionHasNoErrors();
    ($this->find)(['severity' => 'stop', 'note' => 'dent beside it'])->assertSessionHasNoErrors();
    [$crack, $dent] = Condition::query()->stopping()->orderBy('id')->get()->all();
    $lift = fn (Condition $stop) => $this->from('/')
        ->put("/jobs/{$this->job->id}/condition/{$stop->id}", ['reason' => "seen to, {$stop->id}", 'stop' => $stop->id]);
    $this->get("/jobs/{$this->job->id}/condition?subject=frame")->assertSee('crack')->assertSee('dent beside it');
    $lift($crack)->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->stopped_for)->toContain('dent');
    $lift($crack)->assertSessionHasErrors('reason');
    expect($crack->refresh()->lifted_because)->toBe("seen to, {$crack->id}");
    $lift($dent)->assertSessionHasNoErrors();
    ($this->find)(['severity' => 'fine'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->stopped_for)->toBeNull()
        ->and(Condition::query()->standing()->sole()->severity)->toBe(Severity::Fine);
});

it('keeps what somebody else found after the page was opened', function (): void {
    ($this->find)(['severity' => 'bad', 'remedy' => 'mend', 'note' => 'worn'])->assertSessionHasNoErrors();
    ($this->find)(['severity' => 'fine', 'seen' => 0])->assertSessionHasErrors('severity');
    expect(session('errors')->first('severity'))->toContain('after you had opened')
        ->and(Condition::query()->standing()->sole()->note)->toBe('worn');
});
