<?php

declare(strict_types=1);

use App\Actions\Jobs\StartJob;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Run;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->find = fn (string $name): Run => Run::query()->where('job_id', $this->job->id)->where('name', $name)->sole();
    $this->record = fn (string $run, string $how, ?string $place = null) => $this->from('/')
        ->put(
            "/jobs/{$this->job->id}/runs/".($this->find)($run)->id.'/way',
            ['version' => Workshops::fresh($this->job)->version, 'how' => $how, 'place' => $place],
        );
    $this->read = function (string $name): array {
        $open = OpenJob::of(Workshops::fresh($this->job));
        foreach ($open->laying()->laid as $i => $run) {
            if ($run->name === $name) {
                return $open->routePlan()->routes[$i]->path ?? [];
            }
        }

        return [];
    };
});

it('moves a run past a place and off one, and everything follows', function (): void {
    $before = ($this->read)('main harness');
    Workshops::read($this->job, $this->person, Spot::TopTube, '600');
    Workshops::read($this->job, $this->person, Spot::SeatTube, '480');
    ($this->record)('main harness', 'pass', 'seat')->assertSessionHasNoErrors();
    expect(($this->read)('main harness'))->toBe(['bar', 'head', 'seat', 'motor-top', 'motor'])->not->toBe($before);
    $this->get("/jobs/{$this->job->id}/route")->assertOk()
        ->assertSee('middle of the bar → head tube → top of the seat tube → above the motor → motor');
    $this->get("/jobs/{$this->job->id}/build?step=thread-0-1-2")
        ->assertSee('middle of the bar → head tube → top of the seat tube → above the motor → motor');
    $job = $this->get("/jobs/{$this->job->id}/job.json")->json('routing.runs.0');
    expect($job)->toMatchArray(['via' => 'seat']);

    ($this->record)('main harness', 'avoid', 'seat')->assertSessionHasNoErrors();
    expect(($this->read)('main harness'))->toBe($before);
    ($this->record)('main harness', 'shortest')->assertSessionHasNoErrors();
    expect(($this->find)('main harness')->off)->toBe([]);
});

it('refuses a way that is not allowed, or not there, and says so', function (): void {
    ($this->record)('speed sensor', 'pass', 'stay-in')->assertSessionHasErrors('how');
    expect(session('errors')->first('how'))->toContain('Speed sensor has no allowed way like that');
    ($this->record)('main harness', 'avoid', 'head')->assertSessionHasErrors('how');
    ($this->record)('main harness', 'pass', 'moon')->assertSessionHasErrors('how');
    ($this->record)('main harness', 'pass')->assertSessionHasErrors('place');
    $this->from('/')->put("/jobs/{$this->job->id}/runs/".($this->find)('main harness')->id.'/way', ['version' => 0, 'how' => 'shortest'])
        ->assertSessionHasErrors();
    expect(Run::query()->whereNotNull('via')->exists())->toBeFalse();
});

it('adds a usual run, or one of one’s own, and takes one off', function (): void {
    $post = fn (array $with) => $this->from('/')->post("/jobs/{$this->job->id}/runs", $with);
    $post(['usual' => 'throttle'])->assertSessionHasNoErrors();
    $post(['usual' => 'wings'])->assertSessionHasErrors('usual');
    $own = ['name' => 'horn', 'kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'battery', 'supply' => '500', 'connector' => 'two'];
    $post($own)->assertSessionHasNoErrors();
    $post(['to_place' => 'bar'] + $own)->assertSessionHasErrors('to_place');
    $post(['from_place' => 'moon'] + $own)->assertSessionHasErrors('from_place');
    $post(['kind' => 'smoke'] + $own)->assertSessionHasErrors('kind');
    $post(['supply' => '-4'] + $own)->assertSessionHasErrors('supply');
    $post(['name' => ''] + $own)->assertSessionHasErrors('name');
    $this->get("/jobs/{$this->job->id}/route")->assertSeeInOrder(['D', 'Throttle', 'E', 'Horn']);
    ($this->record)('horn', 'remove')->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route")->assertDontSee('Horn');
    foreach (range(1, Run::MOST) as $ignored) {
        $post(['usual' => 'keypad']);
    }
    expect(session('errors')->first('name'))->toContain('as many runs')
        ->and(Run::query()->where('job_id', $this->job->id)->whereNull('removed_at')->count())->toBe(Run::MOST);
    $this->get("/jobs/{$this->job->id}/route")->assertOk();
});

it('says what the pack’s lead loses, takes its current and copper as typed, and asks the shop for a thicker one', function (): void {
    $keep = fn (array $with) => $this->from('/')
        ->put(
            "/jobs/{$this->job->id}/runs/".($this->find)('battery lead')->id,
            $with + ['version' => Workshops::fresh($this->job)->version, 'supply' => '450'],
        );
    $volts = ($this->job->kit?->motor->figures['voltage_v'] ?? null);
    expect($volts)->toBeNumeric();
    $this->get("/jobs/{$this->job->id}/route")->assertSee("% of the motor’s {$volts} V")->assertDontSee('or more, by its maker');

    $keep(['current' => '60', 'area' => '0,5'])->assertSessionHasNoErrors();
    expect(($this->find)('battery lead')->only(['current_a', 'area_mm2']))->toBe(['current_a' => 60.0, 'area_mm2' => 0.5]);
    $this->get("/jobs/{$this->job->id}/route")->assertSee('copper of 0.75 mm² or more, by its maker fit for 60 A')
        ->assertSee('Fuse or breaker no larger');
    $this->get("/jobs/{$this->job->id}/stack/needs.csv")->assertSee('Thicker battery lead: 0.75 mm² or more instead of 0.5 mm²');

    $keep(['current' => 'much', 'area' => '0'])->assertSessionHasErrors(['current', 'area']);
    $keep(['current' => ['60']])->assertSessionHasErrors('current');
    $keep(['current' => '20', 'area' => '1e9'])->assertSessionHasErrors('area');
    expect(($this->find)('battery lead')->current_a)->toBe(60.0);
    $keep(['current' => ''])->assertSessionHasNoErrors();
    expect(($this->find)('battery lead')->only(['current_a', 'area_mm2']))->toBe(['current_a' => null, 'area_mm2' => 0.5]);
    $this->get("/jobs/{$this->job->id}/route")->assertDontSee('% of the motor');
});

it('says in which order runs go in before the body, and gives the picture out with its runs named', function (): void {
    $this->post(
        "/jobs/{$this->job->id}/runs",
        [
            'name' => 'horn & bell', 'kind' => 'signal', 'from_place' => 'bar', 'to_place' => 'battery', 'supply' => '500',
            'connector' => 'two',
        ],
    );
    $this->post("/jobs/{$this->job->id}/runs", ['usual' => 'front-lamp']);
    $this->post("/jobs/{$this->job->id}/runs", ['usual' => 'throttle']);
    $page = (string) $this->get("/jobs/{$this->job->id}/route")->assertOk()->getContent();
    preg_match_all('/Goes in as number <strong[^>]*>(\d)/', $page, $turns);
    expect($turns[1])->toBe(['1', '2', '3', '4'])
        ->toHaveCount(count(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->firstOf(0)->runs ?? []));

    $svg = $this->get("/jobs/{$this->job->id}/route.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    $drawn = simplexml_load_string((string) $svg->getContent());
    expect($drawn)->not->toBeFalse();
    $svg->assertSee('D horn &amp; bell,', false)->assertSee('stroke-dasharray="14 4 3 4"', false)
        ->assertSee('middle of the bar → head tube → battery’s plug');
    $this->actingAs(Workshops::stocked())->get("/jobs/{$this->job->id}/route.svg")->assertNotFound();
});

it('lets no body in before every lead that ends at it is through, and keeps each tick with its own run', function (): void {
    $tick = fn (string $step) => $this->from('/')->post("/jobs/{$this->job->id}/build", ['step' => $step, 'state' => 'done', 'seen' => 0]);
    $this->post("/jobs/{$this->job->id}/runs", ['usual' => 'front-lamp']);
    Workshops::built($this->job, $this->person, 'thread-0-1-2-3');
    $tick('body-in')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('Through to the motor: main harness, speed sensor, battery lead, front lamp');
    $tick('thread-0-1-2-3')->assertSessionHasNoErrors();

    $this->post("/jobs/{$this->job->id}/runs", ['usual' => 'gear-sensor']);
    $tick('body-in')->assertSessionHasErrors('state');
    ($this->record)('main harness', 'remove')->assertSessionHasNoErrors();
    $sheet = OpenJob::of(Workshops::fresh($this->job))->buildSheet();
    expect($sheet?->firstOf(0))->toBeNull()
        ->and($sheet?->firstOf(1)?->title)->toContain('speed sensor')->toContain('front lamp')->not->toContain('main harness');
    $tick('body-in')->assertSessionHasErrors('state');
    Workshops::ready(Workshops::fresh($this->job));
    $tick('thread-1-2-3-4')->assertSessionHasNoErrors();
    $tick('body-in')->assertSessionHasNoErrors();
});

it('lets the rest that was chosen decide whether the gap is open for leads', function (): void {
    $this->get("/jobs/{$this->job->id}/route")->assertSee('the body closes the gap');
    expect(($this->read)('main harness'))->toContain('motor-top');
    $this->put(
        "/jobs/{$this->job->id}/stack/rest",
        [
            'version' => Workshops::fresh($this->job)->version, 'position' => 'below', 'gap' => 'nothing', 'rest' => 'strut',
            'rest_radius' => '120',
        ],
    )
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route")->assertSee('leads may pass the gap');
    expect(($this->read)('main harness'))->not->toContain('motor-top');
});

it('shows the ways of every kind, and what is still to be measured for each run', function (BikeKind $kind): void {
    $job = app(StartJob::class)(
        $this->person, ['customer' => 'A. Rider', 'bike' => $kind->label(), 'kind' => $kind->value, 'frame_material' => 'steel'],
    );
    $this->get("/jobs/{$job->id}/route")->assertOk()->assertSee('Main harness')->assertSee('Still to measure')
        ->assertDontSee('no way for it');
})->with(BikeKind::cases());

it('keeps what a plug looks like and where what is left over lies, and the sheet says it', function (): void {
    $harness = Run::query()->where('job_id', $this->job->id)->where('name', 'main harness')->sole();
    $keep = fn (array $with) => $this->put(
        "/jobs/{$this->job->id}/runs/{$harness->id}/details",
        ['version' => Workshops::fresh($this->job)->version, 'details' => $harness->id, ...$with],
    );
    $harness->update(['supply_mm' => 2_000]);
    $keep([
        'pins' => '8', 'shape' => 'half-moon', 'colour' => 'red', 'is_sealed' => '1', 'threaded_with' => 'the cable guide',
        'surplus_at' => 'wrap',
    ])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route")->assertSee('8 pins, half moon, red, pins, sealed');
    $sheet = OpenJob::of(Workshops::fresh($this->job))->buildSheet();
    expect($sheet?->step('dress-0')?->how)->toContain('8 pins, half moon, red')->toContain('under a wrap that opens')
        ->and($sheet?->firstOf(0)?->how)->toContain('the cable guide')
        ->and($sheet?->step('dress-0')?->after)->toContain('thread-0-1-2');
    foreach ([
        ['pins' => '0', 'shape' => 'slab', 'colour' => 'red'], ['pins' => '4'], ['pins' => 'four', 'shape' => 'slab', 'colour' => 'red'],
        ['shape' => 'pear', 'pins' => '2', 'colour' => 'red'], ['surplus_at' => 'the bin'],
    ] as $odd) {
        $keep($odd)->assertSessionHasErrors();
    }
    expect($harness->refresh()->plug?->plug->pins)->toBe(8);
});

it('caps and ties a plug with nothing on it, and lays nothing for it', function (): void {
    $sensor = Run::query()->where('job_id', $this->job->id)->where('name', 'speed sensor')->sole();
    $this->put("/jobs/{$this->job->id}/runs/{$sensor->id}/details", ['version' => Workshops::fresh($this->job)->version, 'is_unused' => '1'])
        ->assertSessionHasNoErrors();
    $sheet = OpenJob::of(Workshops::fresh($this->job))->buildSheet();
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('Cap for the unused plug of the speed sensor');
    expect($sheet?->step('cap-1')?->title)->toContain('speed sensor')->and($sheet?->firstOf(1))->toBeNull();
    $this->get("/jobs/{$this->job->id}/route")->assertSee('capped and tied');
});

it('takes a place and a way that somebody found, and lets a run go there', function (): void {
    $add = fn (array $with) => $this->post(
        "/jobs/{$this->job->id}/stretches",
        $with + ['stretch_from' => 'motor', 'stretch_to' => 'pannier', 'stretch_length' => '310', 'towards' => 'back'],
    );
    $add(['tags' => ['underside']])->assertSessionHasNoErrors();
    $this->post(
        "/jobs/{$this->job->id}/runs",
        [
            'name' => 'horn', 'kind' => 'signal', 'from_place' => 'motor', 'to_place' => 'pannier', 'supply' => '400',
            'connector' => 'two',
        ],
    )
        ->assertSessionHasNoErrors();
    expect(($this->read)('horn'))->toBe(['motor', 'pannier']);
    $this->get("/jobs/{$this->job->id}/route")->assertSee('motor → pannier, 310 mm, underneath');
    foreach ([
        ['stretch_to' => 'motor'], ['stretch_length' => '0'], ['stretch_length' => '-4'], ['stretch_length' => 'long'],
        ['stretch_from' => 'the moon'], ['towards' => 'sideways'], ['tags' => ['sharp']], ['stretch_to' => ''],
    ] as $odd) {
        $add($odd)->assertSessionHasErrors();
    }
    $own = $this->job->ownStretches()->sole();
    $this->delete("/jobs/{$this->job->id}/stretches/{$own->id}")->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route")->assertOk()->assertSee('Horn');
    expect($this->job->ownStretches()->count())->toBe(0);
});

it('says where fuse, plug and lead do not go with what flows', function (): void {
    $lead = Run::query()->where('job_id', $this->job->id)->where('name', 'battery lead')->sole();
    $keep = fn (array $with) => $this->put(
        "/jobs/{$this->job->id}/runs/{$lead->id}",
        ['version' => Workshops::fresh($this->job)->version, 'run' => $lead->id, 'supply' => '450', ...$with],
    );
    $keep(['current' => '20', 'fuse' => '15', 'made_for' => '18,5', 'bears' => ''])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route")->assertSee('A fuse of 15 A blows')->assertSee('made for 18.5 A');
    $keep(['fuse' => 'large'])->assertSessionHasErrors('fuse');
});

it('shows runs from near, from anywhere, and on the whole where it is asked nonsense', function (string $near): void {
    $this->get("/jobs/{$this->job->id}/route?near={$near}")->assertOk()->assertSee('every 130 mm');
    $this->get("/jobs/{$this->job->id}/route?near[]=x")->assertOk();
})->with(['whole', 'bars', 'shell', 'stay', 'moon']);

it('proves the lights of a lamp that somebody added by hand, whatever it is called', function (): void {
    $isProved = fn (): bool => OpenJob::of(Workshops::fresh($this->job))->the(Proving::class)->plan->check('lights') !== null;
    expect($isProved())->toBeFalse();
    $this->post("/jobs/{$this->job->id}/runs", [
        'name' => 'red light', 'kind' => 'power', 'from_place' => 'motor', 'to_place' => 'stay', 'supply' => '700', 'connector' => 'two',
    ])->assertSessionHasNoErrors();
    expect($isProved())->toBeTrue();
});
