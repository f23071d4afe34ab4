<?php

declare(strict_types=1);

use App\Actions\Drawer\ReservePieces;
use App\Actions\Drawer\TakePieces;
use App\Bench\OpenJob;
use App\Models\Role;
use App\Models\Spacer;
use App\Models\StockRows;
use App\Planning\Estimate;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
});

it('plans minutes from the job’s own sheets, and says what they really took', function (): void {
    $built = Workshops::built(Workshops::ready($this->job), $this->person);
    DB::table('step_records')->where('job_id', $built->id)->where('sheet', 'build')->orderBy('id')->get()->each(
        fn (object $row, int $i) => DB::table('step_records')->where('id', $row->id)
            ->update(['recorded_at' => now()->startOfDay()->addMinutes(10 * $i)]),
    );
    DB::table('readings')->where('job_id', $built->id)->update(['taken_at' => now()->subDays(3)]);
    $estimate = Estimate::of(OpenJob::of(Workshops::fresh($built)));
    $rows = array_column(array_map(fn ($row) => [$row->kind->value, $row], $estimate->rows), 1, 0);
    $torque = $rows[WorkKind::Torque->value];
    expect($torque->planned)->toBe((int) ceil($torque->pieces * 5.0))->and($torque->known)->toBe($torque->pieces)
        ->and($torque->took)->toBe(10.0 * $torque->pieces)
        ->and($rows[WorkKind::Survey->value]->known)->toBe(0)->and($estimate->planned())->toBeGreaterThan(200);
    $this->get("/jobs/{$built->id}/build/estimate")->assertOk()->assertSee('as planned and as they really were')->assertSee('Torque');
});

it('adds up what was taken, and what it costs where somebody has said so', function (): void {
    app(ReservePieces::class)(Workshops::fresh($this->job), $this->person, Workshops::fresh($this->job)->version);
    app(TakePieces::class)(Workshops::fresh($this->job), $this->person, Workshops::fresh($this->job)->version);
    $at = "/jobs/{$this->job->id}/build/estimate";
    $this->get($at)->assertOk()->assertDontSee('Together');
    $taken = Spacer::query()->whereHas('reservations', fn ($one) => $one->where('state', 'taken'))
        ->withSum('reservations as many', 'quantity')->firstOrFail();
    $shelf = '/drawer/stock/'.StockRows::keyOf($taken);
    $this->put($shelf, ['lies_in' => 'tray', 'minimum' => '', 'price' => 'dear'])
        ->assertSessionHasErrors(['price' => 'A figure such as 12.50, or nothing.']);
    $this->put($shelf, ['lies_in' => 'tray', 'minimum' => '', 'price' => '1,25'])->assertSessionHasNoErrors();
    $this->get($at)->assertSee('Together')->assertSee(number_format(1.25 * (int) $taken->getAttribute('many'), 2));
    $this->put($at, ['hour_price' => '-4', 'seen' => ''])->assertSessionHasErrors('hour_price');
    $this->put($at, ['hour_price' => '60', 'seen' => ''])->assertSessionHasNoErrors();
    $this->put($at, ['hour_price' => '70', 'seen' => ''])->assertSessionHasErrors('hour_price');
    $this->get($at)->assertSee('Costs');
    $this->get("{$at}.csv")->assertOk()->assertSee('what,kind,pieces,planned_minutes')->assertSee('Torque,work');
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop));
    $this->put($at, ['hour_price' => '1', 'seen' => '60'])->assertForbidden();
});
