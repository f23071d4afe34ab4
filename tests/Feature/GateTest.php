<?php

declare(strict_types=1);

use App\Actions\Kit\BraceBody;
use App\Actions\Steps\RecordBuildStep;
use App\Actions\Survey\GiveAnswer;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Role;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\BracingDecision;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Holding\Build\BuildGate;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use Tests\Support\Workshops;

/** A twin-plate job that is measured, whose bolt takes so many turns and whose spindle turns so. */
function twinPlateJob(User $person, ?string $turns, ?string $feel): Job
{
    $job = Workshops::kitted($person, 'wren-pair', 'plain-40');
    foreach (['ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1'] as $spot => $typed) {
        Workshops::read($job, $person, Spot::from($spot), $typed);
    }
    Workshops::read($job, $person, Spot::ShellWidth, '92.0 ± 0.05');
    foreach (array_filter([
        'crank_bolt_turns' => $turns, 'bearing_feel' => $feel, 'tensioner_arm' => 'free', 'drive_chain' => 'own',
    ]) as $spot => $answer) {
        app(GiveAnswer::class)(Workshops::fresh($job), $person, Spot::from($spot), $answer);
    }

    return Workshops::ready(Workshops::fresh($job));
}

/** What a held step says, tried by the action that every way in leads to; null when it let it pass. */
function refusalOf(Job $job, User $person, string $code): ?string
{
    $band = OpenJob::of(Workshops::fresh($job))->buildSheet()?->step($code)?->band;
    try {
        app(RecordBuildStep::class)(
            Workshops::fresh($job), $person, $code,
            [
                'state' => StepState::Done, 'torque_nm' => $band?->torque->middle(), 'by_hand' => $band === null, 'compound' => null,
                'note' => 'as it is',
            ],
        );
    } catch (ValidationException $e) {
        return $e->getMessage();
    }

    return null;
}

it('lets no held step be ticked, by page, keys, direct request, second person or paper', function (): void {
    $person = Workshops::stocked();
    $second = Workshops::person(Role::Installer, $person->workshop);
    $job = Workshops::built(Workshops::kitted($person), $person, 'body-in');
    $held = 'lockring';

    foreach ([$person, $second, Workshops::person(Role::Apprentice, $person->workshop)] as $by) {
        $page = (string) $this->actingAs($by)->get("/jobs/{$job->id}/build?step={$held}")->assertSee('comes after')->getContent();
        expect($page)->not->toContain('data-key="d"')->not->toContain('value="done"');
        $this->get("/jobs/{$job->id}/build/print")->assertOk()->assertDontSee('value="done"', false);
        $this->followingRedirects()->from("/jobs/{$job->id}/build?step={$held}")
            ->post("/jobs/{$job->id}/build", ['step' => $held, 'state' => 'done', 'torque' => '22'])
            ->assertSee('You typed 22: it is not kept');
        foreach ([
            ['torque' => '22'], ['torque' => '22', 'state' => 'done', 'note' => 'from paper'], ['torque' => '22', 'version' => 999],
        ] as $typed) {
            $this->post("/jobs/{$job->id}/build", ['step' => $held, 'state' => 'done', ...$typed])->assertSessionHasErrors('state');
            $this->postJson("/jobs/{$job->id}/build", ['step' => $held, 'state' => 'done', ...$typed])->assertStatus(422);
        }
        expect(refusalOf($job, $by, $held))->toContain('comes after');
    }
    expect(StepRecord::query()->where('step', $held)->exists())->toBeFalse();
    $this->actingAs($person)->post("/jobs/{$job->id}/build", ['step' => $held, 'state' => 'stopped', 'note' => 'thread damaged'])
        ->assertSessionHasNoErrors();
});

it('builds no twin-plate job whose bolt takes one turn or whose bearing drags', function (
    ?string $turns, ?string $feel, string $says
): void {
    $person = Workshops::stocked();
    $job = twinPlateJob($person, $turns, $feel);
    $torqued = [];
    foreach (OpenJob::of($job)->buildSheet()->steps ?? [] as $step) {
        $refusal = refusalOf($job, $person, $step->code);
        if (
            $step->fastener !== null && ! in_array(
                $step->fastener, [Fastener::BatteryRail, Fastener::Display], true,
            ) && ! ($turns !== '6' && $step->fastener === Fastener::ShellCup)
        ) {
            expect($refusal)->not->toBeNull();
            $torqued[] = $step->code;
        }
    }
    expect($torqued)->not->toBe([])
        ->and(refusalOf($job, $person, $torqued[0]))->toContain($says)
        ->and(StepRecord::query()->whereIn('step', $torqued)->exists())->toBeFalse();
})->with([
    'one turn' => ['1', 'free', '1 of at least'],
    'turns not counted' => [null, 'free', 'not tried yet'],
    'drag' => ['6', 'drag', 'it drags'],
    'play' => ['6', 'play', 'end play'],
    'nobody turned it' => ['6', null, 'not tried yet'],
]);

it('builds it to the end once all of that is right', function (): void {
    $person = Workshops::stocked();
    $job = twinPlateJob($person, '6', 'free');
    foreach (OpenJob::of($job)->buildSheet()->steps ?? [] as $step) {
        expect([$step->code, refusalOf($job, $person, $step->code)])->toBe([$step->code, null]);
    }
});

it('lets somebody who may pass what holds a step, by name and reason, for that very hold and no other', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::built(Workshops::kitted($person), $person, before: 'body-in');
    $mark = fn (string $step): string => BuildGate::mark((string) refusalOf($job, $person, $step));
    $pass = fn (string $hold, string $because = 'Fitted so at the maker’s'): TestResponse => $this->from("/jobs/{$job->id}/build?step=plate-on")
        ->put("/jobs/{$job->id}/build/pass", ['step' => 'plate-on', 'hold' => $hold, 'because' => $because]);
    $this->actingAs($person)->get("/jobs/{$job->id}/build?step=plate-on")->assertSee('Go on all the same');
    $held = $mark('plate-on');
    $pass($held, ' ')->assertSessionHasErrors('because');
    $pass('something else')->assertSessionHasErrors('because');
    $this->actingAs(Workshops::person(Role::Apprentice, $person->workshop));
    $this->get("/jobs/{$job->id}/build?step=plate-on")->assertDontSee('Go on all the same');
    $pass($held)->assertForbidden();
    $this->actingAs($person);
    expect(Decision::query()->where('about', 'pass-plate-on')->exists())->toBeFalse();

    $pass($held)->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/build?step=plate-on")->assertSee('Gone on with by')->assertSee('Fitted so at the maker’s');
    $this->post("/jobs/{$job->id}/build", ['step' => 'body-in', 'state' => 'stopped', 'note' => 'scratched'])->assertSessionHasNoErrors();
    expect(refusalOf($job, $person, 'plate-on'))->toContain('failed its check');
    $this->post(
        "/jobs/{$job->id}/build",
        [
            'step' => 'body-in', 'state' => 'undone',
            'seen' => StepRecord::query()->where('step', 'body-in')->whereNull('superseded_at')->sole()->id,
        ],
    )
        ->assertSessionHasNoErrors();
    expect(refusalOf($job, $person, 'plate-on'))->toBeNull();
    $this->get("/jobs/{$job->id}/prove/hand-over")->assertSee('A step that was held, plate on from the left')
        ->assertSee('Fitted so at the maker’s');
});

it('passes no stop of the whole job, and nothing that is not held', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $pass = fn (string $step, string $hold): TestResponse => $this->actingAs($person)
        ->put("/jobs/{$job->id}/build/pass", ['step' => $step, 'hold' => $hold, 'because' => 'In a hurry']);
    $pass('safe', 'x')->assertSessionHasErrors('because');
    $pass('no-such-step', 'x')->assertSessionHasErrors('step');
    $hold = BuildGate::mark((string) refusalOf($job, $person, 'dry-fit'));
    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'stop', 'note' => 'A crack at the shell'])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/build?step=dry-fit")->assertDontSee('Go on all the same');
    $pass('dry-fit', $hold)->assertSessionHasErrors('because');
    expect(Decision::query()->exists())->toBeFalse();
});

it('builds nothing but the dry fit while the stack fails', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)
        ->put("/jobs/{$job->id}/stack", ['version' => $job->version, 'place' => 'drive', 'op' => 'fill', 'typed' => '20'])
        ->assertSessionHasNoErrors();
    Workshops::ready(Workshops::fresh($job));
    $said = [];
    foreach (OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [] as $step) {
        $said[$step->code] = refusalOf($job, $person, $step->code);
    }
    expect(array_keys(array_filter($said, is_null(...))))->toBe(['safe', 'try-battery', 'dry-fit'])
        ->and(implode(' ', array_filter($said)))->toContain('The stack fails');
});

it('makes nothing fast while nobody has decided what the body rests on', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    app(BraceBody::class)($job, $person, $job->version, new BracingDecision(position: BodyPosition::Below));
    Workshops::ready(Workshops::fresh($job));
    $said = [];
    foreach (OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [] as $step) {
        $said[$step->code] = refusalOf($job, $person, $step->code);
    }
    $fast = array_search(BuildSheet::SET_REST, array_keys($said), true);
    expect($said[BuildSheet::SET_REST])->toContain('Nobody has decided yet what the body rests on')
        ->and($fast)->toBeGreaterThan(3)
        ->and(array_filter(array_slice($said, 0, (int) $fast)))->toBe([])
        ->and(StepRecord::query()->where('step', 'nut-torque')->exists())->toBeFalse();

    $decided = Workshops::fresh($job);
    app(BraceBody::class)(
        $decided, $person, $decided->version, new BracingDecision(position: BodyPosition::Below, rest: Rest::Frame, restRadius: 120.0),
    );
    expect(refusalOf($job, $person, BuildSheet::SET_REST))->toContain('Nobody has looked yet what lies in the gap');
    $looked = Workshops::fresh($job);
    app(BraceBody::class)(
        $looked, $person, $looked->version,
        new BracingDecision(position: BodyPosition::Below, rest: Rest::Frame, restRadius: 120.0, gap: GapContents::Nothing),
    );
    expect(refusalOf($job, $person, BuildSheet::SET_REST))->toBeNull();
});

it('builds nothing while the job is stopped', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'stop', 'note' => 'cracked'])
        ->assertSessionHasNoErrors();
    expect(refusalOf($job, $person, 'safe'))->toContain('stopped')->toContain('cracked');
});

it('asks the database at most twenty-two times for a torque, and twice for news', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::built(Workshops::kitted($person), $person, 'nut-torque');
    $this->post('/sign-in', ['email' => $person->email, 'password' => Workshops::PASSWORD])->assertRedirect('/');
    Auth::forgetGuards();
    $asked = 0;
    DB::listen(function () use (&$asked): void {
        $asked++;
    });
    $this->post("/jobs/{$job->id}/build", ['step' => 'nut-torque', 'state' => 'done', 'torque' => '46'])->assertSessionHasNoErrors();
    expect($asked)->toBeLessThanOrEqual(22);

    Auth::forgetGuards();
    $asked = 0;
    $this->get("/jobs/{$job->id}/news?seen=1")->assertOk();
    expect($asked)->toBeLessThanOrEqual(2);
});
