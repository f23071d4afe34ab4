<?php

declare(strict_types=1);

use App\Actions\Jobs\StartJob;
use App\Actions\Survey\GiveAnswer;
use App\Bench\BuildState;
use App\Bench\GuideGaps;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reading;
use App\Models\StepRecord;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Survey\Need;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\StayLook;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->tick = fn (Job $job, string $step) => $this->post("/jobs/{$job->id}/build", [
        'step' => $step, 'state' => 'done', 'seen' => StepRecord::query()->where('job_id', $job->id)->where('step', $step)
            ->whereNull('superseded_at')->value('id') ?? 0,
    ]);
});

it('judges what has no chainstay beside its ring without one, and turns it over nowhere', function (BikeKind $kind): void {
    $job = app(StartJob::class)(
        $this->person, ['customer' => 'T. Rider', 'bike' => $kind->label(), 'kind' => $kind->value, 'frame_material' => 'steel'],
    );
    foreach (array_diff_key(
        Workshops::READINGS,
        array_flip(['stay_45', 'stay_64', 'stay_80', 'stay_112', 'room_base', 'room_front', 'room_rear', 'down_tube', 'guide_depth']),
    ) as $spot => $typed) {
        Workshops::read($job, $this->person, Spot::from($spot), $spot === 'chainstay_length' ? '1450' : $typed);
    }
    foreach (Workshops::ANSWERS as $question => $value) {
        app(GiveAnswer::class)($job, $this->person, Spot::from($question), $value);
    }
    $workshop = $this->person->workshop()->firstOrFail();
    $this->put(
        "/jobs/{$job->id}/motor",
        [
            'version' => Workshops::fresh($job)->version, 'motor_id' => $workshop->motors()->where('code', 'heron-73')->value('id'),
            'ring_id' => $workshop->rings()->where('code', 'deep-40')->value('id'),
        ],
    )
        ->assertSessionHasNoErrors();
    $open = OpenJob::of(Workshops::fresh($job));
    expect($open->worksheet()?->stack->verdict)->toBe(Verdict::Clear)->and($open->bike()?->chainstay->isNone)->toBeTrue();
    $this->get("/jobs/{$job->id}/survey")->assertOk()->assertDontSee('Chainstay at');
    $this->get("/jobs/{$job->id}/build?step=nut-torque")->assertOk()->assertSee('never turned over')->assertDontSee('Upside down');
    $this->get("/jobs/{$job->id}/strip")->assertOk()->assertDontSee('Upside down');
    $this->get("/jobs/{$job->id}/prove?step=sound-cockpit")->assertOk()->assertSee('Seated, pulling')->assertDontSee('Out of the saddle');
    $this->get("/jobs/{$job->id}/route/battery")->assertOk()->assertSee('Beside the seat');
    $this->get("/jobs/{$job->id}/job.json")->assertJsonPath('bike.chainstay.none', true);
})->with([BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler]);

it('has a guide that is trimmed measured afresh, whatever was read before', function (): void {
    $job = Workshops::kitted($this->person);
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'guide_remedy', 'value' => 'trimmed', 'seen' => 'stays'])
        ->assertSessionHasNoErrors();
    Workshops::built(Workshops::fresh($job), $this->person, 'guide');
    $depths = fn () => Reading::query()->where('job_id', $job->id)->where('spot', 'guide_depth')->whereNull('superseded_at')->count();
    expect($depths())->toBe(1);
    ($this->tick)($job, 'guide')->assertSessionHasNoErrors();
    expect($depths())->toBe(0);
    ($this->tick)($job, 'guide-measure')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('measured first');
    ($this->tick)($job, 'dry-fit')->assertSessionHasErrors('state');
    $this->post("/jobs/{$job->id}/readings", ['spot' => 'guide_depth', 'typed' => '2.1', 'instrument' => 'caliper', 'sure' => '1'])
        ->assertSessionHasNoErrors();
    ($this->tick)($job, 'guide-measure')->assertSessionHasNoErrors();
    ($this->tick)($job, 'dry-fit')->assertSessionHasNoErrors();
});

it('says on Match what stands in the way, before the shell is known too', function (): void {
    $readings = [...array_diff_key(Workshops::READINGS, array_flip(['shell_bore', 'thread_pitch'])), 'guide_depth' => '14'];
    $job = Workshops::measured($this->person, $readings);
    foreach (['shell_threaded', 'drive_cup_loosens'] as $question) {
        DB::table('answers')->where('job_id', $job->id)->where('question', $question)->delete();
    }
    expect(OpenJob::of(Workshops::fresh($job))->identification()?->identified)->toBeNull();
    $this->get("/jobs/{$job->id}/match?goes=all&nearly=all&does_not=all")->assertOk()->assertDontSee('Goes in none of the shells')
        ->assertSee('Decide what the guide becomes')->assertSee('guide');
});

it('chooses by a look at the stay until it is measured, and lays the straightedge on a bare shell only', function (): void {
    $job = Workshops::measured(
        $this->person, array_diff_key(Workshops::READINGS, array_flip(['stay_45', 'stay_64', 'stay_80', 'stay_112', 'shell_width'])),
    );
    $workshop = $this->person->workshop()->firstOrFail();
    $this->put(
        "/jobs/{$job->id}/motor",
        [
            'version' => Workshops::fresh($job)->version, 'motor_id' => $workshop->motors()->where('code', 'heron-73')->value('id'),
            'ring_id' => $workshop->rings()->where('code', 'deep-40')->value('id'),
        ],
    )
        ->assertSessionHasNoErrors();
    $case = fn () => OpenJob::of(Workshops::fresh($job))->worksheet()?->stack->margin(MarginName::CaseToChainstay);
    $needed = [];
    expect($case())->toBeNull();
    $this->get("/jobs/{$job->id}/survey?region=stay")->assertOk()->assertSee('How the chainstay stands')->assertDontSee('4 needed');
    $this->get("/jobs/{$job->id}/survey?spot=stay_64")->assertOk()->assertSee('After the strip, on the bare shell.');
    foreach (StayLook::cases() as $look) {
        $this->post("/jobs/{$job->id}/answers", ['spot' => 'stay_look', 'value' => $look->value])->assertSessionHasNoErrors();
        $needed[] = OpenJob::of(Workshops::fresh($job))->worksheet()->stack->needed['drive'] ?? 0.0;
        expect($case()?->plusMinus)->toBeGreaterThanOrEqual(5.0);
    }
    expect($needed[0])->toBeLessThanOrEqual($needed[1])->and($needed[1])->toBeLessThan($needed[2]);
    // Chosen by, and no more: with its width told over the cups and its stay looked at, nothing goes in, dry or otherwise.
    ($this->tick)($job, 'safe')->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($job))->the(BuildState::class)->gate?->held()['dry-fit']?->says)
        ->toContain('The bare shell is measured first');
    // A glance is nothing to build on: with the shell bare it counts no more, and the straightedge is up.
    Workshops::read($job, $this->person, Spot::ShellWidth, '73.0');
    expect($case())->toBeNull()->and(OpenJob::of(Workshops::fresh($job))->worksheet()?->stack->verdict)->toBe(Verdict::Tight);
    foreach (['stay_45' => '-4.0', 'stay_64' => '-3.0', 'stay_80' => '-2.0', 'stay_112' => '0.5'] as $spot => $typed) {
        expect(OpenJob::of(Workshops::fresh($job))->walk()->next()?->value)->toBe($spot);
        Workshops::read($job, $this->person, Spot::from($spot), $typed);
    }
    expect($case()?->plusMinus)->toBeLessThan(2.0)->and(OpenJob::of(Workshops::fresh($job))->findings->isGiven(Spot::StayLook))->toBeTrue();
});

it('asks what is done about a guide before the strip goes on, where no motor’s body clears it', function (): void {
    $job = Workshops::job($this->person, 'Deep guide');
    $next = fn () => OpenJob::of(Workshops::fresh($job))->walk()->need(Spot::GuideRemedy);
    foreach (['3.0' => null, '30.0' => Need::Stack] as $deep => $need) {
        Reading::query()->where('job_id', $job->id)->update(['superseded_at' => now()]);
        Workshops::read($job, $this->person, Spot::GuideDepth, (string) $deep);
        expect($next())->toBe($need);
    }
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'crank_kind', 'value' => 'square-taper']);
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'bracket_kind', 'value' => 'threaded'])
        ->assertRedirect("/jobs/{$job->id}/survey?spot=guide_remedy");
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'guide_remedy', 'value' => 'housing'])->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($job))->walk()->isOpen(Spot::GuideRemedy))->toBeFalse();

    // The chosen motor alone counts: one guide that some bodies clear and others do not.
    $gaps = array_column(OpenJob::of(Workshops::fresh($job))->the(GuideGaps::class)->all(), 'gap');
    $kitted = Workshops::kitted($this->person);
    $own = OpenJob::of(Workshops::fresh($kitted))->motor()?->part->held->bodyGap();
    expect(array_unique($gaps))->not->toHaveCount(1);
    foreach ([[$own - 2.0, false], [$own + 1.0, true]] as [$deep, $isInTheWay]) {
        Reading::query()->where('job_id', $kitted->id)->where('spot', Spot::GuideDepth)->update(['superseded_at' => now()]);
        Workshops::read($kitted, $this->person, Spot::GuideDepth, (string) $deep);
        expect(OpenJob::of(Workshops::fresh($kitted))->the(GuideGaps::class)->isInTheWay())->toBe($isInTheWay);
    }
});
