<?php

declare(strict_types=1);

use App\Models\HandDoubt;
use App\Models\Reading;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::job($this->person);
    $this->actingAs($this->person);
    $this->take = function (string $own = '1', string $instrument = 'caliper'): TestResponse {
        $response = $this->from('/account')->put('/account/hands', ['instrument' => $instrument, 'own' => $own]);
        $this->person->unsetRelation('handDoubts');

        return $response;
    };
    $this->read = function (string $spot, string $typed): void {
        $this->post("/jobs/{$this->job->id}/readings", ['spot' => $spot, 'typed' => $typed, 'instrument' => 'caliper', 'sure' => '1'])
            ->assertSessionHasNoErrors();
    };
});

it('works out from a person’s own readings what their hands repeat, and counts with it once they take it', function (): void {
    ($this->read)('shell_width', '73.00 73.04 73.02 73.06 72.98 73.00 73.02');
    ($this->read)('shell_bore', '33.60 33.64 33.62 33.66 33.58 33.62 33.64 33.60');
    ($this->read)('guide_depth', '1.8 ± 0.1');
    $this->get('/account')->assertSee('from 15 readings at 2 spots')->assertSee('Spread 0.027 mm')
        ->assertSee('Count with ± 0.053 mm from now on');
    ($this->take)()->assertSessionHasNoErrors();
    expect(HandDoubt::query()->sole()->doubt_mm)->toBe(0.053);
    $this->get('/account')->assertSee('Yours since')->assertSee('from 15 readings then');
    $this->get("/jobs/{$this->job->id}/survey?spot=stay_45")->assertSee('Caliper, ± 0.05 mm');

    ($this->read)('cup_flange', '3.0');
    expect(Reading::query()->where('spot', Spot::CupFlange)->sole()->instrument_mm)->toEqualWithDelta(0.053, 0.0005)
        ->and(Reading::query()->where('spot', Spot::ShellWidth)->firstOrFail()->instrument_mm)->toBe(0.02);

    ($this->take)('0')->assertSessionHasNoErrors();
    $this->get('/account')->assertDontSee('Yours since');
    ($this->read)('cups_width', '79.0');
    expect(Reading::query()->where('spot', Spot::CupsWidth)->sole()->instrument_mm)->toBe(0.02)->and(HandDoubt::query()->count())->toBe(2);
});

it('leaves out what was taken back, and what another person read', function (): void {
    ($this->read)('shell_width', '73.00 73.02');
    ($this->read)('shell_width', '79.00');
    $slip = Reading::query()->where('value_mm', 79.0)->sole();
    $this->delete("/jobs/{$this->job->id}/readings/{$slip->id}");
    $this->get('/account')->assertSee('from 2 readings at 1 spot.')->assertSee('1 of 12 readings');
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop));
    $this->get('/account')->assertSee('You have read nothing yet.');
});

it('offers nothing from too little, and takes no instrument that does not exist', function (): void {
    ($this->read)('shell_width', '73.00 73.02');
    ($this->take)()->assertSessionHasErrors('hands.caliper');
    ($this->take)('1', 'divining-rod')->assertSessionHasErrors('instrument');
    ($this->take)('maybe')->assertSessionHasErrors('own');
    expect(HandDoubt::query()->count())->toBe(0);
});
