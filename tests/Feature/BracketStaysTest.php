<?php

declare(strict_types=1);

use App\Actions\Kit\BraceBody;
use App\Actions\Steps\RecordStripStep;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\BracingDecision;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

const OVER_CUPS = ['cups_width' => '96.0', 'cup_flange' => '2.0'];

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $bare = ['shell_width', 'shell_bore', 'thread_pitch', 'stay_45', 'stay_64', 'stay_80', 'stay_112'];
    $this->job = Workshops::measured($this->person, OVER_CUPS + array_diff_key(Workshops::READINGS, array_flip($bare)));
    $this->actingAs($this->person);
    $this->choose = fn (string $motor) => $this->put("/jobs/{$this->job->id}/motor", [
        'version' => Workshops::fresh($this->job)->version, 'motor_id' => $this->person->workshop->motors()
            ->where('code', $motor)->value('id'),
        'ring_id' => $this->person->workshop->rings()->where('code', 'plain-40')->value('id'),
    ])->assertSessionHasNoErrors();
    $this->say = fn (string $spot, string $value) => $this->post("/jobs/{$this->job->id}/answers", ['spot' => $spot, 'value' => $value])
        ->assertSessionHasNoErrors();
    $this->strip = fn (): array => array_map(fn (StripStep $step) => $step->code, bracketJob($this->job)->stripPlan()->steps);
});

function bracketJob(Job $job): OpenJob
{
    return OpenJob::of(Workshops::fresh($job));
}

/** @param  list<string>  $steps */
function takeOff(Job $job, User $by, array $steps): void
{
    foreach ($steps as $code) {
        app(RecordStripStep::class)(Workshops::fresh($job), $by, $code, ['state' => StepState::Done, 'note' => null]);
    }
}

it('takes off what the ring’s crank replaces and no more, where the frame’s own spindle stays', function (): void {
    $bare = fn () => array_filter(bracketJob($this->job)->walk()->spots, fn (Spot $spot) => $spot->sitting() === Sitting::AfterTheStrip);
    ($this->choose)('wren-pair');
    expect(bracketJob($this->job)->walk()->next())->toBe(Spot::BracketStays)->and($bare())->not->toBe([])->and(($this->strip)())
        ->toContain('crank-left', 'cup-drive', 'look-inside');
    $this->get("/jobs/{$this->job->id}/survey")->assertOk()->assertSee('Own spindle stays');

    ($this->say)('bracket_stays', 'yes');
    expect(($this->strip)())->toBe(['power', 'pedal-right', 'chain', 'front-mech', 'crank-bolt-right', 'crank-right', 'look-at-what-stays'])
        ->and($bare())->toBe([])
        ->and(bracketJob($this->job)->findings->shellWidth()?->value)->toBe(92.0);
    $this->get("/jobs/{$this->job->id}/strip?step=look-at-what-stays")->assertOk()->assertSee('left crank stay')
        ->assertDontSee('Left pedal');

    ($this->say)('bracket_stays', 'no');
    expect(($this->strip)())->toContain('pedal-left', 'crank-left', 'cup-drive', 'look-inside')->and($bare())->not->toBe([]);
});

it('builds on it to the end: nothing that stayed is built again, and nothing begins before what comes off is off', function (): void {
    ($this->choose)('wren-pair');
    ($this->say)('bracket_stays', 'yes');
    foreach (['ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1'] as $spot => $typed) {
        Workshops::read($this->job, $this->person, Spot::from($spot), $typed);
    }
    foreach (['crank_bolt_turns' => '6', 'bearing_feel' => 'free', 'tensioner_arm' => 'free', 'drive_chain' => 'own'] as $spot => $value) {
        ($this->say)($spot, $value);
    }
    app(BraceBody::class)(
        Workshops::fresh($this->job), $this->person, Workshops::fresh($this->job)->version,
        new BracingDecision(position: BodyPosition::Below, rest: Rest::Frame, restRadius: 120.0, gap: GapContents::Nothing),
    );
    $this->job = Workshops::ready(Workshops::fresh($this->job));
    $safe = fn (string $state) => $this->post(
        "/jobs/{$this->job->id}/build",
        [
            'step' => 'safe', 'state' => $state,
            'seen' => (string) Workshops::fresh($this->job)->stepRecords->firstWhere('step', 'safe')?->id,
        ],
    )
        ->assertSessionHasNoErrors();
    $safe('done');
    $this->get("/jobs/{$this->job->id}/build?step=dry-fit")->assertOk()->assertSee('Spindle and cups stay')->assertSee('To the strip');

    $safe('undone');
    takeOff($this->job, $this->person, ($this->strip)());
    $titles = array_map(fn (BuildStep $step) => $step->code, bracketJob($this->job)->buildSheet()->steps ?? []);
    expect(array_intersect(['bearings', 'first-chain-laid', 'spindle-home', 'cups-torque', 'crank-left-seat', 'crank-left'], $titles))
        ->toBe([])
        ->and($titles)->toContain('play', 'bolt-by-hand', 'first-chain', 'pedals')
        ->and(bracketJob($this->job)->buildSheet()?->step('first-chain')?->how)->toContain('joined with its link')
        ->and(bracketJob($this->job)->buildSheet()?->step('pedals')?->title)->toBe('Right pedal on');
    expect(Workshops::built($this->job, $this->person)->stepRecords()->where('sheet', 'build')->count())->toBe(count($titles));
    $this->get("/jobs/{$this->job->id}/survey")->assertOk()->assertSee('no bare shell is seen')
        ->assertDontSee('firms up on the bare shell');
    $this->get("/jobs/{$this->job->id}/stack")->assertOk()->assertSee('told over them');
    $this->get("/jobs/{$this->job->id}/match")->assertOk()->assertSee('hangs beside them')->assertDontSee('every answer here waits');
});

it('does not believe it where the spindle leaves with its crank, a motor needs the shell, or it came off already', function (): void {
    ($this->choose)('wren-pair');
    ($this->say)('bracket_stays', 'yes');
    ($this->say)('crank_kind', 'two-piece');
    expect(($this->strip)())->toContain('crank-left', 'cup-drive')->and(bracketJob($this->job)->walk()->isKnown(Spot::BracketStays))
        ->toBeTrue();

    ($this->say)('crank_kind', 'square-taper');
    ($this->choose)('heron-73');
    expect(($this->strip)())->toContain('crank-left', 'cup-drive')->and(bracketJob($this->job)->walk()->spots)->not
        ->toContain(Spot::BracketStays);
    takeOff($this->job, $this->person, ['power', 'pedal-right', 'pedal-left']);
    ($this->choose)('wren-pair');
    expect(($this->strip)())->toContain('crank-left', 'cup-drive')->and(bracketJob($this->job)->walk()->isOpen(Spot::BracketStays))
        ->toBeFalse();
});
