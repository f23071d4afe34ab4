<?php

declare(strict_types=1);

use App\Actions\Drawer\ReservePieces;
use App\Models\Condition;
use App\Models\Customer;
use App\Models\Decision;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\Recheck;
use App\Models\RecheckItem;
use App\Models\Reservation;
use App\Models\Role;
use App\Models\Setting;
use App\Models\StepRecord;
use App\Models\Values\About;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->take = fn (array $with) => $this->post("/jobs/{$this->job->id}/end", $with);
});

it('ends a job with its reason, keeps it as it was, and takes it up again', function (): void {
    app(ReservePieces::class)($this->job, $this->person, Workshops::fresh($this->job)->version);
    expect(Reservation::query()->count())->toBeGreaterThan(0);
    ($this->take)(['ended_as' => 'given-up'])->assertSessionHasErrors('ended_because');
    ($this->take)(['ended_as' => 'sunk', 'ended_because' => 'x'])->assertSessionHasErrors('ended_as');
    ($this->take)(['ended_as' => 'elsewhere', 'ended_because' => 'Moved to the coast'])->assertSessionHasNoErrors();
    $job = Workshops::fresh($this->job);
    expect($job->ended_as)->toBe(JobEnd::Elsewhere)->and(Reservation::query()->count())->toBe(0);
    $this->get('/')->assertDontSee('Grey hardtail');
    $this->get('/logbook?find=coast')->assertSee('Grey hardtail')->assertSee('Fitted by another');
    $this->post("/jobs/{$this->job->id}/readings", ['spot' => 'wheel', 'typed' => '2000', 'instrument' => 'tape', 'sure' => '1'])
        ->assertSessionHasErrors('version');
    ($this->take)(['ended_as' => 'given-up', 'ended_because' => 'Twice'])->assertSessionHasErrors('version');

    $this->delete("/jobs/{$this->job->id}/end")->assertSessionHasNoErrors();
    $this->delete("/jobs/{$this->job->id}/end")->assertSessionHasErrors('ended_as');
    $this->get('/')->assertSee('Grey hardtail');
    $this->post("/jobs/{$this->job->id}/readings", ['spot' => 'wheel', 'typed' => '2180', 'instrument' => 'tape', 'sure' => '1'])
        ->assertSessionHasNoErrors();
});

it('lets no apprentice end a job', function (): void {
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    ($this->take)(['ended_as' => 'given-up', 'ended_because' => 'bored'])->assertForbidden();
    expect(Job::query()->findOrFail($this->job->id)->ended_at)->toBeNull();
});

it('erases who a customer is wherever it was written, and keeps what was measured and built', function (): void {
    $other = Workshops::job($this->person, 'Second bike');
    $other->bike->forceFill(['customer_id' => $this->job->bike->customer_id])->save();
    Customer::query()->doesntHave('bikes')->delete();
    $name = $this->job->bike->customer()->sole()->name;
    Condition::query()
        ->create([
            'job_id' => $this->job->id, 'user_id' => $this->person->id, 'subject' => 'lights', 'severity' => 'bad', 'remedy' => 'declined',
            'declined_by' => $name, 'note' => "{$name} rides by day", 'found_at' => now(),
        ]);
    Decision::record($this->job, $this->person, About::gearSensor(), 'left-off', "As {$name} wants it");
    Workshops::built($this->job, $this->person, before: 'body-in');
    StepRecord::query()->where('sheet', 'build')->limit(1)->update(['note' => "100% as {$name} said"]);
    Setting::query()
        ->create([
            'job_id' => $this->job->id, 'user_id' => $this->person->id, 'name' => 'levels', 'value' => '5', 'reason' => "{$name} asked",
            'set_at' => now(),
        ]);
    $recheck = Recheck::query()
        ->create(['job_id' => $this->job->id, 'user_id' => $this->person->id, 'done_at' => now(), 'kilometres' => 50]);
    $recheck->items()->create(['code' => 'ties', 'title' => 'Ties', 'found' => 'held', 'note' => "says {$name}"]);
    Job::query()->whereKey($this->job->id)->update(['ended_because' => "{$name} moved away"]);
    $readings = $this->job->readings()->count();

    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    $this->delete("/jobs/{$this->job->id}/customer")->assertForbidden();
    $this->actingAs($this->person);
    $this->delete("/jobs/{$this->job->id}/customer")->assertSessionHasNoErrors();
    $this->delete("/jobs/{$this->job->id}/customer")->assertSessionHasErrors('erase');
    foreach (["/jobs/{$this->job->id}/prove/hand-over", "/jobs/{$this->job->id}/condition", '/', "/jobs/{$other->id}/survey"] as $page) {
        $this->get($page)->assertOk()->assertDontSee($name);
    }
    expect(Customer::query()->where('name', $name)->count())->toBe(0)
        ->and(StepRecord::query()->where('note', '100% as the customer said')->count())->toBe(1)
        ->and(Decision::query()->where('about', 'not like', 'without%')->sole()->reason)->toBe('As the customer wants it')
        ->and($this->job->readings()->count())->toBe($readings)->and(Setting::query()->sole()->reason)->toBe('the customer asked')
        ->and(RecheckItem::query()->sole()->note)->toBe('says the customer')
        ->and(Job::query()->findOrFail($this->job->id)->ended_because)->toBe('the customer moved away')
        ->and(Condition::query()->whereNotNull('declined_by')->sole()->declined_by)->toBe('the customer');
});
