<?php

declare(strict_types=1);

use App\Actions\House\ChooseSchool;
use App\Actions\Jobs\StartJob;
use App\Actions\Prove\KeepSetting;
use App\Actions\Survey\GiveAnswer;
use App\Bench\Braked;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Models\Job;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Choosing\Brake\Weather;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Prove\SettingName;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->say = fn (Job $job, string $spot, string $value) => app(GiveAnswer::class)($job, $this->person, Spot::from($spot), $value);
    $this->lacks = fn (Job $job): array => array_map(
        fn (Lack $lack) => $lack->code, OpenJob::of(Workshops::fresh($job))->the(Lacking::class)->open,
    );
});

it('estimates the brakes once it is told what they are, beside what is found of them', function (): void {
    $job = Workshops::kitted($this->person);
    $page = "/jobs/{$job->id}/condition?subject=brakes-enough";
    $this->get($page)->assertOk()->assertSee('Nothing can be estimated')->assertSee('Front brake')->assertSee('Rear rotor');
    ($this->say)($job, 'brake_front', 'disc-hydraulic');
    ($this->say)($job, 'brake_rear', 'rim');
    $this->get($page)->assertSee('Front rotor')->assertDontSee('Rear rotor');
    Workshops::read($job, $this->person, Spot::RotorFront, '160');
    $this->get($page)->assertOk()->assertSee('Seen to standing, dry')->assertSee('What it assumes')
        ->assertSee('Nobody has tried these brakes');
    $this->get("/jobs/{$job->id}/condition?subject=frame")->assertDontSee('Estimated, before');

    $before = OpenJob::of(Workshops::fresh($job))->the(Braked::class)->estimate?->after;
    $this->put(
        "/jobs/{$job->id}/line/hills",
        [
            'version' => Workshops::fresh($job)->version, 'mass_kg' => '220', 'rider_w' => '80', 'grade_percent' => '10',
            'surface' => 'street', 'wind_kmh' => '0', 'assist_percent' => '100', 'battery_wh' => '700', 'cut_off_kmh' => '20',
        ],
    )
        ->assertSessionHasNoErrors();
    $after = OpenJob::of(Workshops::fresh($job))->the(Braked::class)->estimate?->after;
    expect($after?->speed)->toEqualWithDelta(20 / 3.6, 1e-9)
        ->and((float) $after?->slowing(Weather::Dry))->toBeLessThan((float) $before?->slowing(Weather::Dry));
    app(KeepSetting::class)($job, $this->person, SettingName::CutOff, '15', null, null);
    expect(OpenJob::of(Workshops::fresh($job))->the(Braked::class)->estimate?->after->speed)->toEqualWithDelta(15 / 3.6, 1e-9);
});

it('keeps a bike for its brakes only where the house says so, until it is cured or an owner answers', function (): void {
    expect(($this->lacks)($free = Workshops::kitted($this->person)))->not->toContain('brakes');
    app(ChooseSchool::class)($this->person, School::BrakesHold, 'Loads downhill here', 0);
    $job = Workshops::kitted($this->person);
    expect(($this->lacks)($job))->toContain('brakes')->and(($this->lacks)($free))->not->toContain('brakes');
    ($this->say)($job, 'brake_front', 'none');
    ($this->say)($job, 'brake_rear', 'coaster');
    $lack = OpenJob::of(Workshops::fresh($job))->the(Lacking::class)->lack('brakes');
    expect($lack?->says)->toContain('Estimated: ');
    $this->get("/jobs/{$job->id}/prove/hand-over")->assertOk()->assertSee('See the estimate');
    $this->put(
        "/jobs/{$job->id}/prove/hand-over",
        ['lack' => 'brakes', 'mark' => $lack?->mark(), 'why' => ['brakes' => 'Ridden at walking pace in a yard']],
    )
        ->assertSessionHasNoErrors();
    expect(($this->lacks)($job))->not->toContain('brakes');
    ($this->say)($free, 'brake_front', 'none');
    ($this->say)($free, 'brake_rear', 'coaster');
    $told = OpenJob::of(Workshops::fresh($free))->the(Braked::class);
    expect($told->estimate?->objection())->not->toBeNull()->and($told->holds)->toBeNull();
    foreach (['front', 'rear'] as $end) {
        ($this->say)($job, "brake_{$end}", 'disc-hydraulic');
        Workshops::read($job, $this->person, Spot::from("rotor_{$end}"), '203');
    }
    $after = OpenJob::of(Workshops::fresh($job))->the(Braked::class);
    expect($after->estimate)->not->toBeNull()->and($after->holds)->toBeNull();
});

it('passes no dry fit of a sprung bike before the room over its travel is measured, and none without room', function (): void {
    $job = app(StartJob::class)(
        $this->person, ['customer' => 'T. Rider', 'bike' => 'Sprung', 'kind' => 'full-suspension', 'frame_material' => 'aluminium'],
    );
    foreach (Workshops::READINGS as $spot => $typed) {
        Workshops::read($job, $this->person, Spot::from($spot), $typed);
    }
    foreach (Workshops::ANSWERS as $question => $value) {
        ($this->say)($job, $question, $value);
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
    $held = fn (): ?string => OpenJob::of(Workshops::fresh($job))->buildSheet()?->step('dry-fit')?->held?->says;
    expect((string) $held())->toContain('Survey, Room at the sag');
    Workshops::read($job, $this->person, Spot::RoomRidden, '14');
    Workshops::read($job, $this->person, Spot::RoomBottomed, '2');
    expect((string) $held())->toContain('only 2.0 mm');
    $this->post(
        "/jobs/{$job->id}/readings",
        ['spot' => 'room_bottomed', 'typed' => '9', 'instrument' => 'rule', 'afresh' => '1', 'sure' => '1'],
    )
        ->assertSessionHasNoErrors();
    expect((string) $held())->not->toContain('Survey, Room')->not->toContain('only');
    $codes = array_column(OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [], 'code');
    expect(array_values(array_intersect($codes, ['spring-out', 'dry-fit', 'set-rest', 'swing', 'spring-in'])))
        ->toBe(['spring-out', 'dry-fit', 'set-rest', 'swing', 'spring-in']);
    $this->get("/jobs/{$job->id}/build?step=dry-fit")->assertOk()->assertSee('over all of it, on Survey');
});

it('tells how far the body hangs over the floor, or what is missing for it', function (): void {
    $job = Workshops::kitted($this->person);
    $this->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('the crank axis over the floor');
    Workshops::read($job, $this->person, Spot::AxisHeight, '296');
    $this->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('Nobody on it')->assertSee('With the motor')
        ->assertDontSee('which its papers do not say');
    DB::table('motors')->where('code', 'heron-73')->update(['figures' => DB::raw("json_remove(figures, '$.body_reach_mm')")]);
    DB::table('workshops')->update(['catalogue_version' => 'another']);
    $this->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('which its papers do not say')->assertDontSee('Nobody on it');
});
