<?php

declare(strict_types=1);

use App\Bench\FittingOut;
use App\Bench\Gathering;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Setting;
use App\Models\StepRecord;
use App\Models\StepState;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Needs\Need;
use Tests\Support\Life;
use Tests\Support\Workshops;

/**
 * What is open of a job, read from its tables and its sums and from no gate.
 *
 * @return array<string, mixed>
 */
function stillOpen(Job $job): array
{
    $open = OpenJob::of($job);
    $standing = fn (string $sheet) => DB::table('step_records')->where('job_id', $job->id)->where('sheet', $sheet)->where('state', 'done')
        ->whereNull('superseded_at')->pluck('step')->all();
    $asked = array_column($open->buildSheet()->steps ?? [], 'code');
    $checks = array_column($open->the(Proving::class)->plan->checks, 'code');
    $decided = Decision::query()->where('job_id', $job->id)->whereNull('superseded_at')->pluck('choice', 'about');
    $set = Setting::query()->where('job_id', $job->id)->whereNull('superseded_at')->toBase()->pluck('name')->all();
    $throttle = $open->the(FittingOut::class)->hasThrottle;
    $unanswered = array_filter(BarSide::cases(), fn (BarSide $side) => ! isset($decided["brake-sensor-{$side->value}"]) || ($throttle && $decided["brake-sensor-{$side->value}"] === 'left-off'
        && Decision::query()->where('job_id', $job->id)->where('about', "brake-sensor-{$side->value}")->whereNull('superseded_at')->whereNull('allowed_at')->exists()));

    $condition = DB::table('conditions')->where('job_id', $job->id)->whereNull('superseded_at')->distinct()->count('subject');
    $here = DB::table('arrivals')->where('job_id', $job->id)->whereNull('superseded_at')->pluck('what')->all();
    $fetched = array_filter(
        $open->the(Gathering::class)->needs,
        fn (Need $need) => $need->origin->value === 'shop' && ! str_starts_with($need->what, 'Lead of'),
    );
    $short = array_filter(
        $open->circumstances()->wiring->routes,
        fn (RunRoute $route) => $route->extensions === null && ($route->needed === null || $route->run->supply < $route->needed),
    );
    $ownerSays = fn (string $what): bool => $decided->keys()->contains(fn (string $about) => str_starts_with($about, "without-{$what}"));

    return array_filter([
        'built with others' => builtWithOthers($job),
        'condition' => $condition < count(Subject::on($job->bike->kind, $job->bike->frame_material)) && ! $ownerSays('condition'),
        'parts' => array_filter(
            $fetched, fn (Need $need) => ! in_array($need->says(), $here, true) && ! $ownerSays('part-'.substr($need->mark(), 0, 16)),
        ),
        'leads' => array_filter(array_keys($short), fn (int $run) => ! isset($decided["without-lead-{$run}"])),
        'pack' => ($job->kit?->battery->pack ?? null) === null && ! $ownerSays('pack'),
        'tight' => $open->worksheet()?->stack->verdict === Verdict::Tight && ! $ownerSays('tight-stack'),
        'loose' => array_filter(
            $job->stepRecords->where('sheet', 'build')->where('state', StepState::Done)->all(),
            fn (StepRecord $record) => $record->torque_nm !== null && $record->torque_nm < ($record->asked['torque_nm'][0] ?? 0.0),
        ),
        'stop' => $job->stopped_for,
        'stack' => $open->worksheet()?->stack->verdict === Verdict::Fails ? 'fails' : null,
        'steps' => $asked === [] ? ['no sheet'] : array_diff($asked, $standing('build')),
        'checks' => array_diff($checks, $standing('prove')),
        'brakes' => $unanswered,
        'settings' => array_diff(['units', 'wheel_mm', 'cut_off_kmh', 'levels'], $set),
    ]);
}

/**
 * What was ticked or proved with another part, band or setting than the job has now, read from its tables and not from a sheet.
 *
 * @return list<string>
 */
function builtWithOthers(Job $job): array
{
    $kit = DB::table('kits')->where('job_id', $job->id)->first();
    $battery = json_decode((string) $kit?->battery, true);
    $figures = json_decode((string) DB::table('motors')->where('id', $kit?->motor_id)->value('figures'), true);
    $typed = DB::table('fastener_bands')->where('job_id', $job->id)->where('fastener', 'crank_bolt')->whereNull('superseded_at')->first();
    $ring = DB::table('rings')->where('id', $kit?->ring_id)->value('code');
    $settings = DB::table('settings')->where('job_id', $job->id)->whereNull('superseded_at')->pluck('value', 'name');
    $pack = is_array($battery) ? $battery['pack'] ?? 'none' : 'none';
    $is = [
        'dry-fit' => [
            'the motor' => DB::table('motors')->where('id', $kit?->motor_id)->value('code'),
        ], 'ring' => ['the ring' => trim("{$ring} {$kit?->ring_mounting}")],
        'wakes' => ['the battery' => $pack], 'set' => [
            'levels' => $settings['levels'] ?? 'none',
            'stops helping at' => is_numeric($settings['cut_off_kmh'] ?? '') ? "{$settings['cut_off_kmh']} km/h" : 'no limit',
        ],
        'walk' => ['levels' => $settings['levels'] ?? 'none'],
    ];
    $differs = [];
    foreach (DB::table('step_records')->where('job_id', $job->id)->where('state', 'done')->whereNull('superseded_at')->get() as $record) {
        $asked = (array) json_decode($record->asked, true);
        foreach ($is[$record->step] ?? [] as $what => $now) {
            ($asked['things'][$what] ?? null) === $now ?: $differs[] = "{$record->step}: {$what}";
        }
        $band = match ($record->step) {
            'nut-torque' => $figures['nut']['torque_nm'] ?? null,
            'crank-left', 'crank-right' => $typed === null ? null : [(float) $typed->low_nm, (float) $typed->high_nm],
            default => null,
        };
        $band === null || $asked['torque_nm'] == $band ?: $differs[] = "{$record->step}: its band";
    }

    return $differs;
}

it('never hands over with something open, and never loses a decision from the sheet, however a job is led through its life', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $steps = (int) (getenv('LIFE_STEPS') ?: 400);
    $seed = (int) (getenv('LIFE_SEED') ?: 13);
    [$handed, $made, $jobs] = [0, [], 0];
    while ($steps > 0) {
        $job = Workshops::kitted($person);
        $life = new Life($job, $person, $seed + $jobs++);
        for ($i = 0; $i < 400 && $steps > 0; $i++, $steps--) {
            $was = DB::table('hand_overs')->where('job_id', $job->id)->count();
            $life->move();
            if (DB::table('hand_overs')->where('job_id', $job->id)->count() > $was) {
                $handed++;
                expect(stillOpen(Workshops::fresh($job)))->toBe([], "seed {$seed}, job {$jobs}, move {$i}");
            }
            expect(
                (Workshops::fresh($job)->handed_over_at !== null) === DB::table('hand_overs')->where('job_id', $job->id)
                    ->whereNull('taken_back_at')->exists(),
            )
                ->toBeTrue();
        }
        $sheet = (string) $this->get("/jobs/{$job->id}/prove/hand-over")->assertOk()->getContent();
        foreach ($life->reasons as $reason) {
            expect($sheet)->toContain($reason);
        }
        $made[] = $life->made;
    }
    $total = fn (string $move): int => array_sum(array_column($made, $move));
    expect($handed)->toBeGreaterThan(0)->and($total('handed over'))->toBe($handed)
        ->and($total('house') + $total('limit') + $total('sensor'))->toBeGreaterThan(0);
    getenv('LIFE_STEPS') === false ?: fwrite(STDERR, "{$handed} hand-overs of {$jobs} jobs\n");
});
