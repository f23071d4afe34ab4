<?php

declare(strict_types=1);

use App\Models\Workshop;
use Tests\Support\Workshops;

it('shows lengths, torque and light as a person wants them, and the sums stay', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $before = $this->actingAs($person)->get("/jobs/{$job->id}/worksheet.json")->json();
    foreach (['length_unit' => 'in', 'torque_unit' => 'ft·lb', 'light' => 'dark'] as $what => $value) {
        $this->put('/preferences', [$what => $value])->assertSessionHasNoErrors();
    }

    expect($person->refresh()->length_unit->value)->toBe('in');
    $this->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('ft·lb')->assertSee('data-bs-theme="dark"', false);
    $this->get("/jobs/{$job->id}/stack")->assertOk()->assertSee(' in</span>', false)
        ->assertSee('Plate bolts: <span class="figures">20 mm', false);
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json())->toBe($before);
});

it('takes no unit it does not know', function (string $what): void {
    $person = Workshops::person();
    $this->actingAs($person)->put('/preferences', [$what => 'cubit'])->assertSessionHasErrors($what);
})->with(['length_unit', 'torque_unit', 'light']);

it('reads lengths typed in the unit a person reads in', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person)->put('/preferences', ['length_unit' => 'in'])->assertSessionHasNoErrors();
    $job = Workshops::kitted($person->refresh());
    $this->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => '0.1', 'version' => $job->version])
        ->assertSessionHasNoErrors();

    expect(Workshops::fresh($job)->kit?->by_hand['drive'])->toEqual([2.54]);
});

it('lets a person out', function (): void {
    $this->actingAs(Workshops::person()->refresh())->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->get('/')->assertRedirect('/sign-in');
});

it('sets the demo up once, and leaves a workshop that is there alone', function (): void {
    Workshops::person();
    $this->artisan('spindle:demo', ['--if-empty' => true])->assertSuccessful();
    expect(Workshop::query()->count())->toBe(1);

    $this->artisan('spindle:demo')->assertSuccessful();
    expect(Workshop::query()->count())->toBe(2)
        ->and(Workshop::query()->latest('id')->firstOrFail()->jobs()->whereBetween('number', [241, 257])->count())->toBe(17);
});
