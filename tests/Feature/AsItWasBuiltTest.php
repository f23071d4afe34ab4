<?php

declare(strict_types=1);

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Whole\Prove\Check;
use Tests\Support\Workshops;

/** @return list<string> codes of the steps and checks that are open */
function openOn(Job $job): array
{
    $open = OpenJob::of(Workshops::fresh($job));

    return [
        ...array_column($open->the(BuildState::class)->open, 'code'),
        ...array_map(fn (Check $check) => $check->code, $open->the(Proving::class)->openChecks()),
    ];
}

/**
 * What was chosen or set after everything was ticked and proved: what is done to the job, what has to be open then, and
 * what is said there. The next finding is a line.
 */
dataset('changes after all was ticked', [
    'another ring' => [
        'ring', ['ring' => 'plain-40'], ['ring', 'ring-look', 'crank-right', 'turns-free', 'ring-again'], 'build?step=ring',
        'The ring: Deep-dish 40 then, Plain 40 now',
    ],
    'another motor of the same measures' => [
        'motor', ['motor' => 'heron-73-twin'], ['dry-fit', 'body-in', 'nut-torque', 'crank-left', 'wakes', 'hill'], 'build?step=dry-fit',
        'The motor: Heron, 73 sleeve then, Heron, the other now',
    ],
    'other spacers by hand' => [
        'stack', ['place' => 'drive', 'op' => 'fill', 'typed' => '1.5'], ['body-in', 'nut-torque', 'boss-bolts', 'hill'],
        'build?step=body-in', 'Spacers, drive side: ',
    ],
    'another band' => [
        'build/band', ['fastener' => 'crank_bolt', 'low' => '41', 'high' => '49', 'paper' => 'a card'],
        ['crank-left', 'pedals', 'cranks-again'], 'build?step=crank-left', 'The band: ',
    ],
    'another rest' => [
        'stack/rest', ['rest' => 'strut', 'rest_radius' => '120', 'position' => 'below', 'gap' => 'nothing'],
        ['set-rest', 'nut-torque', 'sound-shell'], 'build?step=set-rest', 'The rest: ',
    ],
    'a battery after it was gone without' => [
        'route/battery', ['pack' => 'marl-48-slim', 'site' => 'triangle'], ['try-battery', 'battery-rail', 'pack-locked', 'wakes'],
        'build?step=try-battery', 'The battery: none then',
    ],
    'a longer lead' => [
        'runs/first', ['supply' => '1500'], ['thread-0-1-2', 'body-in', 'dress-0', 'wakes'], 'build?step=thread-0-1-2', 'Lead 0: ',
    ],
    'another sensor at a brake' => [
        'route/sensors', ['choices' => ['brake-sensor-left' => 'in-cable']], ['brake-sensor-left', 'brake-left', 'stops'],
        'build?step=brake-sensor-left', 'The brake’s sensor: ',
    ],
    'another speed limit' => [
        'prove/settings', ['name' => 'cut_off_kmh', 'value' => '32'], ['set', 'cut-off'], 'prove?step=cut-off',
        'Stops helping at: 25 km/h then, 32 km/h now',
    ],
    'another wheel' => [
        'prove/settings', ['name' => 'wheel_mm', 'value' => '2100'], ['set', 'speed-agrees', 'cut-off', 'stops'], 'prove?step=speed-agrees',
        'Wheel’s circumference: 2180 mm then',
    ],
    'other levels' => [
        'prove/settings', ['name' => 'levels', 'value' => '9'], ['set', 'walk', 'levels'], 'prove?step=walk', 'Levels: 5 then, 9 now',
    ],
    'a current nobody had limited' => [
        'prove/settings', ['name' => 'current_a', 'value' => '12'], ['set', 'hill'], 'prove?step=hill',
        'Current, at the most: not written down then',
    ],
]);

it('opens what was ticked for something else, says why, and lets the bike not go', function (
    string $to, array $what, array $opened, string $place, string $says
): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $job = Workshops::proved(Workshops::kitted($person), $person);
    expect(openOn($job))->toBe([]);
    changeAfterwards($this, $job, $person, $to, $what);
    expect(array_values(array_intersect($opened, openOn($job))))->toBe($opened);
    $this->get("/jobs/{$job->id}/{$place}")->assertOk()->assertSee($says, false)->assertSee('open again');
    $this->post(
        "/jobs/{$job->id}/prove/hand-over",
        ['version' => Workshops::fresh($job)->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d')],
    )
        ->assertSessionHasErrors('hand_over');
})->with('changes after all was ticked');

it('stands again where the change is taken back, and where the step is ticked once more', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $job = Workshops::proved(Workshops::kitted($person), $person);
    changeAfterwards($this, $job, $person, 'ring', ['ring' => 'plain-40']);
    expect(openOn($job))->toContain('ring');
    changeAfterwards($this, $job, $person, 'ring', ['ring' => 'deep-40']);
    expect(openOn($job))->toBe([]);
    changeAfterwards($this, $job, $person, 'prove/settings', ['name' => 'levels', 'value' => '9']);
    $seen = DB::table('step_records')->where('job_id', $job->id)->where('step', 'set')->whereNull('superseded_at')->value('id');
    $this->post("/jobs/{$job->id}/prove", ['step' => 'set', 'state' => 'done', 'seen' => $seen])->assertSessionHasNoErrors();
    expect(openOn($job))->not->toContain('set')->toContain('walk');
});

it('holds nothing against a tick of an older program that wrote no parts down', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $job = Workshops::proved(Workshops::kitted($person), $person);
    foreach (DB::table('step_records')->where('job_id', $job->id)->get() as $record) {
        DB::table('step_records')->where('id', $record->id)
            ->update(['asked' => json_encode(array_diff_key((array) json_decode($record->asked, true), ['things' => 1]))]);
    }
    expect(openOn($job))->toBe([]);
    changeAfterwards($this, $job, $person, 'build/band', ['fastener' => 'crank_bolt', 'low' => '41', 'high' => '49', 'paper' => 'a card']);
    expect(openOn($job))->toContain('crank-left');
});

/** @param  array<string, string>  $what */
function changeAfterwards(Tests\TestCase $test, Job $job, User $person, string $to, array $what): void
{
    $workshop = $person->workshop()->firstOrFail();
    $version = ['version' => Workshops::fresh($job)->version];
    if (($what['motor'] ?? null) === 'heron-73-twin') {
        $like = $workshop->motors()->where('code', 'heron-73')->firstOrFail()->replicate()
            ->fill(['code' => 'heron-73-twin', 'name' => 'Heron, the other']);
        $like->save();
        $workshop->forceFill(['catalogue_version' => 'x'])->save();
    }
    $at = "/jobs/{$job->id}/".match ($to) {
        'runs/first' => "runs/{$job->runs->firstOrFail()->id}",
        default => $to,
    };
    $ids = fn (string $of): array => isset($what[$of]) ? ["{$of}_id" => $workshop->{"{$of}s"}()
        ->where('code', $what[$of])->value('id')] : [];
    $seen = ['seen' => DB::table($to === 'prove/settings' ? 'settings' : 'fastener_bands')->where('job_id', $job->id)
        ->whereNull('superseded_at')->where(
            $to === 'prove/settings' ? 'name' : 'fastener', $what['name'] ?? $what['fastener'] ?? '',
        )->value('id') ?? 0];
    $what = [
        ...$what, ...(in_array($to, ['prove/settings', 'build/band'], true) ? $seen : []), ...$version, ...$ids('motor'), ...$ids('ring'),
    ];
    $answer = in_array($to, ['prove/settings', 'build/band'], true) ? $test->post($at, $what) : $test->put($at, $what);
    $answer->assertSessionHasNoErrors();
}
