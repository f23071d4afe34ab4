<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use LogicException;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function array_slice;
use function in_array;
use function is_string;

/**
 * A plain bike from the door to the door, as somebody does it who knows nothing of the program: does what is up where
 * one is, and goes where the page leads. No address is ever typed.
 */
final class WholeJob
{
    private const DONE = '.step-now button[name="state"][value="done"]';

    /** @var array<string, array{int, int}> entries and presses, by place */
    public array $at = [];

    /** @var list<string> where it went, place by place */
    public array $way = [];

    /**
     * @param  array<string, string>  $says  what a reading shows, or the value of an answer, by the spot's code
     * @param  array<string, string>  $also  what is asked at other places, by its field: the radius of the rest, a lead's spare length in mm, figures of checks
     */
    public function __construct(private readonly Hand $hand, private readonly array $says, private readonly array $also) {}

    public function takeIn(string $kind, string $material): self
    {
        $this->hand->press('Take a bike in');
        $this->hand->type('customer', 'A. Rider')->type('bike', 'A plain bike')->choose('kind', $kind)->choose('frame_material', $material);
        $this->hand->press('Start measuring');

        return $this;
    }

    /** To where it has left the workshop. */
    public function toTheDoor(int $most = 260): self
    {
        for ($i = 0; $i < $most; $i++) {
            if (Job::query()->sole()->handed_over_at !== null) {
                return $this;
            }
            [$place, $entries, $presses] = [$this->place(), $this->hand->entries, $this->hand->presses];
            $this->way[] = $place;
            $this->do($place);
            $was = $this->at[$place] ?? [0, 0];
            $this->at[$place] = [$was[0] + $this->hand->entries - $entries, $was[1] + $this->hand->presses - $presses];
        }
        throw new LogicException('It never left. The last places: '.implode(', ', array_slice($this->way, -12)).'. '.$this->hand->site->text('main'));
    }

    private function do(string $place): void
    {
        match ($place) {
            'survey' => $this->survey(),
            'condition' => $this->condition(),
            'strip' => $this->strip(),
            'match' => $this->has('#next-motor') ? $this->hand->click('#next-motor') : $this->hand->click('.goes button[aria-label^="Choose"]'),
            'stack/rest' => $this->rest(),
            'stack/order' => $this->has('#all-here') && ! $this->has('[name="here[]"]:checked') ? $this->hand->click('#all-here') : $this->onward(),
            'route' => $this->lead(),
            'route/sensors' => $this->sensors(),
            'build' => $this->build(),
            'prove' => $this->prove(),
            'prove/settings' => $this->settings(),
            'prove/hand-over' => $this->handOver(),
            default => $this->onward(),
        };
    }

    private function survey(): void
    {
        if ($this->has('#next-place')) {
            $this->hand->click('#next-place');

            return;
        }
        $code = (string) $this->script('return document.querySelector(".spot input[name=spot]").value');
        $spot = Spot::from($code);
        $says = $this->says[$code] ?? throw new LogicException("Nobody knows what to say at {$code}.");
        if ($spot->choices() !== []) {
            $this->hand->click(".spot button[name='value'][value='{$says}']");

            return;
        }
        $this->hand->type($spot->kind()->isMeasured() ? 'typed' : 'value', $says);
        $this->hand->click('.spot form .btn-primary');
    }

    private function condition(): void
    {
        $this->has('#rest-fine') ? $this->hand->click('#rest-fine') : $this->onward();
    }

    private function strip(): void
    {
        match (true) {
            $this->has('#looked-first') => $this->hand->click('#looked-first'),
            $this->has('#next-place') => $this->hand->click('#next-place'),
            default => $this->hand->click(self::DONE),
        };
    }

    private function rest(): void
    {
        if ($this->has('input[name="rest"]:checked:not([value=""])')) {
            $this->onward();

            return;
        }
        $this->hand->tick('input[name="rest"][value="frame"]')->choose('gap', 'nothing')->type('rest-radius', $this->also['rest'])->click('#keep-rest');
    }

    private function lead(): void
    {
        $short = $this->script('return document.querySelector("[data-short] input[name=supply]")?.id ?? null');
        if (! is_string($short)) {
            $this->onward();

            return;
        }
        $this->hand->type($short, $this->also['lead'])->click("form:has(#{$short}) button");
    }

    private function sensors(): void
    {
        foreach (['left' => 'stick-on', 'right' => 'no-lever'] as $side => $choice) {
            if ($this->has("#brake-sensor-{$side}") && $this->hand->site->value("brake-sensor-{$side}") === '') {
                $this->hand->choose("brake-sensor-{$side}", $choice)->click("#keep-brake-sensor-{$side}");

                return;
            }
        }
        if (str_contains($this->hand->site->text('main'), 'Gap not measured yet')) {
            $this->hand->type('typed', $this->also['gap'])->click('#keep-gap');

            return;
        }
        $this->onward();
    }

    private function build(): void
    {
        $there = $this->hand->site->whichOf('#put-right', '#keep-band', '#torque', self::DONE);
        if (in_array('#put-right', $there, true)) {
            $this->hand->click('#put-right');

            return;
        }
        if (in_array('#keep-band', $there, true)) {
            $this->hand->type('low', $this->also['low'])->type('high', $this->also['high'])->type('paper', 'the card in its bag')->click('#keep-band');

            return;
        }
        if (! in_array(self::DONE, $there, true)) {
            $this->onward();

            return;
        }
        if (in_array('#torque', $there, true)) {
            preg_match('/([\d.]+) to ([\d.]+)/u', $this->hand->site->text('#torque-band'), $band);
            $this->hand->type('torque', (string) round((((float) ($band[1] ?? 0)) + (float) ($band[2] ?? 0)) / 2, 1));
        }
        $this->hand->click(self::DONE);
    }

    private function prove(): void
    {
        if (! $this->has(self::DONE)) {
            $this->onward();

            return;
        }
        $code = (string) $this->script('return document.querySelector(".step-now input[name=step]").value');
        $this->has('#figure') && $this->hand->type('figure', $this->also[$code]);
        $this->hand->click(self::DONE);
    }

    private function settings(): void
    {
        if ($this->hand->site->value('set-levels') !== '') {
            $this->onward();

            return;
        }
        $this->hand->choose('set-units', 'km')->type('set-levels', '5')->type('set-cut_off_kmh', '25');
        $this->hand->site->value('set-wheel_mm') !== '' || $this->hand->type('set-wheel_mm', '2286');
        $this->hand->click('#keep-settings');
    }

    private function handOver(): void
    {
        match (true) {
            $this->has('#hand-over') => $this->hand->click('#hand-over'),
            str_contains($this->hand->site->text('main'), 'Settings not written down') => $this->hand->press('Settings'),
            $this->has('main [data-key="n"]') => $this->hand->click('main [data-key="n"]'),
            default => throw new LogicException('Nothing leads on: '.$this->hand->site->text('main')),
        };
    }

    private function onward(): void
    {
        $this->hand->click($this->has('main [data-key="n"]') ? 'main [data-key="n"]' : '#onward');
    }

    /** Where one is, as the address says it after the job. */
    private function place(): string
    {
        preg_match('#/jobs/\d+/?([^?\#]*)#', $this->hand->site->driver()->getCurrentURL(), $found);

        return $found[1] ?? '';
    }

    /** @phpstan-impure the page may have changed since it was last asked */
    private function has(string $selector): bool
    {
        return $this->hand->site->has($selector);
    }

    private function script(string $js): mixed
    {
        return $this->hand->site->driver()->executeScript($js);
    }
}
