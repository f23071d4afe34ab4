<?php

declare(strict_types=1);

use App\Models\Reading;
use Illuminate\Testing\TestResponse;
use Tests\Support\Instruments;
use Tests\Support\Process;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::job($this->person);
    $this->actingAs($this->person);
    $this->instruments = Instruments::plugIn('caliper')->set('caliper', noise: 0);
    $this->take = function (?float $shows = null): TestResponse {
        $shows === null ?: $this->instruments->set('caliper', truth: $shows);

        return $this->from("/jobs/{$this->job->id}/survey?spot=shell_width")
            ->post("/jobs/{$this->job->id}/caliper", ['spot' => 'shell_width']);
    };
});

afterEach(fn () => $this->instruments->stop());

it('takes readings from the caliper like typed ones', function (): void {
    ($this->take)(73.02)->assertSessionHasNoErrors();
    ($this->take)(72.98)->assertSessionHasNoErrors();
    expect(Reading::query()->orderBy('id')->pluck('value_mm')->all())->toBe([73.02, 72.98])
        ->and(Reading::query()->first()?->typed)->toBe('+073.02 mm');
});

it('asks about one that is out of line, and keeps it when told so', function (): void {
    ($this->take)(73.02);
    ($this->take)(72.98);
    ($this->take)(79.00)->assertSessionHasErrors(['typed', 'sure'])->assertSessionHasInput('typed', '+079.00 mm');
    expect(session('errors')->first('typed'))->toContain('6.00 mm away')->and(Reading::query()->count())->toBe(2);

    $this->post(
        "/jobs/{$this->job->id}/readings", ['spot' => 'shell_width', 'typed' => '+079.00 mm', 'instrument' => 'caliper', 'sure' => '1'],
    )
        ->assertSessionHasNoErrors();
    expect(Reading::query()->count())->toBe(3);
});

it('loses nothing when the line breaks in the middle of a reading', function (): void {
    ($this->take)(73.02);
    $this->instruments->cut('caliper');
    ($this->take)()->assertSessionHasErrors('typed');
    expect(session('errors')->first('typed'))->toContain('“+073.”')->toContain('still stands')
        ->and(Reading::query()->pluck('value_mm')->all())->toBe([73.02]);
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
    ($this->take)(7.00)->assertSessionHasErrors('typed');
    expect(Reading::query()->count())->toBe(0);
});
