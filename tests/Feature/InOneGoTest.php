<?php

declare(strict_types=1);

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Sheet;
use App\Models\StepRecord;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Check;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->actingAs($this->person = Workshops::stocked());
    $this->job = Workshops::kitted($this->person);
});

/** @return array<array-key, mixed> codes of what stands as done on a sheet, in the order it was written down */
function standingOn(Sheet $sheet): array
{
    return StepRecord::query()->where('sheet', $sheet)->where('state', 'done')->whereNull('superseded_at')->orderBy('id')->pluck('step')
        ->all();
}

it('takes off in one go what turns the same way on the same part, and never what has another thread', function (): void {
    $at = "/jobs/{$this->job->id}/strip";
    $plan = OpenJob::of($this->job)->stripPlan();
    foreach ($plan->steps as $step) {
        foreach (array_slice($plan->movement($step, []), 1) as $other) {
            expect([$other->turn?->side, $other->turn?->rotation()])->toBe([$step->turn?->side, $step->turn?->rotation()]);
        }
    }
    // The bolt is loosened, the puller screwed in.
    $this->post($at, ['step' => 'crank-bolt-right', 'state' => 'done', 'with' => ['crank-right' => '0']])->assertSessionHasErrors('state');
    $this->post($at, ['step' => 'chain', 'state' => 'done', 'with' => ['front-mech' => '0'], 'lies_in' => 'tray 3'])
        ->assertSessionHasNoErrors();
    expect(standingOn(Sheet::Strip))->toBe(['chain', 'front-mech'])
        ->and(StepRecord::query()->where('lies_in', 'tray 3')->pluck('step')->all())->toBe(['chain', 'front-mech']);
    $this->post($at, ['step' => 'pedal-right', 'state' => 'done', 'with' => ['pedal-left' => '0']])->assertSessionHasErrors('state');
    expect(standingOn(Sheet::Strip))->toHaveCount(2);
});

it('builds in movements exactly what single ticks build, each asked of the gate in its turn', function (): void {
    $job = Workshops::ready($this->job);
    [$presses, $moved] = [0, []];
    for ($i = 0; $i < 60; $i++) {
        $state = OpenJob::of(Workshops::fresh($job))->the(BuildState::class);
        $free = array_values(array_filter($state->open, fn (BuildStep $step) => $state->gate?->objection($step) === null));
        if ($free === []) {
            break;
        }
        $movement = $state->movement($free[0]);
        $torqued = array_values(array_filter($movement, fn (BuildStep $step) => $step->fastener !== null))[0] ?? null;
        $said = $torqued === null ? [] : (
            $torqued->band === null ? ['by_hand' => '1', 'note' => 'no paper'] : ['torque' => (string) $torqued->band->torque->middle()]
        );
        $this->post(
            "/jobs/{$job->id}/build",
            [
                'step' => $free[0]->code, 'state' => 'done', 'seen' => '0',
                'with' => array_fill_keys(array_slice(array_column($movement, 'code'), 1), '0'),
            ] + $said,
        )
            ->assertSessionHasNoErrors();
        $presses++;
        count($movement) === 1 ?: $moved[] = array_column($movement, 'code');
    }
    $state = OpenJob::of(Workshops::fresh($job))->the(BuildState::class);
    $records = StepRecord::query()->where('sheet', 'build')->get()->keyBy('step');
    expect($state->open)->toBe([])->and($presses)->toBeLessThan(count($state->sheet->steps ?? []) - 6)
        ->and($moved)->toContain(['body-in', 'plate-on', 'bolts-hand', 'nut-hand'])->toContain(['plate-look', 'boss-bolts'])
        ->and($records['boss-bolts']?->torque_nm)->not->toBeNull()->and($records['plate-look']?->torque_nm)->toBeNull()
        ->and($records['nut-hand']?->compound)->toBe('locking');
});

it('keeps nothing of a movement when one of it is refused, and keeps what was typed and ticked', function (): void {
    $job = Workshops::ready($this->job);
    $done = [];
    while (! in_array('nut-torque', $done, true)) {
        $state = OpenJob::of(Workshops::fresh($job))->the(BuildState::class);
        $next = array_values(
            array_filter($state->open, fn (BuildStep $step) => $state->gate?->objection($step) === null),
        )[0] ?? throw new LogicException('held');
        $this->post(
            "/jobs/{$job->id}/build",
            ['step' => $next->code, 'state' => 'done', 'seen' => '0'] + (
                $next->band === null ? [] : ['torque' => (string) $next->band->torque->middle()]
            ),
        )
            ->assertSessionHasNoErrors();
        $done[] = $next->code;
    }
    $at = "/jobs/{$job->id}/build";
    $before = standingOn(Sheet::Build);
    $this->get($at)->assertSee('with-boss-bolts', false);
    $this->from($at)
        ->post($at, ['step' => 'plate-look', 'state' => 'done', 'seen' => '0', 'with' => ['boss-bolts' => '0'], 'torque' => '2'])
        ->assertSessionHasErrors('torque');
    $this->from($at)
        ->post(
            $at,
            ['step' => 'plate-look', 'state' => 'done', 'seen' => '0', 'with' => ['boss-bolts' => '0', 'lockring' => '0'], 'torque' => '9'],
        )
        ->assertSessionHasErrors('state');
    $this->from($at)
        ->post($at, ['step' => 'plate-look', 'state' => 'done', 'seen' => '0', 'with' => ['boss-bolts' => '77'], 'torque' => '9'])
        ->assertSessionHasErrors();
    $this->followingRedirects()->from($at)
        ->post($at, ['step' => 'plate-look', 'state' => 'done', 'seen' => '0', 'torque' => '400', 'with' => ['boss-bolts' => '0']])
        ->assertSee('value="400"', false)->assertSee('value="0" checked', false);
    expect(standingOn(Sheet::Build))->toBe($before);
    $this->post($at, ['step' => 'plate-look', 'state' => 'done', 'seen' => '0'])->assertSessionHasNoErrors();
    expect(standingOn(Sheet::Build))->toBe([...$before, 'plate-look']);
});

it('looks at in one go what has no figure and no danger, each lever by itself, and none before what it rests on', function (): void {
    $job = Workshops::built($this->job, $this->person);
    $at = "/jobs/{$job->id}/prove";
    $proving = OpenJob::of(Workshops::fresh($job))->the(Proving::class);
    foreach ($proving->plan->checks as $check) {
        foreach (array_slice($proving->plan->movement($check, array_column($proving->plan->checks, 'code')), 1) as $other) {
            expect($other->figure)->toBeNull()->and($other->caution)->toBeNull();
        }
    }
    $first = $proving->plan->check('turns-free') ?? throw new LogicException('no check');
    $with = array_slice(array_map(fn (Check $check) => $check->code, $proving->movement($first)), 1);
    expect($with)->toBe(['lock-to-lock', 'pack-locked']);
    $this->post($at, ['step' => 'turns-free', 'state' => 'done', 'with' => ['wakes' => '0']])->assertSessionHasErrors('state');
    $this->post($at, ['step' => 'turns-free', 'state' => 'stopped', 'note' => 'grinds', 'with' => array_fill_keys($with, '0')])
        ->assertSessionHasNoErrors();
    expect(standingOn(Sheet::Prove))->toBe([]);
    $this->post(
        $at,
        [
            'step' => 'turns-free', 'state' => 'done', 'seen' => (string) StepRecord::query()->latest('id')->value('id'),
            'with' => array_fill_keys($with, '0'),
        ],
    )
        ->assertSessionHasNoErrors();
    expect(standingOn(Sheet::Prove))->toBe(['turns-free', ...$with]);
});
