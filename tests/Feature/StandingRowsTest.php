<?php

declare(strict_types=1);

use App\Actions\ChangeJob;
use App\Assembly\WorkshopCatalogue;
use App\Bench\Kept;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Row;
use App\Models\StandingRows;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Tests\Support\Life;
use Tests\Support\Workshops;

/** @return array<string, list<array<string, mixed>>> what a relation finds, or what was read for it, by its name */
function rowsOfJob(callable $of): array
{
    $all = [];
    foreach (['bike', ...array_keys(StandingRows::OWN), 'spacers', 'leads'] as $name) {
        $found = $of($name);
        $rows = $found instanceof Collection ? $found->all() : [$found];
        $all[$name] = array_values(array_map(fn (Row $row) => $row->getAttributes(), $rows));
    }

    return $all;
}

/**
 * What a change of a job can alter: no name of a person, and no drawer.
 *
 * @param  array<string, list<array<string, mixed>>>  $rows
 * @return array<string, list<array<string, mixed>>>
 */
function ofTheJob(array $rows): array
{
    return array_map(
        fn (array $some) => array_map(fn (array $row) => array_diff_key($row, ['set_by_name' => '']), $some),
        array_diff_key($rows, ['spacers' => [], 'leads' => []]),
    );
}

it('reads in one way what each relation finds by itself, however a job is changed', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $job = Workshops::kitted($person);
    $other = Workshops::kitted($person);
    $life = new Life($job, $person, (int) (getenv('ROWS_SEED') ?: 20));
    $kinds = [];
    for ($moves = (int) (getenv('ROWS_MOVES') ?: 120); $moves > 0; $moves--) {
        if (! $life->move()) {
            continue;
        }
        $read = Job::opened($job->id);
        $plain = Job::query()->findOrFail($job->id);
        $found = rowsOfJob(fn (string $name) => $plain->{$name}()->getResults());
        expect(rowsOfJob(fn (string $name) => $read->{$name}))->toBe($found)
            // Only what was written to was read anew after the last change, and yet nothing of the job is as it was before it.
            ->and(ofTheJob(rowsOfJob(fn (string $name) => app(ChangeJob::class)->standing($job)->job->{$name})))->toBe(ofTheJob($found));
        $kinds += array_filter($found);
    }
    // Many at once are given each their own.
    $both = [Job::query()->findOrFail($job->id), Job::query()->findOrFail($other->id)];
    StandingRows::fillAll($both);
    foreach ($both as $one) {
        expect($one->readings->pluck('job_id')->unique()->all())->toBe([$one->id])->and($one->bike->id)->toBe($one->bike_id);
    }
    expect(Job::opened($job->id)->is($both[0]))->toBeTrue()->and(Job::opened($job->id)->is($both[1]))->toBeFalse();
    expect($kinds)->toHaveKeys(['readings', 'answers', 'kit', 'stepRecords', 'decisions', 'runs', 'settings', 'spacers']);
});

it('opens a job once on each page, and once before a change and its rows once after', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person->refresh());
    DB::enableQueryLog();
    $opened = fn (): int => count(
        array_filter(DB::getQueryLog(), fn (array $one) => str_contains($one['query'], 'from readings where job_id in')),
    );
    foreach ([
        'survey', 'condition', 'strip', 'match', 'stack', 'stack/order', 'stack/rest', 'line', 'line/hills', 'route', 'route/battery',
        'route/cockpit', 'route/sensors', 'build', 'build/house', 'prove', 'prove/live?step=wakes', 'prove/hand-over', 'prove/come-back',
    ] as $place) {
        DB::flushQueryLog();
        $this->get("/jobs/{$job->id}/{$place}")->assertOk();
        expect($opened())->toBe(1, $place);
    }
    foreach ([
        ['readings', ['spot' => 'shell_width', 'typed' => '73.02', 'instrument' => 'caliper']],
        ['build', ['step' => 'safe', 'state' => 'done']], ['strip', ['step' => 'power', 'state' => 'done']],
    ] as [$what, $sent]) {
        DB::flushQueryLog();
        $this->post("/jobs/{$job->id}/{$what}", $sent)->assertSessionHasNoErrors()->assertRedirect();
        // Once more only where it was written to.
        expect($opened())->toBe($what === 'readings' ? 2 : 1, $what);
    }
});

it('does not work out again after a tick what no tick can alter, and works out again what it can', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $open = OpenJob::of(Workshops::fresh($job));
    [$sheet, $worksheet] = [$open->buildSheet(), $open->worksheet()];
    Workshops::built($job, $person, 'dry-fit');
    $after = $open->afterTicks(Workshops::fresh($job));
    $fresh = OpenJob::of(Workshops::fresh($job));
    expect($after->buildSheet())->toBe($sheet)->and($after->worksheet())->toBe($worksheet)
        ->and($after->walk())->toEqual($fresh->walk());
    foreach (OpenJob::OF_TICKS as $what) {
        $what === 'walk' || expect($after->the($what))->toEqual($fresh->the($what));
    }
});

it('counts the whole drawer for all jobs together, and for one job without what others keep', function (): void {
    $person = Workshops::stocked();
    [$one, $other] = [Workshops::kitted($person), Workshops::kitted($person)];
    $spacer = $person->workshop->spacers()->where('quantity', '>', 3)->firstOrFail();
    Reservation::query()
        ->create([
            'job_id' => $one->id, 'spacer_id' => $spacer->id, 'user_id' => $person->id, 'quantity' => 3,
            'state' => ReservationState::Reserved,
        ]);
    $counted = fn (WorkshopCatalogue $catalogue): int => $catalogue->spacers->firstOrFail('id', $spacer->id)->available();
    expect($counted(WorkshopCatalogue::of($person->workshop_id)))->toBe($spacer->quantity)
        ->and($counted(WorkshopCatalogue::forJob(Workshops::fresh($one))))->toBe($spacer->quantity)
        ->and($counted(WorkshopCatalogue::forJob(Workshops::fresh($other))))->toBe($spacer->quantity - 3);
});

it('keeps what takes long for a job as it stands, and nothing of a change that may be taken back', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::fresh(Workshops::kitted($person));
    $ask = fn (Job $job, int $answer): int => Kept::of(OpenJob::of($job), 'a sum', fn (): int => $answer);
    expect($ask($job, 1))->toBe(1)->and($ask($job, 2))->toBe(1);

    $job->forceFill(['version' => $job->version + 1]);
    expect($ask($job, 3))->toBe(3)->and($ask($job, 4))->toBe(4);
    $job->save();
    expect($ask($job, 5))->toBe(5)->and($ask($job, 6))->toBe(5);

    $person->workshop->leads()->create(['connector' => 'eight', 'length_mm' => 321, 'quantity' => 1]);
    $job = Workshops::fresh($job);
    expect($ask($job, 7))->toBe(7)->and($ask($job, 8))->toBe(7);
});
