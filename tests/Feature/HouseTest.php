<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->choose = fn (School $school, string $why = 'We always did.', int $seen = 0) => $this->from('/house')
        ->put('/house', ['school' => $school->value, 'why' => $why, 'seen' => $seen]);
    $this->depart = fn (
        School $school, string $why = 'Thin paint.'
    ) => $this->from("/jobs/{$this->job->id}/build/house")->put("/jobs/{$this->job->id}/build/house", [
        'school' => $school->value, 'why' => $why, 'seen' => Workshops::fresh($this->job)->version,
    ]);
    $this->order = fn (Job $job) => array_values(array_intersect(
        array_column(OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [], 'code'), ['nut-torque', 'boss-bolts'],
    ));
});

it('shows every question with its default, the reason, and what an answer changes on the sheet looked at', function (): void {
    $page = $this->get('/house')->assertOk();
    foreach (Question::cases() as $question) {
        $page->assertSee($question->label())->assertSee($question->why());
    }
    $page->assertSee("{$this->job->number} ")->assertSee('“Nut on by hand”, on it: Dry')
        ->assertSee('Nothing reads differently on this sheet.');
});

it('keeps an answer with who, when and why, and what stood before', function (): void {
    ($this->choose)(School::BoltsFirst)->assertSessionHasNoErrors();
    ($this->choose)(School::NutFirst, 'It came loose.', (int) HouseRule::query()->sole()->id)->assertSessionHasNoErrors();
    $this->get('/house')->assertSee('It came loose.')->assertSee('Before: bolts first')->assertSee('We always did.')
        ->assertSee($this->person->name);
    expect(HouseRule::query()->whereNull('superseded_at')->sole()->school)->toBe(School::NutFirst)
        ->and(HouseRule::query()->count())->toBe(2);
});

it('refuses an answer without a reason, of no school, of a stale page, and of somebody who is no owner', function (): void {
    ($this->choose)(School::BoltsFirst, '  ')->assertSessionHasErrors('why');
    $this->put('/house', ['school' => 'by-the-moon', 'why' => 'x', 'seen' => 0])->assertSessionHasErrors('school');
    $this->put('/house', ['school' => ['bolts-first'], 'why' => 'x', 'seen' => 0])->assertSessionHasErrors('school');
    ($this->choose)(School::BoltsFirst);
    ($this->choose)(School::NutFirst)->assertSessionHasErrors('school');
    $this->actingAs(User::factory()->for($this->person->workshop)->create(['role' => Role::Installer]));
    ($this->choose)(School::NutDry)->assertForbidden();
    $this->get('/house')->assertOk()->assertDontSee('Keep for all new jobs');
    expect(HouseRule::query()->count())->toBe(1);
});

it('leaves a job the rules it began with, says that they changed, and gives new jobs the new ones', function (): void {
    ($this->choose)(School::BoltsFirst);
    expect(($this->order)($this->job))->toBe(['nut-torque', 'boss-bolts']);
    $this->get("/jobs/{$this->job->id}/build")->assertSee('The house has changed since this job began: plate bolts or nut first.');
    $this->get("/jobs/{$this->job->id}/build/house")->assertSee('The house has changed this since: bolts first')
        ->assertSee('This job keeps its own.');

    $this->post('/jobs', ['customer' => 'Ida Quell', 'bike' => 'Grey', 'kind' => 'diamond', 'frame_material' => 'steel']);
    $new = Job::query()->latest('id')->firstOrFail();
    expect($new->house[Question::PlateOrNut->value] ?? null)->toBe('bolts-first')
        ->and(count($new->house ?? []))->toBe(count(Question::cases()));
    $this->get("/jobs/{$new->id}/build")->assertDontSee('The house has changed');
});

it('lets one job go about it otherwise, by name and reason, and prints that on its sheet', function (): void {
    ($this->depart)(School::BoltsFirst)->assertSessionHasNoErrors();
    expect(($this->order)($this->job))->toBe(['boss-bolts', 'nut-torque'])
        ->and(Decision::query()->where('about', 'house-plate-or-nut')->sole()->reason)->toBe('Thin paint.');
    $this->get("/jobs/{$this->job->id}/build/house")->assertSee('Decided for this job')->assertSee('Thin paint.');
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Plate bolts or nut first, decided for this job: Bolts first')
        ->assertSee('Thin paint.');

    ($this->depart)(School::NutFirst, 'Back to ours.')->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Thin paint.')->assertSee('Decided otherwise on')
        ->assertSee('Back to ours.');
});

it('refuses a departure without a reason, from a stale page, by an apprentice, and after the hand-over', function (): void {
    ($this->depart)(School::BoltsFirst, '')->assertSessionHasErrors('why');
    $this->put("/jobs/{$this->job->id}/build/house", ['school' => 'bolts-first', 'why' => 'x', 'seen' => 0]);
    expect(Decision::query()->where('about', 'house-plate-or-nut')->exists())->toBeFalse();
    $this->actingAs(User::factory()->for($this->person->workshop)->create(['role' => Role::Apprentice]));
    ($this->depart)(School::BoltsFirst)->assertForbidden();
    $this->actingAs($this->person);
    $this->job->forceFill(['handed_over_at' => now()])->save();
    ($this->depart)(School::BoltsFirst)->assertSessionHasErrors();
    expect(Decision::query()->where('about', 'house-plate-or-nut')->exists())->toBeFalse();
});

it('records what a customer insists on as the house has it: asked, signed, or refused', function (): void {
    $insist = fn (?string $signed = null) => $this->post("/jobs/{$this->job->id}/build/house", [
        'version' => Workshops::fresh($this->job)->version, 'what' => 'battery', 'reason' => 'A larger pack than fits.',
        'signed_by' => $signed,
    ]);
    $insist()->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('The customer insists on the battery')
        ->assertSee('A larger pack than fits.');

    ($this->depart)(School::InsistenceSigned)->assertSessionHasNoErrors();
    $insist()->assertSessionHasErrors('signed_by');
    $insist('Ida Quell')->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Signed: Ida Quell');

    ($this->depart)(School::InsistenceRefused)->assertSessionHasNoErrors();
    $insist('Ida Quell')->assertSessionHasErrors('what');
    $this->get("/jobs/{$this->job->id}/build/house")->assertDontSee('Keep on record');
});

it('shows nobody the rules of another workshop', function (): void {
    ($this->choose)(School::BoltsFirst, 'Ours alone.');
    $this->actingAs(User::factory()->for(Workshop::factory()->create())->create(['role' => Role::Owner]));
    $this->get('/house?job='.$this->job->number)->assertOk()->assertDontSee('Ours alone.')->assertDontSee($this->job->bike->label);
});
