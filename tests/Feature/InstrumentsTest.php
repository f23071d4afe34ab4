<?php

declare(strict_types=1);

use App\Instruments\Caliper;
use App\Instruments\InstrumentIsSilent;
use App\Models\Kit;
use App\Models\Setting;
use App\Models\StepRecord;
use App\Models\StepState;
use Tests\Support\Instruments;
use Tests\Support\Process;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->instruments = Instruments::plugIn('wrench', 'display', 'scale');
    $this->say = fn (string $name, string $value) => $this->post("/jobs/{$this->job->id}/prove/settings", [
        'name' => $name, 'value' => $value, 'seen' => Setting::query()->where('name', $name)->whereNull('superseded_at')->value('id') ?? 0,
    ]);
    $this->take = fn (string $step) => $this->from("/jobs/{$this->job->id}/prove?step={$step}")
        ->post("/jobs/{$this->job->id}/prove/line", ['step' => $step, 'seen' => 0]);
    $this->strip = function (): void {
        foreach (['left' => 'stick-on', 'right' => 'no-lever'] as $side => $choice) {
            $this->put(
                "/jobs/{$this->job->id}/route/sensors",
                ['version' => Workshops::fresh($this->job)->version, 'choices' => ["brake-sensor-{$side}" => $choice]],
            );
        }
        Workshops::built($this->job, $this->person);
        foreach (['turns-free', 'lock-to-lock', 'pack-locked'] as $step) {
            $this->post("/jobs/{$this->job->id}/prove", ['step' => $step, 'state' => 'done', 'seen' => 0])->assertSessionHasNoErrors();
        }
    };
    $this->record = fn (string $step): ?StepRecord => StepRecord::query()->where('sheet', 'prove')->where('step', $step)
        ->whereNull('superseded_at')->first();
});

afterEach(fn () => $this->instruments->stop());

it('takes a torque from the wrench like a typed one, with what the wrench says of itself', function (): void {
    Workshops::built($this->job, $this->person, before: 'nut-torque');
    $pull = fn () => $this->from("/jobs/{$this->job->id}/build?step=nut-torque")
        ->post("/jobs/{$this->job->id}/build/wrench", ['step' => 'nut-torque', 'state' => 'done', 'seen' => 0]);
    $record = fn () => StepRecord::query()->where('step', 'nut-torque')->where('state', 'done')->whereNull('superseded_at')->first();

    $this->instruments->set('wrench', pull: 37, drift: 1.5);
    $pull()->assertSessionHasErrors('torque');
    expect(session('errors')->first('torque'))->toContain('with nothing on it')->and($record())->toBeNull();
    $this->instruments->set('wrench', drift: 0, pull: 3);
    $pull()->assertSessionHasErrors('torque')->assertSessionHasInput('torque', '3 Nm');
    $this->instruments->set('wrench', pull: 37)->cut('wrench');
    $pull()->assertSessionHasErrors('torque');
    expect(session('errors')->first('torque'))->toContain('The line broke')->and($record())->toBeNull();
    $this->instruments->set('wrench', days_left: -10);
    $pull()->assertSessionHasErrors('torque');
    expect(session('errors')->first('torque'))->toContain('is below the band')->and($record())->toBeNull();
    $this->instruments->set('wrench', pull: 46);
    $pull()->assertSessionHasNoErrors();
    expect($record()?->torque_nm)->toBe(46.0)->and($record()?->note)->toContain('calibration ran out on');
});

it('does not let the wrench past what holds a step', function (): void {
    $this->instruments->set('wrench', pull: 37);
    $this->post("/jobs/{$this->job->id}/build/wrench", ['step' => 'nut-torque', 'state' => 'done', 'seen' => 0])
        ->assertSessionHasErrors('state');
    expect(StepRecord::query()->where('step', 'nut-torque')->exists())->toBeFalse();
});

it('shows what the motor says while it turns, and what that means for the check at hand', function (): void {
    $live = fn (string $step) => $this->get("/jobs/{$this->job->id}/prove/live?step={$step}")->assertOk();
    $this->instruments->set('display', level: 2, crank: 60);
    $live('pedals')->assertSee('data-look="right"', false)->assertSee('It helps')->assertSee('16 N·m');
    $this->instruments->set('display', brake_stuck: 1);
    $live('pedals')->assertSee('data-look="miss"', false)->assertSee('input says pulled: left');
    $live('turns-free')->assertDontSee('data-look', false)->assertSee('Level');
    $this->instruments->set('display', dead: 1);
    $live('pedals')->assertSee('data-silent', false)->assertSee('Nothing was recorded from it');
});

it('records a check by the line: refused while something is to be done, a miss with what it says, right with its figure', function (): void {
    ($this->strip)();
    ($this->take)('wakes')->assertSessionHasNoErrors();
    expect(($this->record)('wakes')?->figure)->toBe(52.1)->and(($this->record)('wakes')?->asked['line'] ?? '')->toContain('v=52.1');

    ($this->take)('pedals')->assertSessionHasErrors('state');
    $this->put(
        "/jobs/{$this->job->id}/prove/settings",
        ['values' => ['units' => 'km', 'wheel_mm' => '2180', 'levels' => '5', 'cut_off_kmh' => '25']],
    )
        ->assertSessionHasNoErrors();
    $this->post("/jobs/{$this->job->id}/prove", ['step' => 'set', 'state' => 'done'])->assertSessionHasNoErrors();
    ($this->take)('pedals')->assertSessionHasErrors('line');
    expect(session('errors')->first('line'))->toContain('Set level one');
    $this->instruments->set('display', level: 1, crank: 60, brake_stuck: 1);
    ($this->take)('pedals')->assertSessionHasNoErrors();
    expect(($this->record)('pedals')?->state)->toBe(StepState::Stopped)
        ->and(($this->record)('pedals')?->note)->toContain('input says pulled: left');
    $this->get("/jobs/{$this->job->id}/prove?step=pedals")->assertSee('What may be behind it')->assertSee('On the line:');
    $this->instruments->set('display', brake_stuck: 0);
    $this->post("/jobs/{$this->job->id}/prove/line", ['step' => 'pedals', 'seen' => ($this->record)('pedals')?->id])
        ->assertSessionHasNoErrors();
    expect(($this->record)('pedals')?->state)->toBe(StepState::Done);
});

it('holds a check back for the line too, and has nothing to say of one that is felt', function (): void {
    ($this->take)('wakes')->assertSessionHasErrors('state');
    ($this->strip)();
    ($this->take)('lock-to-lock')->assertSessionHasErrors('line');
    ($this->take)('nothing-such')->assertSessionHasErrors('step');
    expect(($this->record)('wakes'))->toBeNull();
});

it('records nothing when the line dies in the middle, or is not there', function (): void {
    ($this->strip)();
    $this->instruments->cut('display');
    ($this->take)('wakes')->assertSessionHasErrors('line');
    expect(session('errors')->first('line'))->toContain('The line broke');
    $this->instruments->set('display', dead: 1);
    ($this->take)('wakes')->assertSessionHasErrors('line');
    config(['instruments.display' => '127.0.0.1:'.Process::freePort()]);
    ($this->take)('wakes')->assertSessionHasErrors('line');
    expect(($this->record)('wakes'))->toBeNull();
    $this->post("/jobs/{$this->job->id}/prove", ['step' => 'wakes', 'state' => 'done', 'figure' => '51,2', 'seen' => 0])
        ->assertSessionHasNoErrors();
    config(['instruments.display' => null]);
    $this->get("/jobs/{$this->job->id}/prove?step=pedals")->assertDontSee('Take it from the line');
});

it('rides with the mass that the scale shows', function (): void {
    $ride = fn () => $this->put("/jobs/{$this->job->id}/line/hills/weigh", [
        'version' => Workshops::fresh($this->job)->version, 'mass_kg' => '90', 'rider_w' => '100', 'grade_percent' => '6',
        'surface' => 'asphalt', 'wind_kmh' => '0',
        'assist_percent' => '80', 'battery_wh' => '500', 'cut_off_kmh' => '25',
    ]);
    $this->instruments->set('scale', noise: 0, on_it: 131.44);
    $ride()->assertSessionHasNoErrors();
    expect(Kit::query()->where('job_id', $this->job->id)->sole()->riding?->toArray()['mass_kg'] ?? null)->toBe(131.4);
    $this->instruments->cut('scale');
    $ride()->assertSessionHasErrors('mass_kg');
});

it('lets simulated instruments be played, within what they can', function (): void {
    $this->get('/instruments')->assertNotFound();
    $this->put('/instruments', ['instrument' => 'display', 'level' => '3'])->assertForbidden();
    config(['instruments.play' => true]);
    $this->get('/instruments')->assertOk()->assertSee('Fault: magnet off')->assertSee('None is there.');
    $this->put('/instruments', ['instrument' => 'display', 'level' => '3', 'no_magnet' => '1'])->assertSessionHasNoErrors();
    expect($this->instruments->player('display')->knobs())->toMatchArray(['level' => 3.0, 'no_magnet' => 1.0, 'volts' => 52.1]);
    $this->put('/instruments', ['instrument' => 'display', 'volts' => '900'])->assertSessionHasErrors('volts');
    $this->put('/instruments', ['instrument' => 'display', 'volts' => ['x']])->assertSessionHasErrors();
    $this->put('/instruments', ['instrument' => 'kettle', 'volts' => '1'])->assertSessionHasErrors('instrument');
    $this->put('/instruments', ['instrument' => 'caliper', 'truth' => '7'])->assertSessionHasErrors('instrument');
});

it('plays the faults that are asked of it', function (array $knobs, string $says): void {
    $this->instruments->set('display', ...$knobs);
    $this->get("/jobs/{$this->job->id}/prove/live?step=speed-lamp")->assertSee($says);
})->with([
    'magnet off' => [['level' => 1, 'crank' => 60, 'no_magnet' => 1], 'speed reads nothing'],
    'magnet off, faster' => [['level' => 3, 'crank' => 60, 'no_magnet' => 1], 'error 21'],
    'pack cut out under load' => [['level' => 6, 'crank' => 60, 'pack_cuts' => 1], 'has cut out under load'],
]);

it('leaves an instrument that drips its answer after two seconds in all', function (): void {
    $drip = Process::start([
        'php', '-r',
        '$door = stream_socket_server("tcp://127.0.0.1:".$argv[1]); while (true) { $in = stream_socket_accept($door, 60); for ($i = 0; $i '
            .'< 40 && @fwrite($in, "7"); $i++) { usleep(300000); } fclose($in); }',
        (string) ($port = Process::freePort()),
    ]);
    try {
        $drip->waitForPort($port);
        config(['instruments.caliper' => "127.0.0.1:{$port}"]);
        $began = microtime(true);
        expect(fn () => app(Caliper::class)->read())->toThrow(InstrumentIsSilent::class, 'The line broke')
            ->and(microtime(true) - $began)->toBeLessThan(4.0);
    } finally {
        $drip->stop();
    }
});
