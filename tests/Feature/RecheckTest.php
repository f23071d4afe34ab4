<?php

declare(strict_types=1);

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Recheck;
use App\Models\RecheckItem;
use App\Models\Role;
use App\Models\StepRecord;
use App\Models\User;
use NeatSpindle\Core\Whole\Prove\Complaint;
use NeatSpindle\Core\Whole\Prove\Found;
use Tests\Support\Instruments;
use Tests\Support\Workshops;

/** A bike as it was built and given out, whatever led there. */
function givenOut(User $by, string $motor = 'heron-73'): Job
{
    $job = Workshops::built(Workshops::kitted($by, $motor), $by);
    HandOver::query()->create(['job_id' => $job->id, 'user_id' => $by->id, 'handed_at' => now(), 'recheck_on' => today()->addDays(14)]);
    $job->forceFill(['handed_over_at' => now()])->save();

    return Workshops::fresh($job);
}

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = givenOut($this->person);
    $this->take = fn (array $with, ?Job $job = null) => $this
        ->post('/jobs/'.($job ?? $this->job)->id.'/prove/come-back', ['kilometres' => '60', ...$with]);
});

it('keeps how a bike was found, with the torque before it was tightened', function (): void {
    ($this->take)([
        'found' => ['nut-torque' => 'loose', 'ties' => 'frayed', 'ring' => ''], 'torques' => ['nut-torque' => '22,5'],
        'notes' => ['ties' => 'at the head'], 'note' => 'It creaks',
    ])
        ->assertSessionHasNoErrors();
    $recheck = Recheck::query()->sole();
    expect($recheck->kilometres)->toBe(60)->and($recheck->found())->toBe(['nut-torque' => Found::Loose, 'ties' => Found::Frayed])
        ->and(RecheckItem::query()->where('code', 'nut-torque')->sole()->torque_nm)->toBe(22.5);
    $this->get("/jobs/{$this->job->id}/prove/come-back")->assertSee('22.5 N·m found')->assertSee('It creaks')->assertSee('at the head')
        ->assertDontSee('Found 2 times');
    expect(Workshops::fresh($this->job)->next_step)->toBe('Came back, no day for the next time');
    ($this->take)(['found' => ['nut-torque' => 'held'], 'next_on' => today()->addDays(90)->format('Y-m-d')]);
    expect(Workshops::fresh($this->job)->next_step)->toContain('Comes back')
        ->and(Workshops::fresh($this->job)->comes_back_on?->format('Y-m-d'))->toBe(today()->addDays(90)->format('Y-m-d'));
});

it('puts what the wrench shows into its field, with all that was typed, and keeps nothing yet', function (): void {
    $this->instruments = Instruments::plugIn('wrench')->set('wrench', pull: 22.5);
    $typed = [
        'kilometres' => '60', 'wrench' => 'nut-torque', 'found' => ['ties' => 'frayed'], 'torques' => ['nut-torque' => '', 'ring' => '9'],
        'note' => 'It creaks',
    ];
    $take = fn () => $this->from("/jobs/{$this->job->id}/prove/come-back")->post("/jobs/{$this->job->id}/prove/come-back/wrench", $typed);
    $take()->assertSessionHasInput('torques.nut-torque', '22.5 N·m')->assertSessionHasInput('torques.ring', '9')
        ->assertSessionHasInput('note', 'It creaks')->assertSessionHasInput('found.ties', 'frayed');
    $this->get("/jobs/{$this->job->id}/prove/come-back")->assertSee('from the wrench');
    $this->instruments->cut('wrench');
    $take()->assertSessionHasErrors('torques.nut-torque');
    expect(Recheck::query()->count())->toBe(0);
    ($this->take)(['found' => ['nut-torque' => 'loose'], 'torques' => ['nut-torque' => '22.5 N·m']])->assertSessionHasNoErrors();
    $this->instruments->stop();
});

it('says where something typed cannot be, and keeps nothing of it', function (array $with, string $field): void {
    ($this->take)($with)->assertSessionHasErrors($field);
    expect(Recheck::query()->count())->toBe(0);
})->with([
    [['kilometres' => ''], 'kilometres'], [
        ['kilometres' => 'far', 'found' => ['ties' => 'held']], 'kilometres',
    ], [['found' => []], 'found'], [['found' => ['the-bell' => 'loose']], 'found'],
    [['found' => ['ties' => 'gone']], 'found.ties'], [
        ['found' => ['nut-torque' => 'loose'], 'torques' => ['nut-torque' => 'much']], 'torques.nut-torque',
    ],
    [
        ['found' => ['nut-torque' => 'loose'], 'torques' => ['nut-torque' => '9000']], 'torques.nut-torque',
    ], [['found' => 'loose'], 'found'], [['found' => ['ties' => 'held'], 'next_on' => 'soon'], 'next_on'],
]);

it('makes a finding of what was loose twice, and tells it at the step of the next bike like it', function (): void {
    ($this->take)(['found' => ['nut-torque' => 'loose', 'ring' => 'moved']]);
    ($this->take)(['found' => ['nut-torque' => 'moved', 'ring' => 'held']]);
    $this->get("/jobs/{$this->job->id}/prove/come-back")->assertSee('Found 2 times');
    $next = Workshops::kitted($this->person);
    $this->get("/jobs/{$next->id}/build?step=nut-torque")->assertSee("From job {$this->job->number}: has moved, found 2 times");
    $this->get("/jobs/{$next->id}/build?step=ring")->assertDontSee("From job {$this->job->number}");
    $next->bike->update(['kind' => 'fat']);
    $this->get("/jobs/{$next->id}/build?step=nut-torque")->assertDontSee("From job {$this->job->number}");

    $stranger = Workshops::stocked();
    $theirs = Workshops::kitted($stranger);
    $this->actingAs($stranger)->get("/jobs/{$theirs->id}/build?step=nut-torque")->assertOk()->assertDontSee('From job');
});

it('lets nothing come back that has not left', function (): void {
    $home = Workshops::built(Workshops::kitted($this->person), $this->person);
    ($this->take)(['found' => ['ties' => 'held']], $home)->assertSessionHasErrors('kilometres');
    $this->get("/jobs/{$home->id}/prove/come-back")->assertSee('It has not left yet');
});

it('makes work of what was found: its steps are open again with what they were, all else stays, and it leaves again', function (): void {
    $job = Workshops::proved(Workshops::kitted($this->person), $this->person);
    $this->post("/jobs/{$job->id}/prove/hand-over", ['version' => $job->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d')])
        ->assertSessionHasNoErrors();
    $all = count(OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? []);
    $this->get("/jobs/{$job->id}/prove/come-back")->assertDontSee('What is done about it');
    $this->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['nut-torque']])->assertSessionHasErrors('steps');
    ($this->take)(['found' => ['nut-torque' => 'loose', 'ties' => 'held'], 'note' => 'It clicks once a turn'], $job)
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/prove/come-back")
        ->assertSeeInOrder(
            [
                'What is done about it', 'loose', 'value="nut-torque" checked', 'Clicks or knocks, once a turn', 'value="crank-right"',
                'A crank has settled on its taper',
            ],
            false,
        );
    $this->put("/jobs/{$job->id}/prove/come-back", ['steps' => []])->assertSessionHasErrors('steps');
    $this->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['no-such-step']])->assertSessionHasErrors('steps');
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->firstOrFail()))
        ->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['nut-torque']])->assertForbidden();
    $this->actingAs($this->person)->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['nut-torque', 'crank-right']])
        ->assertSessionHasNoErrors()->assertRedirect(route('job.build', $job));

    $open = OpenJob::of(Workshops::fresh($job));
    $codes = array_column($open->the(BuildState::class)->open, 'code');
    expect($codes)->toContain('nut-torque')->toContain('crank-right')->and(count($codes))->toBeLessThan($all / 2)
        ->and(Workshops::fresh($job)->handed_over_at)->toBeNull()->and($open->the(Proving::class)->handOver->objections)->not->toBe([])
        ->and(HandOver::query()->where('job_id', $job->id)->sole()->taken_back_because)->toContain('Came back')->toContain('nut');
    $this->get("/jobs/{$job->id}/build?step=nut-torque")->assertSee('As it was')->assertSee('46.0 N·m');
    $this->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['nut-torque']])->assertSessionHasErrors('steps');

    $done = StepRecord::query()->where('job_id', $job->id)->whereNull('superseded_at')->count();
    $this->travel(2)->hours();
    $again = Workshops::provedAgain($job, $this->person);
    expect(StepRecord::query()->where('job_id', $job->id)->where('recorded_at', '>', now()->subHour())->where('sheet', 'build')->count())
        ->toBe(count($codes))
        ->and($done)->toBeGreaterThan($all / 2);
    $this->post("/jobs/{$job->id}/prove/hand-over", ['version' => $again->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d')])
        ->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->handed_over_at)->not->toBeNull();
    // What was found before it left again is done; it is taken up when it has come back again.
    $this->put("/jobs/{$job->id}/prove/come-back", ['steps' => ['nut-torque']])->assertSessionHasErrors('steps');
});

it('hears what riders say', function (string $said, array $means): void {
    expect(array_column(Complaint::in($said), 'value'))->toBe($means);
})->with([
    ['It clicks once a turn', ['once-a-turn']], [
        'A creak on hills, and the chain drops', ['creak', 'chain-drops'],
    ], ['Rides well', []], ['', []],
    ['cuts out in the rain, the display fogs', ['cuts-out', 'fogs']], ['The pack rattles', ['rocks']], ['SCRAPES', ['rubs']], [
        'There is a crack at the shell', ['broken'],
    ], ['The battery lasts well, plenty of power', []], ['It runs out early', ['weak']],
]);
