<?php

declare(strict_types=1);

use App\Bench\BuildState;
use App\Bench\Gathering;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Arrival;
use App\Models\Condition;
use App\Models\Decision;
use App\Models\Role;
use App\Models\StepRecord;
use App\Models\WaitsFor;
use NeatSpindle\Core\Holding\Build\BuildGate;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Needs\Need;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->version = fn (): int => Workshops::fresh($this->job)->version;
    $this->lacks = fn (): array => OpenJob::of(Workshops::fresh($this->job))->the(Lacking::class)->open;
    $this->lack = fn (string $code): ?Lack => OpenJob::of(Workshops::fresh($this->job))->the(Lacking::class)->lack($code);
    $this->tick = fn (string $step, array $with = []) => $this->post("/jobs/{$this->job->id}/build", [
        'step' => $step, 'state' => 'done', 'seen' => StepRecord::query()->where('step', $step)
            ->whereNull('superseded_at')->value('id') ?? 0, ...$with,
    ]);
    $this->answer = fn (Lack $lack, array $with = []) => $this->put("/jobs/{$this->job->id}/prove/hand-over", [
        'lack' => $lack->code, 'mark' => $lack->mark(), 'why' => [$lack->code => 'The customer brings it'], ...$with,
    ]);
});

it('holds the step that needs a part until somebody has seen it here, and holds it again when it is another', function (): void {
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('All of it is here');
    $needs = OpenJob::of(Workshops::fresh($this->job))->the(Gathering::class)->needs;
    $chain = array_values(array_filter($needs, fn (Need $need) => str_starts_with($need->what, 'Chain')))[0];
    $here = fn (array $with) => $this->put("/jobs/{$this->job->id}/stack/needs", ['version' => ($this->version)(), ...$with]);
    $here(['here' => 'all'])->assertSessionHasErrors();
    $here(['here' => [['x']]])->assertSessionHasErrors();
    $here(['here' => [$chain->mark(), 'no such mark']])->assertSessionHasNoErrors();
    expect(Arrival::query()->sole()->what)->toStartWith('chain,');
    $here(['here' => []])->assertSessionHasNoErrors();
    expect(Arrival::query()->whereNull('superseded_at')->exists())->toBeFalse();
    $here(['all' => '1'])->assertSessionHasNoErrors();
    $here(['all' => '1', 'version' => 0])->assertSessionHasErrors('version');
    expect(array_filter(($this->lacks)(), fn (Lack $lack) => str_starts_with($lack->code, 'part-')))->toBe([]);

    $this->post(
        "/jobs/{$this->job->id}/readings",
        ['spot' => 'chainstay_length', 'typed' => '470', 'instrument' => 'tape', 'afresh' => '1', 'sure' => '1'],
    )
        ->assertSessionHasNoErrors();
    expect(array_values(array_filter(($this->lacks)(), fn (Lack $lack) => str_starts_with($lack->code, 'part-')))[0]->says)
        ->toContain('Not here yet: chain,');
});

it('holds a lead that is too short where it is laid, and says so before anything is closed over it', function (): void {
    $run = $this->job->runs->firstOrFail();
    $this->put("/jobs/{$this->job->id}/runs/{$run->id}", ['supply' => '300', 'version' => ($this->version)()])->assertSessionHasNoErrors();
    Workshops::built($this->job, $this->person, 'thread-0-1-2');
    Decision::query()->where('about', 'without-lead-0')->update(['superseded_at' => now()]);
    ($this->tick)('thread-0-1-2')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('The main harness is too short')->toContain('300 mm are supplied');
    ($this->tick)('body-in')->assertSessionHasErrors('state');
    $this->post("/jobs/{$this->job->id}/build", ['step' => 'no-such', 'state' => 'done'])->assertSessionHasErrors('step');
    $this->put("/jobs/{$this->job->id}/runs/{$run->id}", ['supply' => '1400', 'version' => ($this->version)()])->assertSessionHasNoErrors();
    ($this->tick)('thread-0-1-2')->assertSessionHasNoErrors();
});

it('says in the list of jobs that a step waits for parts, or for somebody to decide', function (): void {
    ($this->tick)('safe')->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->waits_for)->toBe(WaitsFor::Decision)->and(Workshops::fresh($this->job)->next_step)
        ->toContain('Build 2 of');
    $this->put("/jobs/{$this->job->id}/route/battery", ['version' => ($this->version)(), 'pack' => 'marl-48-slim', 'site' => 'triangle'])
        ->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->waits_for)->toBe(WaitsFor::Parts);
    $this->put("/jobs/{$this->job->id}/stack/needs", ['version' => ($this->version)(), 'all' => '1'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->waits_for)->toBe(WaitsFor::Hands);
});

it('lets an owner alone answer for what is wanting, for that very thing, with a reason that leaves with the bike', function (): void {
    $pack = ($this->lack)('pack');
    expect(Workshops::fresh($this->job)->next_at)->toBe(PutRight::Battery);
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('No battery is chosen yet')->assertSee('It may leave so');
    ($this->answer)($pack, ['why' => ['pack' => ' ']])->assertSessionHasErrors('why.pack');
    ($this->answer)($pack, ['mark' => 'of something else'])->assertSessionHasErrors('why.pack');
    ($this->answer)($pack, ['lack' => ['pack']])->assertSessionHasErrors('lack');
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertDontSee('It may leave so')
        ->assertSee('An owner of the workshop may answer for it');
    ($this->answer)($pack)->assertForbidden();
    $this->actingAs($this->person);
    expect(Decision::query()->exists())->toBeFalse();
    ($this->answer)($pack)->assertSessionHasNoErrors();
    ($this->answer)($pack)->assertSessionHasErrors('why.pack');
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Left so')->assertSee('The customer brings it');
    expect(($this->lack)('pack'))->toBeNull()->and(Workshops::fresh($this->job)->next_at)->not->toBe(PutRight::Battery);

    $condition = ($this->lack)('condition');
    ($this->answer)($condition)->assertSessionHasNoErrors();
    $this->post("/jobs/{$this->job->id}/condition", ['subject' => 'pads', 'severity' => 'fine'])->assertSessionHasNoErrors();
    expect(($this->lack)('condition')?->says)->not->toBe($condition?->says);
});

it('takes in one press that all else was looked at, and overwrites nothing that somebody said meanwhile', function (): void {
    $this->post("/jobs/{$this->job->id}/condition", ['subject' => 'pads', 'severity' => 'watch'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/condition")->assertSee('I have looked at the other 16');
    $rest = fn (mixed $subjects) => $this->put("/jobs/{$this->job->id}/condition", ['subjects' => $subjects]);
    $rest('all')->assertSessionHasErrors();
    $rest([])->assertSessionHasErrors('subjects');
    $rest(['saddle'])->assertSessionHasErrors();
    $rest(['pads', 'rims'])->assertSessionHasNoErrors();
    expect(Condition::query()->pluck('severity', 'subject')->map(fn ($severity) => $severity->value)->all())
        ->toEqual(['pads' => 'watch', 'rims' => 'fine']);
    $rest(array_column(Subject::cases(), 'value'))->assertSessionHasNoErrors();
    expect(($this->lack)('condition'))->toBeNull()->and(Condition::query()->count())->toBe(17);
    $this->post("/jobs/{$this->job->id}/condition", ['subject' => 'steering-rod', 'severity' => 'fine'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/condition")->assertSee('17 of 17 looked at');
});

it('opens again what was built on a step that is undone or done again', function (): void {
    Workshops::built($this->job, $this->person, 'boss-bolts');
    $open = fn (): array => array_column(OpenJob::of(Workshops::fresh($this->job))->the(BuildState::class)->open, 'code');
    expect($open())->not->toContain('plate-look');
    ($this->tick)('nut-torque', ['torque' => '46'])->assertSessionHasNoErrors();
    expect($open())->toContain('plate-look')->not->toContain('nut-torque');
    $this->get("/jobs/{$this->job->id}/build?step=plate-look")->assertSee('was undone or done again under it');
    $this->get("/jobs/{$this->job->id}/build")->assertSee('again');
    ($this->tick)('boss-bolts', ['torque' => '8'])->assertSessionHasErrors('state');
    ($this->tick)('plate-look')->assertSessionHasNoErrors();
    expect($open())->not->toContain('plate-look');
    $this->post("/jobs/{$this->job->id}/build", ['step' => 'body-in', 'state' => 'undone', 'seen' => StepRecord::query()
        ->where('step', 'body-in')->whereNull('superseded_at')->value('id')])->assertSessionHasNoErrors();
    expect($open())->toContain('body-in', 'nut-torque', 'plate-look');
});

it('opens again the checks that rest on a step that is done again, and no others', function (): void {
    Workshops::built($this->job, $this->person);
    foreach (['turns-free', 'lock-to-lock', 'pack-locked'] as $check) {
        $this->post("/jobs/{$this->job->id}/prove", ['step' => $check, 'state' => 'done', 'seen' => 0])->assertSessionHasNoErrors();
    }
    $this->post("/jobs/{$this->job->id}/prove", ['step' => 'wakes', 'state' => 'done', 'seen' => 0, 'figure' => '50'])
        ->assertSessionHasNoErrors();
    $open = fn (): array => array_column(OpenJob::of(Workshops::fresh($this->job))->the(Proving::class)->openChecks(), 'code');
    expect($open())->not->toContain('wakes')->not->toContain('turns-free');
    ($this->tick)('dress-0')->assertSessionHasNoErrors();
    $steps = OpenJob::of(Workshops::fresh($this->job))->the(BuildState::class)->open;
    array_map(fn (BuildStep $step) => ($this->tick)($step->code)->assertSessionHasNoErrors(), $steps);
    expect($open())->toContain('wakes')->toContain('turns-free')->not->toContain('pack-locked');
    $this->get("/jobs/{$this->job->id}/prove?step=wakes")
        ->assertSee('Something it rests on was undone, done again or chosen otherwise since');
});

it('lets a step stand that somebody goes on with by name, whatever becomes of what it was passed for', function (): void {
    Workshops::built($this->job, $this->person, 'plate-on');
    Decision::query()->where('about', 'like', 'without-%')->update(['superseded_at' => now()]);
    $gate = fn () => OpenJob::of(Workshops::fresh($this->job))->the(BuildState::class);
    $hold = (string) $gate()->gate?->objection($gate()->sheet?->step('boss-bolts') ?? throw new LogicException);
    expect($hold)->toContain('Plate looked at for skew');
    $this->put(
        "/jobs/{$this->job->id}/build/pass",
        ['step' => 'boss-bolts', 'hold' => BuildGate::mark($hold), 'because' => 'Fitted so at the maker’s'],
    )
        ->assertSessionHasNoErrors();
    ($this->tick)('boss-bolts', ['torque' => '8'])->assertSessionHasNoErrors();
    $done = fn (): array => $gate()->ticks->done;
    expect($done())->toContain('boss-bolts', 'body-in');

    $this->post("/jobs/{$this->job->id}/build", ['step' => 'body-in', 'state' => 'undone', 'seen' => StepRecord::query()
        ->where('step', 'body-in')->whereNull('superseded_at')->value('id')])->assertSessionHasNoErrors();
    expect($done())->not->toContain('body-in')->toContain('boss-bolts');
});

it('opens again a step that was passed because its part was away, once what it rests on is undone', function (): void {
    Workshops::built($this->job, $this->person, 'ring');
    Arrival::query()->update(['superseded_at' => now()]);
    $gate = fn () => OpenJob::of(Workshops::fresh($this->job))->the(BuildState::class);
    $hold = (string) $gate()->gate?->objection($gate()->sheet?->step('ring') ?? throw new LogicException);
    expect($hold)->toContain('Not here yet: ring');
    $this->put(
        "/jobs/{$this->job->id}/build/pass",
        ['step' => 'ring', 'hold' => BuildGate::mark($hold), 'because' => 'Another of the kind lies here'],
    )
        ->assertSessionHasNoErrors();
    ($this->tick)('ring', ['torque' => '9'])->assertSessionHasNoErrors();
    expect($gate()->ticks->done)->toContain('ring');
    $this->post("/jobs/{$this->job->id}/build", ['step' => 'dry-fit', 'state' => 'undone', 'seen' => StepRecord::query()
        ->where('step', 'dry-fit')->whereNull('superseded_at')->value('id')])->assertSessionHasNoErrors();
    expect($gate()->ticks->reopened)->toHaveKey('ring');
});
