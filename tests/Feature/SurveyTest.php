<?php

declare(strict_types=1);

use App\Actions\Survey\GiveAnswer;
use App\Bench\OpenJob;
use App\Models\Answer;
use App\Models\Reading;
use App\Models\Role;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\CogSpacing;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked(Role::Apprentice);
    $this->job = Workshops::job($this->person);
    $this->actingAs($this->person);
    $this->read = fn (string $typed, array $more = []) => $this->from("/jobs/{$this->job->id}/survey")
        ->post("/jobs/{$this->job->id}/readings", ['spot' => 'shell_width', 'typed' => $typed, 'instrument' => 'caliper', ...$more]);
});

it('keeps every reading, with who, when and what with', function (): void {
    ($this->read)('73.04 72.96')->assertSessionHasNoErrors();
    ($this->read)('73,08');

    $readings = Reading::query()->orderBy('id')->get();
    expect($readings->pluck('value_mm')->all())->toBe([73.04, 72.96, 73.08])
        ->and($readings->pluck('user_id')->unique()->all())->toBe([$this->person->id])
        ->and($readings->pluck('instrument_mm')->unique()->all())->toBe([0.02])
        ->and($readings->pluck('superseded_at')->filter()->all())->toBe([]);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('73.04 ± 0.06 mm')->assertSee('from 3 readings');
});

it('supersedes the earlier ones when measured afresh, and overwrites none', function (): void {
    ($this->read)('73.04');
    ($this->read)('72.5', ['afresh' => '1']);

    [$old, $new] = Reading::query()->orderBy('id')->get()->all();
    expect($old->value_mm)->toBe(73.04)->and($old->superseded_at)->not->toBeNull()->and($old->superseded_by_id)->toBe($new->id)
        ->and($new->superseded_at)->toBeNull();
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('72.50 ± 0.02 mm');
});

it('takes a reading back without losing it', function (): void {
    ($this->read)('73.04 99.0');
    $slip = Reading::query()->where('value_mm', 99)->sole();
    $this->delete("/jobs/{$this->job->id}/readings/{$slip->id}")->assertRedirect();

    expect($slip->refresh()->superseded_at)->not->toBeNull()->and($slip->withdrawn_by_id)->toBe($this->person->id);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('73.04 ± 0.02 mm');
});

it('does not take back a reading of another job', function (): void {
    $other = Workshops::job($this->person);
    ($this->read)('73.04');
    $this->delete("/jobs/{$other->id}/readings/".Reading::query()->sole()->id)->assertNotFound();
    expect(Reading::query()->sole()->superseded_at)->toBeNull();
});

it('says at the field what was expected, keeps what was typed, and saves nothing', function (string $typed, string $message): void {
    ($this->read)($typed, ['instrument' => 'tape'])
        ->assertRedirect("/jobs/{$this->job->id}/survey")
        ->assertSessionHasErrors('typed')
        ->assertSessionHasInput(['typed' => $typed, 'instrument' => 'tape']);
    expect(session('errors')->first('typed'))->toContain($message)
        ->and(Reading::query()->count())->toBe(0);
})->with([
    'a 7 mm shell' => ['7', '7.00 mm cannot be'],
    'letters' => ['wide', 'not a number'],
    'negative' => ['-73', 'cannot be'],
    '1e9' => ['1e9', 'not a number'],
    'a billion' => ['1000000000', 'cannot be'],
    'a torque' => ['50 Nm', 'does not fit here'],
    'a fraction of nothing' => ['1/0 in', 'divides by zero'],
    'one good, one bad' => ['73.0 7', '7.00 mm cannot be'],
]);

it('refuses nothing typed, an unknown spot and an unknown instrument', function (): void {
    ($this->read)('')->assertSessionHasErrors('typed');
    ($this->read)('73', ['spot' => 'saddle'])->assertSessionHasErrors('spot');
    ($this->read)('73', ['instrument' => 'eye'])->assertSessionHasErrors('instrument');
    expect(Reading::query()->count())->toBe(0);
});

it('reads and shows inches for who prefers them, and keeps millimetres', function (): void {
    $this->person->update(['length_unit' => LengthUnit::Inch]);
    ($this->read)('2 7/8');
    expect(Reading::query()->sole()->value_mm)->toBe(73.025);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('2.875');
});

it('keeps answers, a later one superseding', function (): void {
    $answer = fn (string $spot, string $value) => $this->from('/')
        ->post("/jobs/{$this->job->id}/answers", ['spot' => $spot, 'value' => $value]);
    $answer('shell_threaded', 'no');
    $answer('shell_threaded', 'yes');
    $answer('cogs', '11, 13; 15');

    expect(Answer::query()->whereNull('superseded_at')->pluck('value', 'question')->all())
        ->toBe(['shell_threaded' => 'yes', 'cogs' => '11 13 15'])
        ->and(Answer::query()->count())->toBe(3);
});

it('says what is wrong with an answer', function (string $spot, string $value, string $message): void {
    $this->from('/')->post("/jobs/{$this->job->id}/answers", ['spot' => $spot, 'value' => $value])->assertSessionHasErrors('value');
    expect(session('errors')->first('value'))->toContain($message)->and(Answer::query()->count())->toBe(0);
})->with([
    [
        'shell_threaded', 'maybe', 'Choose one of',
    ], ['cogs', '34 11', 'Smallest first'], ['cogs', '11 11', 'Smallest first'], ['cogs', '8 11', 'from 9 to 60'],
    ['cogs', 'many', 'as numbers'], [
        'cogs', implode(' ', range(10, 27)), '1 to 16 cogs',
    ], ['old_chain_links', '12.5', 'whole number'], ['old_chain_links', '5', 'from 40'],
]);

it('holds the next thing to do up to date', function (): void {
    expect(Workshops::fresh($this->job)->next_step)->toContain('Walk round');
    foreach ([
        'chainstay_length' => '438', 'over_locknuts' => '135', 'cog_inset' => '5', 'cog_pitch' => '4.3', 'wheel' => '2180',
    ] as $spot => $typed) {
        ($this->read)($typed, ['spot' => $spot]);
    }
    $this->post("/jobs/{$this->job->id}/answers", ['spot' => 'cogs', 'value' => '11 13']);
    expect(Workshops::fresh($this->job)->next_step)->toBe('Strip: Power off, battery out');
});

it('asks for the step between several cogs, though a document may leave it out', function (): void {
    $this->actingAs($owner = Workshops::stocked());
    $job = Workshops::measured($owner, array_diff_key(Workshops::READINGS, ['cog_pitch' => 1]));
    expect($job->next_step)->not->toContain('Cog to cog')
        ->and(OpenJob::of(Workshops::fresh($job))->bike()?->rear->cogPitch)->toBe(CogSpacing::usual(9, Measurement::exactly(135.0)));
    app(GiveAnswer::class)($job, $owner, Spot::Cogs, '11 14 18 22');
    expect(Workshops::fresh($job)->next_step)->toContain('Cog to cog');
    $this->actingAs($owner)->get("/jobs/{$job->id}/match")->assertSee('Still to measure: Cog to cog.');
});

it('works with the width told from the cups, says so, and still strips before it measures bare', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::measured($owner, array_diff_key(Workshops::READINGS, array_flip(['shell_width', 'shell_bore', 'thread_pitch'])));
    expect($job->next_step)->toBe('Strip: Power off, battery out');
    $this->actingAs($owner)->get("/jobs/{$job->id}/match")->assertSee('73.00 ± 0.56 mm, told from the cups');

    foreach (App\Bench\OpenJob::of($job)->stripPlan()->steps as $step) {
        $this->post("/jobs/{$job->id}/strip", ['step' => $step->code, 'state' => 'done']);
    }
    expect(Workshops::fresh($job)->next_step)->toBe('Measure bare: Shell width');
    $this->post("/jobs/{$job->id}/readings", ['spot' => 'shell_width', 'typed' => '73.02', 'instrument' => 'caliper']);
    $this->get("/jobs/{$job->id}/match")->assertDontSee('told from the cups');
});

it('follows the identification as evidence comes', function (): void {
    ($this->read)('68.1');
    $this->get("/jobs/{$this->job->id}/survey")->assertSee('Next: measure the bore');
    ($this->read)('33.9 ± 0.1', ['spot' => 'shell_bore']);
    $this->post("/jobs/{$this->job->id}/answers", ['spot' => 'shell_threaded', 'value' => 'yes']);
    $this->get("/jobs/{$this->job->id}/survey")->assertSee('Still 3 in question')->assertSee('which way the drive cup came out');
    $this->post("/jobs/{$this->job->id}/answers", ['spot' => 'drive_cup_loosens', 'value' => 'anticlockwise']);
    $this->get("/jobs/{$this->job->id}/survey")->assertSee('French thread');
});

it('shows the guide against each motor’s gap, and a remedy changes margin and build', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $this->actingAs($owner)
        ->post("/jobs/{$job->id}/readings", ['spot' => 'guide_depth', 'typed' => '5.9', 'instrument' => 'caliper', 'afresh' => '1']);
    $this->get("/jobs/{$job->id}/survey?spot=guide_depth")->assertSeeInOrder(['Heron, 73 sleeve', '6.20 mm', '0.30 mm', 'Fails']);
    $this->get("/jobs/{$job->id}/stack")->assertSee('short of its limit');
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'guide_remedy', 'value' => 'housing']);
    $this->get("/jobs/{$job->id}/stack")->assertDontSee('short of its limit');
    $this->get("/jobs/{$job->id}/build")->assertSee('Cable guide: Full-length housing');
});

it('draws an insert a machinist can work from, where the catalogue has none', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::measured($owner);
    $this->actingAs($owner);
    foreach (['shell_width' => '91.9', 'shell_bore' => '41.02'] as $spot => $typed) {
        $this->post(
            "/jobs/{$job->id}/readings",
            ['spot' => $spot, 'typed' => $typed, 'instrument' => 'caliper', 'afresh' => '1', 'sure' => '1'],
        );
    }
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'shell_threaded', 'value' => 'no']);
    App\Models\Reading::query()->where('spot', 'thread_pitch')->get()
        ->each(fn ($reading) => $this->delete("/jobs/{$job->id}/readings/{$reading->id}"));
    App\Models\Answer::query()->where('question', 'drive_cup_loosens')->update(['superseded_at' => now()]);

    $this->get("/jobs/{$job->id}/match")->assertSee('What an insert would have to be');
    $motor = $owner->workshop->motors()->where('code', 'otter-73')->sole();
    $svg = (string) $this->get("/jobs/{$job->id}/insert/{$motor->id}/drawing.svg")->assertOk()->getContent();
    expect(simplexml_load_string($svg))->not->toBeFalse()->and($svg)->toContain('41.05')->toContain('32.80');
    $this->get("/jobs/{$job->id}/insert/".Workshops::stocked()->workshop->motors()->value('id'))->assertNotFound();
});

it('keeps who took a reading back first, and lets it be brought back', function (): void {
    ($this->read)('73.04')->assertSessionHasNoErrors();
    $slip = Reading::query()->sole();
    $mate = Workshops::person(workshop: $this->person->workshop);
    $this->delete("/jobs/{$this->job->id}/readings/{$slip->id}")->assertRedirect();
    $this->actingAs($mate)->delete("/jobs/{$this->job->id}/readings/{$slip->id}")->assertRedirect();
    expect($slip->refresh()->withdrawn_by_id)->toBe($this->person->id);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('taken back by')->assertSee('Let it count again');

    $back = fn () => $this->put("/jobs/{$this->job->id}/readings/{$slip->id}");
    $back()->assertSessionHasNoErrors();
    $standing = Reading::query()->whereNull('superseded_at')->sole();
    expect($standing->only('value_mm', 'user_id', 'typed', 'brought_back_by_id'))
        ->toEqual(['value_mm' => 73.04, 'user_id' => $this->person->id, 'typed' => '73.04', 'brought_back_by_id' => $mate->id])
        ->and($slip->refresh()->withdrawn_by_id)->toBe($this->person->id);
    $back()->assertSessionHasErrors('typed');
    expect(Reading::query()->whereNull('superseded_at')->count())->toBe(1);
    $this->actingAs(Workshops::person())->put("/jobs/{$this->job->id}/readings/{$slip->id}")->assertNotFound();
});

it('tells when somebody has answered otherwise meanwhile', function (): void {
    $answer = fn (string $value, ?string $seen) => $this->from('/')
        ->post(
            "/jobs/{$this->job->id}/answers", ['spot' => 'shell_threaded', 'value' => $value, ...($seen === null ? [] : ['seen' => $seen])],
        );
    $answer('yes', '')->assertSessionHasNoErrors();
    $answer('no', '')->assertSessionHasErrors('value');
    expect(session('errors')->first('value'))->toContain('answered “yes”');
    $answer('no', 'yes')->assertSessionHasNoErrors();
});

it('asks about what is unusual, with the likeliest slip, and keeps it as typed when told so', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $job->bike->update(['kind' => BikeKind::Fat]);
    Workshops::read($job, $person, Spot::ShellWidth, '100.0');
    $this->actingAs($person);
    $read = fn (array $typed) => $this->from("/jobs/{$job->id}/survey?spot=stay_45")
        ->post("/jobs/{$job->id}/readings", ['spot' => 'stay_45', 'instrument' => 'straightedge', ...$typed]);

    $read(['typed' => '52'])->assertSessionHasErrors(['typed', 'sure'])->assertSessionHasInput('typed', '52');
    $this->get("/jobs/{$job->id}/survey?spot=stay_45")->assertSee('52.00 mm is unusual here')
        ->assertSee('Was it taken from the centre plane?')
        ->assertSee('data-key="k"', false)->assertSee('value="52"', false);
    $read(['typed' => '52', 'afresh' => '1'])->assertSessionHasErrors('sure');
    expect(Workshops::fresh($job)->readings->where('spot', Spot::Stay45))->toHaveCount(0);
    $read(['typed' => '52', 'sure' => '1'])->assertSessionHasNoErrors();
    $read(['typed' => '2 2.4'])->assertSessionHasErrors('instead');
    $read(['typed' => '2 2.4', 'sure' => '1'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->readings->where('spot', Spot::Stay45))->toHaveCount(3);
});

it('asks whether what is far from what stands comes in its place, and goes on to the next doubtful spot then', function (): void {
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::measured($person);
    $read = fn (string $spot, string $typed, array $with = []) => $this->from("/jobs/{$job->id}/survey?spot={$spot}")
        ->post("/jobs/{$job->id}/readings", ['spot' => $spot, 'typed' => $typed, 'instrument' => 'tape', ...$with]);
    $standing = fn (string $spot): array => array_values(
        Workshops::fresh($job)->readings->where('spot', Spot::from($spot))->pluck('value_mm')->all(),
    );
    // Two slips, kept as they were typed.
    $read('stay_64', '32', ['afresh' => '1', 'sure' => '1'])->assertSessionHasNoErrors();
    $read('stay_80', '41', ['afresh' => '1', 'sure' => '1'])->assertSessionHasNoErrors();
    $read('stay_80', '4.1')->assertSessionHasErrors(['typed', 'instead']);
    expect(session('errors')->first('typed'))->toContain('away from the other reading, 41');
    $this->get("/jobs/{$job->id}/survey?spot=stay_80")->assertSee('Instead of that one')->assertSee('One more')
        ->assertSee('value="4.1"', false);
    $read('stay_80', '4.1', ['instead' => '1', 'sure' => '1'])->assertRedirect(route('job.survey', [$job, 'spot' => 'stay_64']));
    expect($standing('stay_80'))->toBe([4.1]);
    $read('stay_64', '3.2', ['instead' => '1'])->assertRedirect(route('job.survey', [$job, 'spot' => 'stay_64']))->assertSessionHas('kept');
    // What stood before counts no more but is not lost; a question that comes back keeps the tick of its form.
    $read('stay_80', '41', ['afresh' => '1'])->assertSessionHasErrors('sure');
    $this->get("/jobs/{$job->id}/survey?spot=stay_80")->assertSee('name="afresh" value="1" checked', false);
    $read('chainstay_length', '8', ['sure' => '1'])->assertSessionHasErrors('typed');
    expect($standing('stay_80'))->toBe([4.1])->and($job->everyReading()->where('spot', 'stay_80')->count())->toBe(3);
});

it('asks about a shell that does not go with its cups', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    Workshops::read($job, $person, Spot::CupsWidth, '77.0');
    Workshops::read($job, $person, Spot::CupFlange, '2.0');
    $read = fn (string $typed) => $this->actingAs($person)
        ->post("/jobs/{$job->id}/readings", ['spot' => 'shell_width', 'instrument' => 'caliper', 'typed' => $typed]);
    $read('76.98')->assertSessionHasErrors('sure');
    expect(session('errors')->first('typed'))->toContain('does not go with the cups')->toContain('taken over the cups?');
    $read('73.02')->assertSessionHasNoErrors();
});

it('takes the figures of a row in one go, all of them or none, and asks about the one that is unusual', function (): void {
    Workshops::read($this->job, $this->person, Spot::ShellWidth, '73.0');
    $row = fn (string $typed, array $with = []) => $this->from('/')
        ->post("/jobs/{$this->job->id}/rows", ['spot' => 'stay_45', 'row' => $typed, 'row_instrument' => 'straightedge', ...$with]);
    $kept = fn (): array => Workshops::fresh($this->job)->readings->whereIn('spot', SurveyPlan::STAY)->pluck('value_mm')->values()->all();
    $this->get("/jobs/{$this->job->id}/survey?spot=stay_64")->assertDontSee('keep-row');
    $row('-4.2 2.6 3.7')->assertSessionHasErrors(['row' => 'Expected 4 figures, one for each place; there are 3.']);
    $row('-4.2 2.6 x 8.8')->assertSessionHasErrors('row');
    $row('-4.2 2.6 3.7 880')->assertSessionHasErrors('row');
    $row('-4.2 2.6 33 8.8')->assertSessionHasErrors(['row', 'row_sure']);
    expect($kept())->toBe([])->and(session('errors')->first('row'))->toStartWith('Chainstay at 80 mm: ');
    $row('-4.2 2.6 33 8.8', ['row_sure' => '1'])->assertSessionHasNoErrors();
    expect($kept())->toBe([-4.2, 2.6, 33.0, 8.8]);
    $row('-4.2; 2.6; 3.7; 8.8')->assertSessionHasErrors('row');
    $this->post("/jobs/{$this->job->id}/rows", ['spot' => 'shell_width', 'row' => '1 2', 'row_instrument' => 'caliper'])
        ->assertSessionHasErrors('spot');
});
