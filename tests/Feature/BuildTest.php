<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\StepRecord;
use App\Models\StepState;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use Tests\Support\Workshops;

/** The record that stands at a step; 0 when none does. */
function standingAt(string $step): int
{
    return (int) StepRecord::query()->where('step', $step)->whereNull('superseded_at')->max('id');
}

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->record = fn (string $step, array $data = []) => $this->from("/jobs/{$this->job->id}/build")
        ->post("/jobs/{$this->job->id}/build", ['step' => $step, 'state' => 'done', 'seen' => standingAt($step), ...$data]);
});

it('records what was really done, next to what was asked', function (): void {
    Workshops::built($this->job, $this->person, 'nut-torque');
    ($this->record)('nut-torque', ['torque' => '37 ft lb', 'compound' => 'locking', 'note' => 'second try'])->assertSessionHasNoErrors();

    $record = StepRecord::query()->where('step', 'nut-torque')->sole();
    expect($record->torque_nm)->toEqualWithDelta(50.165, 0.01)
        ->and($record->asked['torque_nm'])->toEqual([42, 50])
        ->and($record->user_id)->toBe($this->person->id)
        ->and($record->note)->toBe('second try');
    $this->get("/jobs/{$this->job->id}/build?step=nut-torque")->assertSee('Above the maker’s band');
    $this->person->update(['torque_unit' => TorqueUnit::FootPound]);
    $this->get("/jobs/{$this->job->id}/build?step=nut-torque")->assertSee('37.0 ft·lb');
});

it('wants a torque where the sheet asks for one, and says what is wrong with it', function (string $torque, string $message): void {
    Workshops::built($this->job, $this->person, 'nut-torque');
    ($this->record)('nut-torque', ['torque' => $torque, 'note' => 'kept'])->assertSessionHasErrors('torque')
        ->assertSessionHasInput('note', 'kept');
    expect(session('errors')->first('torque'))->toContain($message)
        ->and(StepRecord::query()->where('step', 'nut-torque')->count())->toBe(0);
})->with([['', 'really given'], ['tight', 'not a number'], ['50 mm', 'does not fit'], ['-5', 'more than 0'], ['5000', 'at most 500']]);

it('stops what depends on a failed step until it is mended', function (): void {
    Workshops::built($this->job, $this->person, 'nut-torque');
    ($this->record)('nut-torque', ['state' => 'stopped'])->assertSessionHasErrors('note');
    ($this->record)('nut-torque', ['state' => 'stopped', 'note' => 'thread damaged'])->assertSessionHasNoErrors();
    ($this->record)('lockring', ['torque' => '22'])->assertSessionHasErrors('state');
    $this->get("/jobs/{$this->job->id}/build?step=lockring")->assertSee('which failed its check');
    ($this->record)('nut-torque', ['torque' => '46'])->assertSessionHasNoErrors();
    ($this->record)('lockring', ['torque' => '22'])->assertSessionHasNoErrors();
});

it('takes a record back without losing it', function (): void {
    ($this->record)('safe');
    ($this->record)('safe', ['state' => 'undone']);
    expect(StepRecord::query()->sole()->superseded_at)->not->toBeNull();
});

it('keeps a failed check that a stale page did not show, by every way in', function (string $sheet, string $step): void {
    $record = fn (array $data) => $this->from("/jobs/{$this->job->id}/{$sheet}")
        ->post("/jobs/{$this->job->id}/{$sheet}", ['step' => $step, ...$data]);
    $mate = Workshops::person(Role::Installer, $this->person->workshop, 'Ilka Brandt');
    $this->actingAs($mate);
    $record(['state' => 'stopped', 'note' => 'cracked'])->assertSessionHasNoErrors();
    $stands = standingAt($step);

    $this->actingAs($this->person);
    foreach ([['seen' => 0], ['seen' => $stands + 1], []] as $seen) {
        $record(['state' => 'done', ...$seen])->assertSessionHasErrors('state');
        $record(['state' => 'undone', ...$seen])->assertSessionHasErrors('state');
    }
    expect(session('errors')->first('state'))->toContain('Ilka')->toContain('cracked')
        ->and(StepRecord::query()->whereNull('superseded_at')->sole()->id)->toBe($stands);
    $this->postJson("/jobs/{$this->job->id}/{$sheet}", ['step' => $step, 'state' => 'done'])->assertStatus(409);

    $record(['state' => 'done', 'seen' => $stands])->assertSessionHasNoErrors();
    expect(StepRecord::query()->whereNull('superseded_at')->sole()->state)->toBe(StepState::Done);
})->with([['build', 'safe'], ['strip', 'power']]);

it('moves the job on as steps are done', function (): void {
    expect(Workshops::fresh($this->job)->next_step)->toContain('Choose a battery');
    ($this->record)('safe');
    expect(Workshops::fresh($this->job)->next_step)->toContain('Build 2 of');
});

it('prints every step with its torque and a place for what was given', function (): void {
    Workshops::built($this->job, $this->person, 'lockring');
    ($this->record)('lockring', ['torque' => '22']);
    $this->get("/jobs/{$this->job->id}/build/print")->assertOk()
        ->assertSeeInOrder([
            'Body in from the drive side', 'Nut to torque', '42.0 to 50.0 N·m, from the catalogue', 'Lock ring to torque', '22.0 N·m',
        ]);
});

it('ticks the strip plan, and wants to know why it stopped', function (): void {
    $post = fn (array $data) => $this->from('/')->post("/jobs/{$this->job->id}/strip", $data);
    $post(['step' => 'cup-left', 'state' => 'stopped', 'note' => ''])->assertSessionHasErrors('note');
    $post(['step' => 'cup-left', 'state' => 'stopped', 'note' => 'oil, an hour'])->assertSessionHasNoErrors();
    $post(['step' => 'nonsense', 'state' => 'done'])->assertSessionHasErrors('step');
    $this->get("/jobs/{$this->job->id}/strip?step=cup-left")->assertSee('oil, an hour')->assertSee('longer lever');
});

it('turns the picture with the posture', function (): void {
    $arrow = fn (string $posture) => preg_match(
        '/data-arrow d="([^"]+)"/', (string) $this->get("/jobs/{$this->job->id}/strip?step=pedal-left&posture={$posture}")->getContent(),
        $found,
    ) ? $found[1] : '';
    $this->get("/jobs/{$this->job->id}/strip?step=pedal-left")->assertSee('top of the wrench to the back');
    $this->get("/jobs/{$this->job->id}/strip?step=pedal-left&posture=inverted")->assertSee('top of the wrench to the front');
    expect($arrow('upright'))->not->toBe('')->toBe($arrow('inverted'));
});

it('asks about a torque far outside its band, and keeps the very one that was asked about', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::built(Workshops::kitted($person), $person, 'nut-torque');
    $this->actingAs($person);
    $torque = fn (array $typed) => $this->from("/jobs/{$job->id}/build?step=nut-torque")
        ->post("/jobs/{$job->id}/build", ['step' => 'nut-torque', 'state' => 'done', ...$typed]);
    $torque(['torque' => '460'])->assertSessionHasErrors(['torque', 'sure']);
    $this->get("/jobs/{$job->id}/build?step=nut-torque")->assertSee('is far from the band')->assertSee('Keep it as typed')
        ->assertSee('name="sure" value="460"', false);
    $torque(['torque' => '400', 'sure' => '460', 'note' => 'as read'])->assertSessionHasErrors('sure');
    expect(Workshops::fresh($job)->stepRecords->where('step', 'nut-torque'))->toHaveCount(0);
    $torque(['torque' => '460', 'sure' => '460', 'note' => 'as read'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->stepRecords->firstWhere('step', 'nut-torque')?->torque_nm)->toBe(460.0);
});

it('keeps a nut that is too loose only as failing its check, and what rests on it waits', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::built(Workshops::kitted($person), $person, 'nut-torque');
    $this->actingAs($person);
    $tick = fn (array $typed) => $this->from("/jobs/{$job->id}/build?step=nut-torque")
        ->post("/jobs/{$job->id}/build", ['state' => 'done', ...$typed]);
    foreach (['9', '4.2', '41.9'] as $loose) {
        $tick(['step' => 'nut-torque', 'torque' => $loose, 'sure' => $loose, 'note' => 'it will do'])->assertSessionHasErrors('torque')
            ->assertSessionDoesntHaveErrors('sure');
    }
    $this->get("/jobs/{$job->id}/build?step=nut-torque")->assertSee('41.9 N·m is below the band of 42.0 to 50.0 N·m');
    expect(Workshops::fresh($job)->stepRecords->where('step', 'nut-torque'))->toHaveCount(0);

    $tick(['step' => 'nut-torque', 'state' => 'stopped', 'torque' => '9', 'note' => 'the wrench clicks early'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->stepRecords->firstWhere('step', 'nut-torque')?->torque_nm)->toBe(9.0);
    $tick(['step' => 'plate-look'])->assertSessionHasErrors('state');
});

it('turns the picture of a step as the bike lies at it, unless one looks at it the other way up', function (): void {
    $says = function (string $step, string $more = ''): string {
        preg_match(
            '/<figcaption[^>]*>([^<]+)</',
            (string) $this->get("/jobs/{$this->job->id}/build?step={$step}{$more}")->assertOk()->getContent(), $found,
        );

        return trim($found[1] ?? '');
    };
    $lies = $says('nut-torque');
    expect($lies)->toBe($says('nut-torque', '&posture=inverted'))->not->toBe($says('nut-torque', '&posture=upright'))
        ->toContain('top of the wrench')
        ->and($says('crank-left'))->toBe($says('crank-left', '&posture=upright'))->not->toBe($says('crank-left', '&posture=inverted'));
});
