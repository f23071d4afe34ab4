<?php

declare(strict_types=1);

use App\Actions\Survey\GiveAnswer;
use App\Bench\OpenJob;
use App\Models\Obstacle;
use App\Models\StepRecord;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->say = fn (string $spot, string $answer) => app(GiveAnswer::class)(
        Workshops::fresh($this->job), $this->person, Spot::from($spot), $answer,
    );
    $this->strip = fn (string $step, array $with = []) => $this->from('/')
        ->post("/jobs/{$this->job->id}/strip", ['step' => $step, 'state' => 'done', ...$with]);
});

it('has a bracket’s own steps, in the order they come out', function (string $bracket, array $order): void {
    ($this->say)('bracket_kind', $bracket);
    $codes = array_map(fn (StripStep $step) => $step->code, OpenJob::of(Workshops::fresh($this->job))->stripPlan()->steps);
    expect(array_values(array_intersect($codes, $order)))->toBe($order);
})->with([
    ['threaded', ['crank-left', 'cup-left', 'cup-drive', 'look-inside']],
    ['loose-ball', ['crank-left', 'lockring-left', 'cup-left', 'spindle-out', 'cup-drive', 'look-inside']],
    ['plain-drive', ['cup-drive', 'cup-left', 'look-inside']],
    ['plain-left', ['cup-left', 'cup-drive', 'look-inside']],
]);

it('draws no cup that has come out, nor a spindle when both have', function (): void {
    $this->job = Workshops::job($this->person);
    $drawn = fn (string $role): int => substr_count(
        (string) $this->get("/jobs/{$this->job->id}/survey?region=shell-axis")->assertOk()->getContent(), "near-{$role}\"",
    );
    expect([$drawn('cup'), $drawn('spindle')])->toBe([6, 1]);
    ($this->strip)('cup-left')->assertSessionHasNoErrors();
    expect([$drawn('cup'), $drawn('spindle')])->toBe([3, 1]);
    ($this->strip)('cup-drive')->assertSessionHasNoErrors();
    expect([$drawn('cup'), $drawn('spindle')])->toBe([0, 0]);
    $this->get("/jobs/{$this->job->id}/survey?spot=guide_depth")->assertSee('rod beside it up to the shell')
        ->assertSee('part-guide', false);
});

it('holds the tool on by what is still there', function (string $crank, string $bracket, string $says, string $saysNot): void {
    ($this->say)('crank_kind', $crank);
    ($this->say)('bracket_kind', $bracket);
    $this->get("/jobs/{$this->job->id}/strip?step=cup-drive")->assertOk()->assertSee($says)->assertDontSee($saysNot);
})->with([
    'a spindle with its bolt' => ['square-taper', 'threaded', 'Hold the tool on with the crank bolt', 'never by a crank bolt'],
    'the spindle went with the crank' => ['two-piece', 'threaded', 'a long bolt through the shell', 'Hold the tool on with the crank bolt'],
    'cups outside' => ['two-piece', 'external', 'never by a crank bolt', 'a long bolt through the shell'],
    'a fixed cup' => ['square-taper', 'loose-ball', 'Fixed cup out, last', 'never by a crank bolt'],
]);

it('writes down the bolts of what goes back on, and where everything lies', function (): void {
    ($this->say)('guard', 'yes');
    ($this->strip)('guard')
        ->assertSessionHasErrors(['note' => 'Write down its bolts, how long each is and where it goes: it goes back on.']);
    expect(StepRecord::query()->count())->toBe(0);
    ($this->strip)('guard', ['note' => 'two M5 × 12', 'lies_in' => 'tray 3'])->assertSessionHasNoErrors();
    ($this->strip)('pedal-left', ['lies_in' => 'tray 3'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/strip")
        ->assertSeeInOrder(['What came off, and where it lies: 2', 'tray 3', 'two M5 × 12', 'tray 3']);
    $this->get("/jobs/{$this->job->id}/build")->assertSee('Guard, guide or roller back on');
});

it('lists every tool of the plan once', function (): void {
    $tools = OpenJob::of(Workshops::fresh($this->job))->stripPlan()->tools();
    expect($tools)->toBe(array_unique($tools))->toContain('Crank puller for square taper');
    $this->get("/jobs/{$this->job->id}/strip")->assertSee('Tools to lay out: '.count($tools));
});

it('keeps what stands out around the shell, against the body, and cures it before the dry fit', function (): void {
    $post = fn (array $with) => $this->from('/')
        ->post("/jobs/{$this->job->id}/obstacles", ['kind' => 'tab', 'height' => '9', 'angle' => '300', ...$with]);
    $post(['height' => '90'])->assertSessionHasErrors('height');
    $post(['angle' => '400'])->assertSessionHasErrors('angle');
    $post(['kind' => 'ghost'])->assertSessionHasErrors('kind');
    $post([])->assertSessionHasNoErrors();
    $tab = Obstacle::query()->sole();

    $this->get("/jobs/{$this->job->id}/strip")->assertSeeInOrder(['Tab for a chain guide', '9.00 mm', 'at 300°', 'Fails']);
    $this->get("/jobs/{$this->job->id}/stack")->assertSee('Fails: checks by hand');
    $cure = fn (Obstacle $which, string $how) => $this->from('/')->put("/jobs/{$this->job->id}/obstacles/{$which->id}", ['cure' => $how]);
    $cure($tab, 'shortened')->assertSessionHasErrors('cure');
    $cure($tab, 'filed')->assertSessionHasNoErrors();
    $filed = Obstacle::query()->whereNull('superseded_at')->sole();
    $this->get("/jobs/{$this->job->id}/build")->assertSee('Tab for a chain guide at 300°: filed off, metal frames only');
    expect(OpenJob::of(Workshops::fresh($this->job))->buildSheet()?->step('dry-fit')?->after)->toContain($filed->step());
    $cure($tab, 'not-there')->assertSessionHasErrors('cure');
    $cure($filed, 'not-there')->assertSessionHasNoErrors();
    expect(Obstacle::query()->whereNull('superseded_at')->count())->toBe(0)->and(Obstacle::query()->count())->toBe(2);
});

it('leaves alone what stands where the body does not go', function (): void {
    $this->post("/jobs/{$this->job->id}/obstacles", ['kind' => 'weld', 'height' => '20', 'angle' => '120'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/strip")->assertSee('the body does not go there');
    $this->get("/jobs/{$this->job->id}/stack")->assertDontSee('Fails: checks by hand');
});

it('learns at its step which way the drive cup came out, once, and asks no more', function (): void {
    $this->post("/jobs/{$this->job->id}/strip", ['step' => 'cup-drive', 'state' => 'done', 'turned' => 'clockwise'])
        ->assertSessionHasErrors('turned');
    $job = Workshops::job($this->person, 'Untold');
    $strip = fn (string $step, string $turned) => $this->from('/')
        ->post("/jobs/{$job->id}/strip", ['step' => $step, 'state' => 'done', 'turned' => $turned]);
    $this->get("/jobs/{$job->id}/strip?step=cup-drive")->assertOk()->assertSee('It came out, facing it');
    $strip('cup-drive', 'left')->assertSessionHasErrors(['turned' => 'Clockwise or anticlockwise, facing the cup.']);
    $strip('pedal-left', 'clockwise')->assertSessionHasErrors('turned');
    expect(StepRecord::query()->where('job_id', $job->id)->count())->toBe(0);
    $strip('cup-drive', 'anticlockwise')->assertSessionHasNoErrors();
    $open = OpenJob::of(Workshops::fresh($job));
    expect($open->findings->answer(Spot::DriveCupLoosens))->toBe('anticlockwise')
        ->and($open->walk()->isKnown(Spot::DriveCupLoosens))->toBeTrue();
    $this->get("/jobs/{$job->id}/strip?step=cup-drive")->assertOk()->assertDontSee('It came out, facing it')->assertSee('right-hand');
});
