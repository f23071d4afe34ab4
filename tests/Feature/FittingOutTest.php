<?php

declare(strict_types=1);

use App\Actions\Jobs\StartJob;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Role;
use App\Models\Run;
use App\View\Drawings\ChoiceDrawing;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->version = fn (): int => Workshops::fresh($this->job)->version;
    $this->battery = fn (array $with) => $this->put("/jobs/{$this->job->id}/route/battery", ['version' => ($this->version)(), ...$with]);
    $this->setBattery = fn (array $with) => $this->patch("/jobs/{$this->job->id}/route/battery", ['version' => ($this->version)(), ...$with]);
    $this->cockpit = fn (array $with) => $this->put("/jobs/{$this->job->id}/route/cockpit", ['version' => ($this->version)(), ...$with]);
    $this->decide = fn (array $with) => $this->put("/jobs/{$this->job->id}/route/sensors", ['version' => ($this->version)(), ...$with]);
    $this->fitting = fn () => OpenJob::of(Workshops::fresh($this->job))->the(FittingOut::class);
    $this->tick = fn (string $step, string $note = '') => $this->post(
        "/jobs/{$this->job->id}/build", ['step' => $step, 'state' => 'done', 'note' => $note, 'by_hand' => $note === '' ? '0' : '1'],
    );
});

/**
 * What is on a bar, as its form sends it.
 *
 * @return array<string, list<string>>
 */
function onTheBar(string ...$things): array
{
    $form = ['sides' => [], 'kinds' => [], 'widths' => [], 'makes' => []];
    foreach ($things as $thing) {
        $words = explode(' ', $thing);
        foreach (array_keys($form) as $i => $field) {
            $form[$field][] = $words[$i] ?? '';
        }
    }

    return $form;
}

it('shows every place of a job’s route before anything is chosen', function (string $place, string $says): void {
    $this->get("/jobs/{$this->job->id}/route/{$place}")->assertOk()->assertSee($says);
})->with([['battery', 'Every battery at every place'], ['cockpit', 'from the grip in'], ['sensors', 'Brakes cut the motor']]);

it('lays a battery into the triangle, moves it to the end of its room and no further', function (): void {
    ($this->battery)(['take' => 'triangle marl-48-slim'])->assertSessionHasNoErrors();
    $trial = ($this->fitting)()->trial;
    expect($trial?->finding('room')?->verdict)->toBe(Verdict::Clear)->and($trial->at())->toBe($trial->range()?->from);
    ($this->setBattery)(['at' => '', 'move' => '5'])->assertSessionHasNoErrors();
    expect(($this->fitting)()->trial?->at())->toEqualWithDelta($trial->range()->from + 5, 1e-6);
    foreach (range(1, 30) as $time) {
        ($this->setBattery)(['move' => '5']);
    }
    expect(($this->fitting)()->trial?->at())->toEqualWithDelta($trial->range()->to, 1e-6);
    $sheet = $this->get("/jobs/{$this->job->id}/worksheet.json")->json('battery');
    expect($sheet)
        ->toEqual([
            'fits' => true, 'reason' => null, 'room_mm' => (int) round($trial->fit->room ?? 0.0),
            'start_from_front_mm' => (int) round($trial->fit->start ?? 0.0),
        ]);
    $this->get("/jobs/{$this->job->id}/route/battery")->assertSee('Left before it')->assertSee('pack-slides', false);

    ($this->setBattery)(['at' => '2'])->assertSessionHasNoErrors();
    expect(($this->fitting)()->trial?->finding('placed')?->verdict)->toBe(Verdict::Fails);
    $this->get("/jobs/{$this->job->id}/stack")->assertSee('Fails: battery');
    ($this->tick)('safe')->assertSessionHasNoErrors();
    ($this->tick)('try-battery')
        ->assertSessionHasErrors(['state' => 'Not here yet: battery Marl 48 slim, 48 V, with its key and charger.']);
    Workshops::ready(Workshops::fresh($this->job));
    ($this->tick)('try-battery')->assertSessionHasNoErrors();
    ($this->tick)('battery-rail', 'no paper')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('it meets a tube');
});

it('takes what it showed rounded for what it meant', function (): void {
    ($this->battery)(['pack' => 'marl-48-slim', 'site' => 'triangle']);
    $from = ($this->fitting)()->trial?->range()->from ?? 0.0;
    ($this->setBattery)(['at' => (string) round($from - 0.4)])->assertSessionHasNoErrors();
    expect(($this->fitting)()->trial?->finding('placed'))->toBeNull();
});

it('stops the job for a pack of another voltage, and goes on once another is chosen', function (): void {
    ($this->battery)(['take' => 'triangle marl-36-slim'])->assertSessionHasNoErrors();
    ($this->tick)('safe')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('36 V')->toContain('never joined');
    ($this->battery)(['pack' => ''])->assertSessionHasNoErrors();
    expect(($this->fitting)()->trial)->toBeNull();
    ($this->tick)('safe')->assertSessionHasNoErrors();
});

it('moves the lead to where the battery sits, and gets what holds it', function (): void {
    $lead = fn () => Run::query()->where('job_id', $this->job->id)->where('name', 'battery lead')->sole();
    ($this->battery)(['take' => 'rack tarn-48-flat'])->assertSessionHasNoErrors();
    expect($lead()->from_place)->toBe('rack')->and($lead()->toLay()->isFromPack())->toBeTrue();
    ($this->setBattery)([
        'length' => '420', 'width' => '160', 'load' => '25', 'fixing' => 'rack-bolts',
        'seen' => ['solid-floor' => 'yes', 'heel-clear' => 'no'],
    ])
        ->assertSessionHasNoErrors();
    expect(($this->fitting)()->trial?->finding('load')?->verdict)->toBe(Verdict::Clear)
        ->and(($this->fitting)()->trial->finding('heel-clear')?->verdict)->toBe(Verdict::Fails);
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('Battery Tarn 48 for a rack')->assertSee('large washers');
    ($this->battery)(['take' => 'cradle marl-48-slim']);
    expect($lead()->from_place)->toBe('battery')->and(($this->fitting)()->batteryWish->floor(PackSite::Rack)->load)->toBe(25.0);
});

it('never lets anything be drilled into carbon, nor clamped on it', function (string $fixing): void {
    $this->job->bike->update(['frame_material' => 'carbon']);
    ($this->battery)(['take' => 'triangle marl-48-slim']);
    ($this->setBattery)(['fixing' => $fixing])->assertSessionHasErrors('fixing');
    expect(($this->fitting)()->batteryWish->fixing)->toBeNull();
})->with(['inserts', 'band', 'hose-clamps']);

it('offers a battery no place the bike does not have', function (): void {
    ($this->battery)(['take' => 'box marl-48-slim'])->assertSessionHasErrors('site');
    ($this->battery)(['take' => 'triangle nobody-makes-it'])->assertSessionHasErrors('pack');
    ($this->battery)(['pack' => ['marl-48-slim'], 'site' => ['triangle']])->assertSessionHasErrors();
    ($this->setBattery)(['fixing' => 'inserts'])->assertSessionHasErrors('site');
    $trike = app(StartJob::class)(
        $this->person, ['customer' => 'A. Rider', 'bike' => 'Plum', 'kind' => 'tadpole-trike', 'frame_material' => 'steel'],
    );
    $this->get("/jobs/{$trike->id}/route/battery")->assertOk()->assertSee('Behind seat')->assertDontSee('Top tube');
});

it('says of a pack longer than the bike that it is too long', function (): void {
    $this->person->workshop->packs()
        ->create([
            'code' => 'beam',
            'figures' => [
                'name' => 'Beam', 'length_mm' => 9000, 'height_mm' => 60, 'width_mm' => 60, 'mass_kg' => 40, 'voltage_v' => 48,
                'energy_wh' => 9000,
            ],
        ]);
    $this->person->workshop->renewCatalogue();
    $this->get("/jobs/{$this->job->id}/route/battery")->assertOk()->assertSee('too long');
    ($this->battery)(['take' => 'triangle beam'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route/battery")->assertOk()->assertSee('misfit', false);
});

it('finds a bar too full, and lets nothing be put on it', function (): void {
    ($this->cockpit)([...onTheBar('left grip 125', 'left brake-lever 16'), 'add' => 'left display'])->assertSessionHasNoErrors();
    Workshops::read($this->job, $this->person, NeatSpindle\Core\Measuring\Survey\Spot::BarLeft, '160');
    $this->get("/jobs/{$this->job->id}/route/cockpit")->assertSee('Too full by 9 mm')->assertSee('Before anything comes off');
    $this->get("/jobs/{$this->job->id}/strip")->assertSee('the bar is too full by 9 mm');
    ($this->tick)('safe');
    ($this->tick)('bar-off-left')->assertSessionHasErrors('state');
    Workshops::read($this->job, $this->person, NeatSpindle\Core\Measuring\Survey\Spot::BarLeft, '190 ± 1');
    ($this->tick)('bar-off-left')->assertSessionHasNoErrors();
});

it('brings a throttle’s run with it and takes it away again, and asks for no thumb twice', function (): void {
    $runs = fn () => Run::query()->where('job_id', $this->job->id)->whereNull('removed_at')->pluck('name')->all();
    ($this->cockpit)([...onTheBar('right grip 125', 'right shifter 18 thumb'), 'add' => 'right throttle'])->assertSessionHasNoErrors();
    expect($runs())->toContain('throttle')->and(($this->fitting)()->cockpit->right->clash())->toContain('same thumb');
    $kept = ($this->fitting)()->cockpitWish->fixtures;
    ($this->cockpit)([...onTheBar('right grip 125', 'right shifter 18 thumb', 'right throttle 22 twist')]);
    expect(($this->fitting)()->cockpit->right->clash())->toBeNull()->and($kept)->toHaveCount(3);
    ($this->cockpit)([...onTheBar('right grip 125', 'right shifter 18 thumb', 'right throttle 22 twist'), 'drop' => '2']);
    expect($runs())->not->toContain('throttle');
});

it('keeps a bar as it was where something typed is no size', function (array $with, string $field): void {
    ($this->cockpit)($with)->assertSessionHasErrors($field);
    expect(($this->fitting)()->cockpitWish->fixtures)->toHaveCount(5);
})->with([
    [fn () => [...onTheBar('left grip wide')], 'widths.0'], [fn () => [...onTheBar('left grip 0')], 'widths.0'],
    [fn () => [...onTheBar('left anvil 20')], 'kinds.0'], [['kinds' => 'all of it'], 'kinds'],
    [['kinds' => [], 'bore' => '-3'], 'bore'], [fn () => [...onTheBar(...array_fill(0, 30, 'left grip 20'))], 'kinds'],
]);

it('stops the job for a brake sensor left off beside a throttle, until an owner answers for it', function (): void {
    ($this->decide)(['choices' => ['brake-sensor-left' => 'left-off']])->assertSessionHasErrors('reasons.brake-sensor-left');
    ($this->decide)(['choices' => ['brake-sensor-left' => 'left-off'], 'reasons' => ['brake-sensor-left' => 'The lever takes none']])
        ->assertSessionHasNoErrors();
    ($this->tick)('safe')->assertSessionHasNoErrors();
    ($this->cockpit)([...onTheBar('left grip 125'), 'add' => 'left throttle']);
    ($this->tick)('try-battery')->assertSessionHasErrors('state');
    $this->get("/jobs/{$this->job->id}/stack")->assertSee('brake sensors');
    $decision = Decision::query()->sole();

    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertSee('The owner of the workshop decides');
    $allow = fn (array $with) => $this->patch("/jobs/{$this->job->id}/route/sensors", ['decision' => $decision->id, ...$with]);
    $allow(['because' => 'I say so'])->assertForbidden();
    $this->actingAs($this->person);
    $allow(['because' => ''])->assertSessionHasErrors('because');
    $allow(['because' => 'Ridden on a private yard only'])->assertSessionHasNoErrors();
    $allow(['because' => 'Twice'])->assertSessionHasErrors('because');
    ($this->tick)('try-battery')->assertSessionHasErrors(['state' => 'No battery is chosen yet, with its place.']);
    Workshops::ready(Workshops::fresh($this->job));
    ($this->tick)('try-battery')->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertSee('Answered for by')->assertSee('private yard');

    ($this->decide)(['choices' => ['brake-sensor-left' => 'left-off'], 'reasons' => ['brake-sensor-left' => 'Still none']]);
    ($this->tick)('dry-fit')->assertSessionHasErrors('state');
});

it('keeps the hand’s order on the bar, and changes a lever for one with a switch where that is decided', function (): void {
    ($this->cockpit)([...onTheBar('left grip 125', 'left brake-lever 16 plain', 'right grip 125', 'right brake-lever 16 plain')]);
    ($this->cockpit)([
        ...onTheBar('left grip 125', 'left brake-lever 16 plain', 'right grip 125', 'right brake-lever 16 plain'), 'add' => 'left throttle',
    ]);
    $order = fn (): array => array_map(fn (Fixture $one) => $one->kind->value, ($this->fitting)()->cockpit->left->fixtures);
    expect($order())->toBe(['grip', 'brake-lever', 'throttle']);
    $as = [
        ...onTheBar('left grip 125', 'left brake-lever 16 plain', 'left throttle 22 thumb', 'right grip 125', 'right brake-lever 16 plain'),
        'new' => [2 => '1'],
    ];
    ($this->cockpit)([...$as, 'move' => '2 out'])->assertSessionHasNoErrors();
    expect($order())->toBe(['grip', 'throttle', 'brake-lever']);
    ($this->cockpit)([...$as, 'move' => '2 sideways'])->assertSessionHasErrors('move');
    ($this->cockpit)([...$as, 'move' => '99 in'])->assertSessionHasNoErrors();

    ($this->decide)(['choices' => ['brake-sensor-right' => 'lever']])->assertSessionHasNoErrors();
    expect(($this->fitting)()->cockpit->lever(BarSide::Right))->toBe(Make::OwnSwitch);
    $sheet = OpenJob::of(Workshops::fresh($this->job))->buildSheet();
    expect($sheet?->step('lever-hook-right'))->not->toBeNull()->and($sheet?->step('lever-hook-left'))->toBeNull()
        ->and($sheet?->step('brake-sensor-right'))->toBeNull()
        ->and($sheet?->step('lever-hook-right')?->look)->toContain('nothing is stuck on');
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('Brake lever, right, with a switch of its own')
        ->assertDontSee('Brake lever with its switch, right');
});

it('lets the display sit off the bar, where its clamp asks for nothing', function (): void {
    $bar = onTheBar('left grip 125', 'left brake-lever 16 plain');
    Workshops::read($this->job, $this->person, Spot::BarDiameter, '31.8');
    ($this->cockpit)([...$bar, 'bore' => '22.2'])->assertSessionHasNoErrors();
    expect(($this->fitting)()->cockpit->objections()[0] ?? '')->toContain('Display:');
    ($this->cockpit)([...$bar, 'bore' => '22.2', 'display_at' => 'roof'])->assertSessionHasErrors('display_at');
    ($this->cockpit)([...$bar, 'bore' => '22.2', 'display_at' => 'top-tube'])->assertSessionHasNoErrors();
    expect(($this->fitting)()->cockpit->objections())->toBe([])
        ->and(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->step('display')?->title)->toBe('Display on the top tube');
});

it('puts the speed sensor where the hand puts it, its lead and its step with it', function (): void {
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertSee('On the left chainstay')->assertSee('At a front wheel')
        ->assertDontSee('At the end of the boom');
    ($this->decide)(['choices' => ['speed-sensor' => 'boom']])->assertSessionHasErrors('choices.speed-sensor');
    ($this->decide)(['choices' => ['speed-sensor' => 'stick-on']])->assertSessionHasErrors('choices.speed-sensor');
    ($this->decide)(['choices' => ['speed-sensor' => 'front']])->assertSessionHasNoErrors();
    $open = OpenJob::of(Workshops::fresh($this->job));
    expect($open->job->runs->firstWhere('name', 'speed sensor')?->to_place)->toBe('fork-end')
        ->and($open->buildSheet()?->step('speed-sensor')?->how)->toContain('At a front wheel.')->not->toContain('the stay');
    ($this->decide)(['choices' => ['speed-sensor' => 'stay-right']])->assertSessionHasNoErrors();
    $open = OpenJob::of(Workshops::fresh($this->job));
    expect($open->job->runs->firstWhere('name', 'speed sensor')?->to_place)->toBe('stay')
        ->and($open->buildSheet()?->step('speed-sensor')?->how)->toContain('On the right chainstay, on its outside.');
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertOk();
});

it('lays a brake sensor’s lead with it, and none on a lever that takes none', function (): void {
    ($this->decide)(['choices' => ['brake-sensor-right' => 'stick-on']])->assertSessionHasNoErrors();
    expect(Run::query()->where('job_id', $this->job->id)->whereNull('removed_at')->pluck('name')->all())->toContain('brake sensor, right')
        ->and(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->step('brake-sensor-right'))->not->toBeNull();
    ($this->cockpit)([...onTheBar('left brake-lever 16 odd', 'right brake-lever 16 hydraulic')]);
    ($this->decide)(['choices' => ['brake-sensor-left' => 'stick-on']])->assertSessionHasErrors('choices.brake-sensor-left');
    ($this->decide)(['choices' => ['brake-sensor-right' => 'in-cable']])->assertSessionHasErrors('choices.brake-sensor-right');
    ($this->decide)(['choices' => ['the-bell' => 'stick-on']])->assertSessionHasErrors('choices');
    ($this->decide)(['choices' => ['brake-sensor-left' => ['x']]])->assertSessionHasErrors();
});

it('asks again about a sensor that was decided on once its lever is another', function (): void {
    ($this->decide)(['choices' => ['brake-sensor-left' => 'stick-on']])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertDontSee('takes no sensor');
    ($this->cockpit)([...onTheBar('left brake-lever 16 odd', 'right brake-lever 16 hydraulic')]);
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertSee('Fails: brake sensors')
        ->assertSee('A lever of an odd shape takes no sensor');
    ($this->decide)(['choices' => ['brake-sensor-left' => 'left-off'], 'reasons' => ['brake-sensor-left' => 'Odd lever']])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/route/sensors")->assertDontSee('takes no sensor');
});

it('puts the gear sensor’s steps in their order, its parts on the list, and the gears are indexed anew', function (): void {
    ($this->decide)(['choices' => ['gear-sensor' => 'fitted']])->assertSessionHasNoErrors();
    $codes = array_column(OpenJob::of(Workshops::fresh($this->job))->buildSheet()->steps ?? [], 'code');
    $order = array_map(
        fn (string $code) => array_search($code, $codes, true),
        ['gear-off', 'gear-through', 'gear-housing', 'gear-fix', 'body-in', 'chain', 'gear-index'],
    );
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)->not->toContain(false);
    $this->get("/jobs/{$this->job->id}/stack/order")->assertSee('Inner gear cable')->assertSee('Housing ferrules');
    Workshops::ready(Workshops::fresh($this->job));
    foreach ([
        'safe', 'try-battery', 'dry-fit', (string) OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->firstOf(0)?->code,
    ] as $step) {
        ($this->tick)($step)->assertSessionHasNoErrors();
    }
    ($this->tick)('body-in')->assertSessionHasErrors('state');
});

it('holds the speed sensor until its gap is measured, and is what its maker allows', function (string $gap, ?string $says): void {
    $job = Workshops::built($this->job, $this->person, before: 'speed-sensor');
    $this->post("/jobs/{$job->id}/route/sensors", ['typed' => $gap])->assertSessionHasNoErrors();
    $answer = ($this->tick)('speed-sensor');
    $says === null ? $answer->assertSessionHasNoErrors()
        : $answer->assertSessionHasErrors('state') && expect(session('errors')->first('state'))->toContain($says);
    $this->get("/jobs/{$job->id}/route/sensors")->assertSee($says ?? 'within 2 to 6 mm');
})->with([['3.5', null], ['1.2', 'may touch it'], ['9', 'would miss turns']]);

it('asks for the gap where none is measured, and for one that can be', function (): void {
    $this->job->everyReading()->where('spot', 'sensor_gap')->update(['superseded_at' => now()]);
    expect(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->step('speed-sensor')?->held?->says)->toContain('measured first');
    $this->post("/jobs/{$this->job->id}/route/sensors", ['typed' => 'a hair'])->assertSessionHasErrors('typed');
    $this->post("/jobs/{$this->job->id}/route/sensors", ['typed' => '400'])->assertSessionHasErrors('typed');
});

it('lets an apprentice say what is on the bar, but not choose a battery nor leave a sensor off', function (): void {
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    ($this->cockpit)([...onTheBar('left grip 125')])->assertSessionHasNoErrors();
    ($this->battery)(['take' => 'triangle marl-48-slim'])->assertForbidden();
    ($this->decide)(['choices' => ['gear-sensor' => 'fitted']])->assertForbidden();
    $this->get("/jobs/{$this->job->id}/route/battery")->assertOk()->assertDontSee('value="triangle marl-48-slim"', false);
});

it('keeps nothing against a page that has grown old', function (): void {
    $old = ($this->version)();
    ($this->battery)(['take' => 'triangle marl-48-slim']);
    $this->put("/jobs/{$this->job->id}/route/battery", ['version' => $old, 'take' => 'rack tarn-48-flat']);
    $this->put("/jobs/{$this->job->id}/route/cockpit", ['version' => $old, 'kinds' => []]);
    expect(($this->fitting)()->batteryWish->pack)->toBe('marl-48-slim')->and(($this->fitting)()->cockpitWish->fixtures)->toHaveCount(5);
});

it('changes both levers for ones with a switch in one go, and leaves the rest of the bar as it was', function (): void {
    ($this->decide)(['choices' => ['brake-sensor-left' => 'lever', 'brake-sensor-right' => 'lever']])->assertSessionHasNoErrors();
    $wish = Workshops::fresh($this->job)->kit?->cockpit;
    $levers = array_filter(
        $wish->fixtures ?? [], fn (Fixture $one) => $one->kind === FixtureKind::BrakeLever && $one->make->hasSwitch() === true,
    );
    expect($levers)->toHaveCount(2);
    ($this->decide)(['choices' => ['brake-sensor-left' => 'stick-on'], 'reasons' => ['gear-sensor' => 'none']])
        ->assertSessionHasErrors('choices.gear-sensor');
});

it('has a picture for every crank, bracket, brake and rest', function (): void {
    foreach ([Spot::CrankKind, Spot::BracketKind, Spot::BrakeFront, Spot::BrakeRear] as $spot) {
        foreach (array_keys($spot->choices()) as $value) {
            expect(ChoiceDrawing::of($spot, (string) $value))->not->toBeNull("{$spot->value} {$value}");
        }
    }
    foreach (Rest::cases() as $rest) {
        expect(ChoiceDrawing::ofRest($rest)->shapes)->not->toBe([]);
    }
    expect(ChoiceDrawing::of(Spot::DustCaps, 'yes'))->toBeNull();
});
