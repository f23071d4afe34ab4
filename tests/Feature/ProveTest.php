<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Condition;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Role;
use App\Models\Setting;
use App\Models\SheetAddress;
use App\Models\StepRecord;
use App\Models\WaitsFor;
use Illuminate\Support\Facades\Auth;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->version = fn (): int => Workshops::fresh($this->job)->version;
    $this->tick = fn (string $step, string $state = 'done', array $with = []) => $this->post("/jobs/{$this->job->id}/prove", [
        'step' => $step, 'state' => $state, 'seen' => StepRecord::query()->where('sheet', 'prove')->where('step', $step)
            ->whereNull('superseded_at')->value('id') ?? 0, ...$with,
    ]);
    $this->say = fn (string $name, string $value, array $with = []) => $this->post("/jobs/{$this->job->id}/prove/settings", [
        'name' => $name, 'value' => $value, 'seen' => Setting::query()->where('name', $name)->whereNull('superseded_at')
            ->value('id') ?? 0, ...$with,
    ]);
    $this->take = fn (array $with = []) => $this->post(
        "/jobs/{$this->job->id}/prove/hand-over",
        ['version' => ($this->version)(), 'recheck_on' => today()->addDays(14)->format('Y-m-d'), ...$with],
    );
    $this->record = function (): void {
        foreach (['brake-sensor-left' => 'stick-on', 'brake-sensor-right' => 'no-lever'] as $about => $choice) {
            $this->put("/jobs/{$this->job->id}/route/sensors", ['version' => ($this->version)(), 'choices' => [$about => $choice]])
                ->assertSessionHasNoErrors();
        }
        Workshops::built($this->job, $this->person);
        foreach (['units' => 'km', 'wheel_mm' => '2180', 'cut_off_kmh' => '25', 'levels' => '5'] as $name => $value) {
            ($this->say)($name, $value)->assertSessionHasNoErrors();
        }
    };
    $this->strip = function (): void {
        foreach (OpenJob::of(Workshops::fresh($this->job))->the(Proving::class)->plan->checks as $check) {
            ($this->tick)(
                $check->code,
                with: $check->figure === null ? [] : ['figure' => (string) (($check->figure->least + $check->figure->most) / 2)],
            )
                ->assertSessionHasNoErrors();
        }
    };
});

it('proves nothing before it is built', function (): void {
    ($this->tick)('turns-free')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('The build comes first');
    $this->get("/jobs/{$this->job->id}/prove")->assertOk()->assertSee('The build comes first');
});

it('goes from check to check, keeps a miss with its causes, and the check is made again', function (): void {
    ($this->record)();
    expect(Workshops::fresh($this->job)->next_step)->toContain('Prove: Crank and wheel turn free')
        ->and(Workshops::fresh($this->job)->waits_for)->toBe(WaitsFor::Hands);
    ($this->tick)('wakes', with: ['figure' => '50'])->assertSessionHasErrors('state');
    ($this->tick)('turns-free')->assertSessionHasNoErrors();
    ($this->tick)('lock-to-lock')->assertSessionHasNoErrors();
    ($this->tick)('pack-locked')->assertSessionHasNoErrors();
    ($this->tick)('wakes')->assertSessionHasErrors('figure');
    ($this->tick)('wakes', with: ['figure' => '12'])->assertSessionHasErrors('figure');
    ($this->tick)('wakes', 'stopped')->assertSessionHasErrors('note');
    ($this->tick)('wakes', 'stopped', ['note' => 'stays dark'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/prove?step=wakes")->assertSee('stays dark')->assertSee('Harness not home at the motor')
        ->assertSee('step=dress-0', false);
    ($this->tick)('set')->assertSessionHasErrors('state');
    ($this->tick)('wakes', with: ['figure' => '51,4'])->assertSessionHasNoErrors();
    expect(StepRecord::query()->where('step', 'wakes')->whereNull('superseded_at')->sole()->figure)->toBe(51.4)
        ->and(StepRecord::query()->where('step', 'wakes')->count())->toBe(2);
    ($this->tick)('no-such-check')->assertSessionHasErrors('step');
    $this->post("/jobs/{$this->job->id}/prove", ['step' => ['wakes'], 'state' => ['done']])->assertSessionHasErrors();
});

it('keeps who set what from what, and a limit taken away as an owner’s decision with the law beside it', function (): void {
    ($this->say)('cut_off_kmh', '25')->assertSessionHasNoErrors();
    ($this->say)('cut_off_kmh', '32,5')->assertSessionHasNoErrors();
    foreach ([['cut_off_kmh', '500'], ['units', 'furlongs'], ['colour', 'red'], ['levels', '']] as [$name, $value]) {
        ($this->say)($name, $value)->assertSessionHasErrors();
    }
    ($this->say)('cut_off_kmh', 'none')->assertSessionHasErrors('reason');
    ($this->say)('cut_off_kmh', 'none', ['reason' => 'Ridden on a private track'])->assertSessionHasErrors('law');
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    ($this->say)('cut_off_kmh', 'none', ['reason' => 'I like it', 'law' => 'any'])->assertForbidden();
    $this->actingAs($this->person);
    ($this->say)(
        'cut_off_kmh', 'none', ['reason' => 'Ridden on a private track', 'law' => 'Section 4: off the public road no limit applies.'],
    )
        ->assertSessionHasNoErrors();
    expect(Setting::query()->count())->toBe(3)->and(Setting::query()->whereNull('superseded_at')->sole()->value)->toBe('none');
    $this->get("/jobs/{$this->job->id}/prove/settings")->assertSee('no limit')->assertSee('32.5 km/h')->assertSee('Section 4');
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Section 4')->assertSee('private track')->assertDontSee('legal');
});

it('hands over once nothing stands against it, and then keeps everything as it was', function (): void {
    ($this->take)()->assertSessionHasErrors('hand_over');
    expect(session('errors')->first('hand_over'))->toContain('of the build sheet not done')->toContain('to prove')
        ->toContain('Brake sensor, left')->toContain('Settings not written down');
    ($this->record)();
    ($this->take)()->assertSessionHasErrors('hand_over');
    ($this->strip)();
    expect(Workshops::fresh($this->job)->next_step)->toBe('Hand over');
    ($this->take)(['recheck_on' => today()->format('Y-m-d')])->assertSessionHasErrors('recheck_on');
    ($this->take)(['recheck_on' => ['soon']])->assertSessionHasErrors('recheck_on');
    ($this->take)(['note' => 'Charger is in the bag'])->assertSessionHasNoErrors();
    $job = Workshops::fresh($this->job);
    expect($job->waits_for)->toBe(WaitsFor::ComingBack)->and($job->handed_over_at)->not->toBeNull();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Handed over')->assertSee('Charger is in the bag')
        ->assertSee('Heron, 73 sleeve');
    $this->get('/')->assertSee('its re-check');

    $pdf = $this->get("/jobs/{$this->job->id}/prove/hand-over.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect((string) $pdf->getContent())->toStartWith('%PDF-')->and(strlen((string) $pdf->getContent()))->toBeGreaterThan(5_000);

    ($this->take)()->assertSessionHasErrors('version');
    $this->post("/jobs/{$this->job->id}/readings", ['spot' => 'wheel', 'typed' => '2000', 'instrument' => 'tape', 'sure' => '1'])
        ->assertSessionHasErrors('version');
    ($this->tick)('quiet', 'undone')->assertSessionHasErrors('version');
    ($this->say)('levels', '9')->assertSessionHasErrors('version');
    expect(HandOver::query()->count())->toBe(1);

    $this->delete("/jobs/{$this->job->id}/prove/hand-over", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->delete("/jobs/{$this->job->id}/prove/hand-over", ['reason' => 'The customer wants another ring'])->assertSessionHasNoErrors();
    $this->delete("/jobs/{$this->job->id}/prove/hand-over", ['reason' => 'Once more'])->assertSessionHasErrors('because');
    ($this->say)('levels', '9')->assertSessionHasNoErrors();
    expect(Job::query()->findOrFail($this->job->id)->handed_over_at)->toBeNull()
        ->and(HandOver::query()->sole()->taken_back_because)->toBe('The customer wants another ring');
});

it('hands over nothing that is stopped after all was proved', function (): void {
    ($this->record)();
    ($this->strip)();
    $this->post(
        "/jobs/{$this->job->id}/condition",
        [
            'subject' => Subject::cases()[0]->value, 'severity' => Severity::Stop->value, 'note' => 'a crack at the head',
            'seen' => Condition::query()->where('subject', Subject::cases()[0])->value('id'),
        ],
    );
    expect(Condition::query()->where('severity', Severity::Stop)->count())->toBe(1);
    ($this->take)()->assertSessionHasErrors('hand_over');
    expect(session('errors')->first('hand_over'))->toContain('a crack at the head')->and(HandOver::query()->count())->toBe(0);
});

it('lets no apprentice hand over, nor a stranger look', function (): void {
    ($this->record)();
    ($this->strip)();
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    ($this->take)()->assertForbidden();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertOk()->assertDontSee('id="hand-over"', false);
    $this->actingAs(Workshops::person());
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertNotFound();
});

it('gives the customer an address that opens the sheet alone, until it ends or is called back', function (): void {
    $this->post("/jobs/{$this->job->id}/prove/hand-over/addresses", ['days' => '30'])->assertSessionHasErrors('days');
    ($this->record)();
    ($this->strip)();
    ($this->take)()->assertSessionHasNoErrors();
    $this->post("/jobs/{$this->job->id}/prove/hand-over/addresses", ['days' => '0'])->assertSessionHasErrors('days');
    $this->post("/jobs/{$this->job->id}/prove/hand-over/addresses", ['days' => '30'])->assertSessionHasNoErrors();
    $address = SheetAddress::query()->sole();
    $url = $address->url();
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertSee('Call it back');

    Auth::logout();
    $this->get($url)->assertOk()->assertSee('Heron, 73 sleeve')->assertSee('First re-check')->assertDontSee('Sign out')
        ->assertDontSee('<form', false);
    $this->get(str_replace("/sheet/{$address->id}", '/sheet/999', $url))->assertForbidden();
    $this->get("/sheet/{$address->id}")->assertForbidden();
    $this->get("/jobs/{$this->job->id}/prove")->assertRedirect('/sign-in');
    $this->actingAs(Workshops::person())->get($url)->assertOk()->assertSee('Heron, 73 sleeve');
    $this->travel(31)->days();
    $this->get($url)->assertForbidden();
    $this->travelBack();

    $this->actingAs(Workshops::person())->delete("/jobs/{$this->job->id}/prove/hand-over/addresses/{$address->id}")->assertNotFound();
    $this->actingAs($this->person->refresh())->delete("/jobs/{$this->job->id}/prove/hand-over/addresses/{$address->id}")
        ->assertSessionHasNoErrors();
    Auth::logout();
    $this->get($url)->assertNotFound();
});

it('opens no sheet of a bike that is back in the workshop', function (): void {
    ($this->record)();
    ($this->strip)();
    ($this->take)();
    $this->post("/jobs/{$this->job->id}/prove/hand-over/addresses", ['days' => '30']);
    $url = SheetAddress::query()->sole()->url();
    $this->delete("/jobs/{$this->job->id}/prove/hand-over", ['reason' => 'Back again']);
    $this->get($url)->assertNotFound();
});

it('keeps all that is set with one press, all of it or nothing, and says at its field what cannot be', function (): void {
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::kitted($person);
    $at = "/jobs/{$job->id}/prove/settings";
    $set = fn (): array => Setting::query()->where('job_id', $job->id)->whereNull('superseded_at')->toBase()->pluck('value', 'name')->all();
    $this->from($at)->put($at, ['values' => ['units' => 'km', 'wheel_mm' => '900', 'levels' => '5']])
        ->assertSessionHasErrors('values.wheel_mm');
    $this->from($at)->put($at, ['values' => ['units' => 'km', 'cut_off_kmh' => '60']])->assertSessionHasErrors('values.cut_off_kmh');
    $this->put($at, ['values' => ['no such' => '1']])->assertSessionHasErrors('values');
    $this->put($at, ['values' => ['units' => ['x']]])->assertSessionHasErrors();
    expect($set())->toBe([]);
    $this->get($at)->assertSee('not kept yet: as it was measured');
    $this->put($at, ['values' => ['units' => 'km', 'wheel_mm' => '2180', 'levels' => '5', 'cut_off_kmh' => '25', 'current_a' => '']])
        ->assertSessionHasNoErrors();
    expect($set())->toEqual(['units' => 'km', 'wheel_mm' => '2180', 'levels' => '5', 'cut_off_kmh' => '25']);

    // As it stands already is kept as it is; what somebody else set meanwhile is not overwritten.
    $rows = Setting::query()->count();
    $this->put($at, ['values' => ['units' => 'km', 'levels' => '5']])->assertSessionHasNoErrors();
    $this->put(
        $at,
        [
            'values' => ['units' => 'miles', 'levels' => '3'],
            'saw' => ['units' => (string) Setting::query()->where('name', 'units')->value('id'), 'levels' => '0'],
        ],
    )
        ->assertSessionHasErrors('values.levels');
    expect(Setting::query()->count())->toBe($rows)->and($set()['units'])->toBe('km');

    $next = Workshops::kitted($person);
    $this->get("/jobs/{$next->id}/prove/settings")->assertSee('not kept yet: as on the last bike with this motor')
        ->assertSee('value="25"', false);
    expect(Setting::query()->where('job_id', $next->id)->exists())->toBeFalse();
});
