<?php

declare(strict_types=1);

use App\Actions\Prove\WriteLogbook;
use App\Bench\OpenJob;
use App\Models\BoxRecord;
use App\Models\BoxState;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\LogbookEntry;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Spacer;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::built(Workshops::kitted($this->person), $this->person);
    $this->tick = function (Job $job): void {
        HandOver::query()
            ->create(['job_id' => $job->id, 'user_id' => $this->person->id, 'handed_at' => now(), 'recheck_on' => today()->addDays(14)]);
        $job->forceFill(['handed_over_at' => now()])->save();
        app(WriteLogbook::class)(OpenJob::of(Workshops::fresh($job)));
    };
});

it('proposes in Match, Stack and what to get how a like frame was built, and always says from which job', function (): void {
    Reservation::query()->create(['job_id' => $this->job->id, 'spacer_id' => Spacer::query()
        ->where(
            'workshop_id', $this->person->workshop_id,
        )->firstOrFail()->id, 'user_id' => $this->person->id, 'quantity' => 2, 'state' => ReservationState::Returned]);
    BoxRecord::query()
        ->create([
            'job_id' => $this->job->id, 'motor_id' => $this->job->kit?->motor_id, 'user_id' => $this->person->id, 'position' => 1,
            'what' => 'Bell', 'state' => BoxState::ToBag, 'noted_at' => now(),
        ]);
    ($this->tick)($this->job);
    $from = "From job {$this->job->number}, a frame 100 % like this one";
    $next = Workshops::kitted($this->person);
    $this->get("/jobs/{$next->id}/match")->assertSee($from)->assertSee("Fitted on job {$this->job->number}, 100 % like")
        ->assertSee('was fitted.');
    $this->get("/jobs/{$next->id}/stack")->assertSee($from)->assertSee('The same motor, with')->assertSee('Fill it like that, to see');
    $this->get("/jobs/{$next->id}/stack/order")->assertSee($from)->assertSee('Got and not needed: 2 × spacer')
        ->assertSee('bell, from the box, to the bag');

    $other = Workshops::kitted($this->person, 'heron-100');
    $this->get("/jobs/{$other->id}/stack")->assertDontSee('Fill it like that');
});

it('says nothing of a frame that is not like it, of a job still on the bench, of itself, or of another workshop', function (): void {
    $next = Workshops::kitted($this->person);
    $this->get("/jobs/{$next->id}/match")->assertDontSee('From the logbook');
    ($this->tick)($this->job);
    $this->get("/jobs/{$this->job->id}/match")->assertDontSee('From the logbook');
    $unlike = Workshops::job($this->person, 'Low trike');
    $unlike->bike->update(['kind' => 'tadpole-trike']);
    Workshops::read($unlike, $this->person, NeatSpindle\Core\Measuring\Survey\Spot::ShellWidth, '100');
    $this->get("/jobs/{$unlike->id}/match")->assertDontSee('From the logbook');
    $stranger = Workshops::stocked();
    $theirs = Workshops::kitted($stranger);
    $this->actingAs($stranger)->get("/jobs/{$theirs->id}/match")->assertOk()->assertDontSee('From the logbook');
    $this->job->forceFill(['handed_over_at' => null])->save();
    $this->actingAs($this->person)->get("/jobs/{$next->id}/match")->assertDontSee('From the logbook');
});

it('fills the stack as it was on the job named, when asked, and can take that back', function (): void {
    ($this->tick)($this->job);
    $next = Workshops::kitted($this->person);
    $take = fn (int $number) => $this->from("/jobs/{$next->id}/stack")
        ->put("/jobs/{$next->id}/stack/like", ['version' => Workshops::fresh($next)->version, 'number' => $number]);
    $take(9_999)->assertSessionHasErrors('way');
    $take($this->job->number)->assertSessionHasNoErrors();
    $pieces = LogbookEntry::query()->sole()->pieces;
    expect($pieces)->not->toBe([])->and(Workshops::fresh($next)->kit?->by_hand)->toBe($pieces);
    $this->get("/jobs/{$next->id}/stack")->assertSee("As on job {$this->job->number}");
    $this->post("/jobs/{$next->id}/stack/undo", ['version' => Workshops::fresh($next)->version])->assertSessionHasNoErrors();
    expect(Workshops::fresh($next)->kit?->by_hand)->toBe([]);

    $other = Workshops::kitted($this->person, 'heron-100');
    $this->put("/jobs/{$other->id}/stack/like", ['version' => Workshops::fresh($other)->version, 'number' => $this->job->number])
        ->assertSessionHasErrors('way');
});

it('leaves what was written when a bike left, whatever lies in the drawer when it comes back', function (): void {
    ($this->tick)($this->job);
    LogbookEntry::query()->update(['pieces' => ['drive' => [1.5]]]);
    foreach ([60, 400] as $kilometres) {
        $this->post("/jobs/{$this->job->id}/prove/come-back", ['kilometres' => (string) $kilometres, 'found' => ['nut-torque' => 'loose']])
            ->assertSessionHasNoErrors();
    }
    expect(LogbookEntry::query()->sole()->pieces)->toBe(['drive' => [1.5]])->and(LogbookEntry::query()->sole()->found)
        ->toBe(['nut-torque' => 'loose, found 2 times']);
});

it('writes a job that ends otherwise too, and proposes one that was given up to nobody', function (): void {
    $this->post("/jobs/{$this->job->id}/end", ['ended_as' => JobEnd::cases()[0]->value, 'ended_because' => 'Frame cracked']);
    expect(LogbookEntry::query()->sole()->found)->toBe([])->and(LogbookEntry::query()->sole()->motor)->toBe('heron-73');

    $next = Workshops::kitted($this->person);
    $this->get("/jobs/{$next->id}/match")->assertDontSee('From the logbook');
    $this->put("/jobs/{$next->id}/stack/like", ['version' => Workshops::fresh($next)->version, 'number' => $this->job->number])
        ->assertSessionHasErrors('way');
    $this->job->forceFill(['ended_as' => JobEnd::Elsewhere])->save();
    $this->get("/jobs/{$next->id}/match")->assertSee('From the logbook');
});
