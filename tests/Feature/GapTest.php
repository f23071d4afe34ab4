<?php

declare(strict_types=1);

use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Run;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->take = fn (array $with) => $this->put("/jobs/{$this->job->id}/stack/rest", [
        'version' => Workshops::fresh($this->job)->version, 'position' => 'below', 'rest' => 'frame', 'rest_radius' => '120',
        'gap' => 'nothing', ...$with,
    ]);
    $this->note = fn (array $with) => $this->post("/jobs/{$this->job->id}/obstacles", [
        'kind' => 'hose', 'height' => '9', 'angle' => '300', 'cure' => 'stays', ...$with,
    ]);
    $this->read = fn (string $run) => OpenJob::of(Workshops::fresh($this->job))
        ->routePlan()->routes[(int) Run::query()->where('job_id', $this->job->id)->where('name', $run)->value('position')] ?? null;
});

it('knows at the rest of a hose that was found at the shell, whatever is chosen there, until it is moved', function (): void {
    ($this->take)(['gap' => 'nothing'])->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($this->job))->stop())->toBeNull();
    ($this->note)(['height' => '2'])->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($this->job))->stop())->toBeNull();
    ($this->note)([])->assertSessionHasNoErrors();
    $stop = (string) OpenJob::of(Workshops::fresh($this->job))->stop();
    expect($stop)->toContain('lies where the body presses')->not->toContain('band')->not->toContain('block');
    $this->get("/jobs/{$this->job->id}/stack/rest")->assertSee('Known from the survey');
    ($this->take)(['rest' => 'strut'])->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($this->job))->stop())->toBeNull();
});

it('lays no soft run through the pinch, nor any past the motor’s own place; a cable in its guide alone goes under the shell', function (): void {
    foreach (['rear-brake-hose', 'gear-cable'] as $usual) {
        $this->post("/jobs/{$this->job->id}/runs", ['usual' => $usual])->assertSessionHasNoErrors();
    }
    foreach (['frame', 'strut'] as $rest) {
        ($this->take)(['rest' => $rest])->assertSessionHasNoErrors();
        expect(($this->read)('rear brake hose')?->path)->not->toContain('motor')
            ->and(($this->read)('gear cable')?->path)->not->toContain('motor');
    }
    ($this->take)(['rest' => 'frame'])->assertSessionHasNoErrors();
    expect(($this->read)('rear brake hose')?->path)->toContain('motor-top')->not->toContain('under-shell')
        ->and(($this->read)('gear cable')?->path)->toContain('under-shell');
    $this->post("/jobs/{$this->job->id}/answers", ['spot' => 'guide_remedy', 'value' => 'moved'])->assertSessionHasNoErrors();
    expect(($this->read)('gear cable')?->path)->toContain('motor-top')->not->toContain('under-shell');
});

it('branches at the bar: what sits there joins the main lead, as long as it is along the bar, and only the main lead is threaded', function (): void {
    foreach (['keypad', 'throttle'] as $usual) {
        $this->post("/jobs/{$this->job->id}/runs", ['usual' => $usual])->assertSessionHasNoErrors();
    }
    $this->put(
        "/jobs/{$this->job->id}/route/sensors",
        ['version' => Workshops::fresh($this->job)->version, 'choices' => ['brake-sensor-left' => 'stick-on']],
    )
        ->assertSessionHasNoErrors();
    $open = OpenJob::of(Workshops::fresh($this->job));
    $reaches = $open->the(FittingOut::class)->cockpit->reaches();
    foreach (['keypad' => 'keypad', 'throttle' => 'throttle', 'brake sensor, left' => 'lever-left'] as $run => $place) {
        $route = ($this->read)($run);
        expect($route?->path)->toBe([$place, 'bar'])->and($route?->verdict)->toBe(RouteVerdict::Reaches)
            ->and($route?->needed)->toEqualWithDelta($reaches[$place] * 1.03, 0.01);
    }
    $codes = array_column($open->buildSheet()->steps ?? [], 'code');
    expect(array_values(array_filter($codes, fn (string $code) => str_starts_with($code, 'thread-'))))->toBe(['thread-0-1-2']);
    $step = $open->buildSheet()?->firstOf(3);
    expect($step?->title)->toBe('Join on the bar: keypad, throttle, brake sensor left')->and($step?->after)->toContain('dress-0')
        ->and($step?->how)->toContain('Keypad: its five-pin plug');
});

it('asks how thick a tube is that is clamped, orders that size, and wants no paper for a block that was made here', function (): void {
    ($this->take)(['rest' => 'seat_tube_clamp', 'position' => 'front'])->assertSessionHasErrors('rest');
    ($this->take)(['rest' => 'seat_tube_clamp', 'position' => 'behind', 'tube' => 'thick'])->assertSessionHasErrors('tube');
    ($this->take)(['rest' => 'seat_tube_clamp', 'position' => 'behind'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/stack/rest")->assertSee('Measure the tube');
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('in the size of the tube, which is not measured yet');
    ($this->take)(['rest' => 'seat_tube_clamp', 'position' => 'behind', 'tube' => '34.9'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('Clamp on the seat tube: Size');

    ($this->take)(['rest' => 'block'])->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->step('rest-torque')?->fastener)->toBeNull();
});
