<?php

declare(strict_types=1);

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\HandOverDocument;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\LogbookEntry;
use App\Models\Recheck;
use App\Models\StepRecord;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Learned;
use App\Planning\UsualPieces;
use App\Planning\WorkshopPlan;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Schedule\Load;
use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use Tests\Support\Demo;
use Tests\Support\Stockroom;

/** @return Collection<int, Job> */
function past(): Collection
{
    return Job::query()->where('number', '<', 241)->orderBy('number')->get();
}

/** What left the demo's workshop in the last year: true to every rule as it is now, or `bin/make-past` makes it so. */
beforeEach(function (): void {
    $this->travelTo('2027-02-11 15:00');
    Demo::whole();
});

it('has a past of eighty bikes in the year that ends now, none of them worked on a Sunday, none at once', function (): void {
    $past = Job::query()->where('number', '<', 241)->get();
    $lasts = StepRecord::query()->whereIn('job_id', $past->modelKeys())->max('recorded_at');
    expect($past)->toHaveCount(80)->and($past->whereNotNull('handed_over_at')->count())->toBeGreaterThan(68)
        ->and($past->where('ended_as', '!=', null)->count())->toBeGreaterThan(5)
        ->and((string) $past->min('created_at'))->toBeGreaterThan((string) now()->subDays(372))->and($lasts)->toBeLessThan((string) now())
        ->and(
            StepRecord::query()->whereIn('job_id', $past->modelKeys())->get()
                ->filter(fn (StepRecord $one) => $one->recorded_at->isWeekend())->count(),
        )
        ->toBe(0)
        ->and(LogbookEntry::query()->whereIn('job_id', $past->modelKeys())->distinct()->pluck('mount')->filter()->count())
        ->toBeGreaterThan(2)
        ->and(Recheck::query()->whereIn('job_id', $past->modelKeys())->count())->toBeGreaterThan(40)
        ->and(Stockroom::odd($past->firstOrFail()->workshop_id))->toBe([]);
});

it('is true to the rules, each bike of it: a stack that goes, every step done, nothing against its leaving, its sheet as it would be written', function (): void {
    foreach (past()->whereNotNull('handed_over_at') as $one) {
        $open = OpenJob::of(Job::opened($one->id));
        $handOver = HandOver::query()->with('user')->where('job_id', $one->id)->sole();
        $kept = $handOver->sheet;
        expect($open->worksheet()?->stack->verdict)->not->toBe(Verdict::Fails, "{$one->number}")
            ->and($open->the(BuildState::class)->open)->toBe([], "{$one->number}")
            ->and($open->the(Proving::class)->handOver->objections)->toBe([], "{$one->number}")
            ->and(HandOverDocument::toKeep($open, $handOver->user, $handOver)->toArray())->toEqual($kept?->toArray(), "{$one->number}");
        $rides = $open->the(Proving::class)->plan->checks;
        expect(array_filter($rides, fn (Check $check) => $check->chapter === Check::RIDE))->not->toBe([]);
    }
});

it('gives logbook, learned minutes and dates something to say', function (): void {
    $owner = User::query()->where('email', 'maren@tollgate.example')->sole();
    $minutes = Learned::of(Workshop::query()->sole()->id);
    foreach ([
        WorkKind::Strip, WorkKind::Dry, WorkKind::Gap, WorkKind::Body, WorkKind::Torque, WorkKind::Drive, WorkKind::Routes, WorkKind::Stand,
        WorkKind::Ride,
    ] as $kind) {
        expect($minutes->known($kind)[2] ?? 0)->toBeGreaterThan(30, $kind->value);
    }
    $this->actingAs($owner)->get('/logbook')->assertOk()->assertSee('commuter');
    $this->get('/calendar')->assertOk();
    $this->get('/calendar/hours')->assertSee('learned from');
    // What left long ago stands on the bench when it comes back, not all year.
    expect(Job::query()->onTheBench()->where('number', '<', 241)->count())->toBeLessThan(15);
    $this->get('/')->assertOk();
    $this->get('/?find=commuter')->assertSee('Ended, or not expected soon');
});

it('shows the logbook page by page, found by words, and the likest of all the year first', function (): void {
    $this->actingAs(User::query()->where('email', 'maren@tollgate.example')->sole());
    $count = Job::query()->where(fn ($of) => $of->whereNotNull('handed_over_at')->orWhereNotNull('ended_at'))->count();
    $this->get('/logbook')->assertOk()->assertSee(($count - 25).' more')->assertSee('from=25');
    $this->get('/logbook?from=75')->assertOk()->assertDontSee(' more</a>', false);
    foreach (['/logbook?from[]=x', '/logbook?from=-1', '/logbook?from=99999', '/logbook?find=zebra'] as $odd) {
        $this->get($odd)->assertOk();
    }
    $trike = Job::query()->whereHas('bike', fn ($bikes) => $bikes->where('kind', 'tadpole-trike'))->where('number', '>', 240)->sole();
    $this->get("/logbook?like={$trike->id}")->assertOk()->assertSeeInOrder(['Alike', 'tadpole trike', 'tadpole trike']);
    $this->get("/logbook?like={$trike->id}&find=hauler")->assertOk()->assertSee('hauler')->assertDontSee('commuter');
});

it('has a full fortnight ahead, with something away, a question that is open, parts on their way and somebody who is not there', function (): void {
    $this->actingAs(User::query()->where('email', 'maren@tollgate.example')->sole());
    $plan = WorkshopPlan::of(Workshop::query()->sole());
    $busy = array_sum(array_map(fn (Load $load) => $load->busy, $plan->plan()->load));
    $ends = max(0, ...array_map(fn (PlannedJob $job) => $job->done ?? 0, $plan->plan()->jobs));
    expect($plan->jobs)->toHaveCount(34)->and($busy)->toBeGreaterThan(60 * 60)
        ->and(($ends - $plan->from) / WallClock::DAY)->toBeGreaterThan(7)->toBeLessThan(25);
    $this->get('/calendar')->assertOk()->assertSee('At another shop: rear wheel')->assertSee('Parts on their way');
    // When could you take mine in? By what such bikes were here.
    $this->get('/calendar?kind=diamond&motor=heron-73')->assertOk()->assertSee('such bikes were here')
        ->assertSee('value="diamond" selected', false);
    $this->get('/calendar?kind=four-wheeler&parts=come')->assertOk()->assertSee('A usual bike')->assertSee('value="come" selected', false);
    foreach (['kind=unicycle', 'kind[]=x', 'motor[]=x', 'motor=no-such', 'parts[]=come'] as $odd) {
        $this->get("/calendar?{$odd}")->assertOk();
    }
    $pieces = UsualPieces::of($plan->jobs->firstOrFail()->workshop_id, BikeKind::Diamond, 'heron-73', false);
    expect($pieces->bikes)->toBeGreaterThan(20)->and($pieces->rest->pieces['strip'])->toBeGreaterThan(5)
        ->and($pieces->rest->pieces['ride'])->toBeGreaterThan(2);
    $this->get('/')->assertOk()->assertSee('Promises that will not hold')->assertSee('Re-checks that are due');
});
