<?php

declare(strict_types=1);

use App\Models\Reading;
use Tests\Support\Process;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::job($this->person);
    $this->actingAs($this->person);
    $this->plugIn = function (string $script): void {
        $port = Process::freePort();
        $this->caliper = Process::start([base_path('bin/caliper'), (string) $port, '73.04', '0.02', $script]);
        $this->caliper->waitForPort($port);
        config(['instruments.caliper' => "127.0.0.1:{$port}"]);
    };
    $this->take = fn () => $this->from("/jobs/{$this->job->id}/survey?spot=shell_width")->post("/jobs/{$this->job->id}/caliper", ['spot' => 'shell_width']);
});

afterEach(fn () => isset($this->caliper) ? $this->caliper->stop() : null);

it('takes readings from the caliper like typed ones', function (): void {
    ($this->plugIn)('73.02,72.98');
    ($this->take)()->assertSessionHasNoErrors();
    ($this->take)()->assertSessionHasNoErrors();
    expect(Reading::query()->orderBy('id')->pluck('value_mm')->all())->toBe([73.02, 72.98])
        ->and(Reading::query()->first()?->typed)->toBe('+073.02 mm');
});

it('asks about one that is out of line, and keeps it when told so', function (): void {
    ($this->plugIn)('73.02,72.98,79.00');
    ($this->take)();
    ($this->take)();
    ($this->take)()->assertSessionHasErrors(['typed', 'sure'])->assertSessionHasInput('typed', '+079.00 mm');
    expect(session('errors')->first('typed'))->toContain('6.00 mm away')->and(Reading::query()->count())->toBe(2);

    $this->post("/jobs/{$this->job->id}/readings", ['spot' => 'shell_width', 'typed' => '+079.00 mm', 'instrument' => 'caliper', 'sure' => '1'])->assertSessionHasNoErrors();
    expect(Reading::query()->count())->toBe(3);
});

it('loses nothing when the line breaks in the middle of a reading', function (): void {
    ($this->plugIn)('73.02,cut,73.00');
    ($this->take)();
    ($this->take)()->assertSessionHasErrors('typed');
    expect(session('errors')->first('typed'))->toContain('“+073.”')->toContain('still stands')->and(Reading::query()->pluck('value_mm')->all())->toBe([73.02]);
    ($this->take)()->assertSessionHasNoErrors();
    expect(Reading::query()->count())->toBe(2);
});

it('says so when no caliper answers, and hides the button when none is plugged in', function (): void {
    config(['instruments.caliper' => '127.0.0.1:'.Process::freePort()]);
    ($this->take)()->assertSessionHasErrors('typed');
    expect(session('errors')->first('typed'))->toContain('No caliper answers');
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertSee('Take it from the caliper');
    config(['instruments.caliper' => null]);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertDontSee('Take it from the caliper');
});

it('challenges an implausible reading of the caliper too', function (): void {
    ($this->plugIn)('7.00');
    ($this->take)()->assertSessionHasErrors('typed');
    expect(Reading::query()->count())->toBe(0);
});
