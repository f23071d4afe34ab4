<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use App\Models\StepRecord;
use LogicException;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotRow;

use function array_slice;

/**
 * A plain bike from the door to the door, as somebody does it who knows nothing of the program: does what is up where
 * one is, and goes where the page leads. No address is ever typed.
 */
final class WholeJob
{
    /** What the plain bike's other places are told. */
    public const ASKED_ELSEWHERE = [
        'rest' => '120', 'lead' => '2400', 'gap' => '3.5', 'band' => '8 to 10', 'wakes' => '51.2', 'cut-off' => '25.4',
    ];

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
        $this->hand->type('customer', 'A. Rider')->type('bike', 'A plain bike')->choose('frame_material', $material);
        $this->hand->site->has("#kind-{$kind}:checked") || $this->hand->tick("#kind-{$kind}");
        $this->hand->press('Start measuring');

        return $this;
    }

    /**
     * To where it has left the workshop.
     *
     * @param  ?callable(string): void  $after  looks at each place once something was done there
     */
    public function toTheDoor(?callable $after = null, int $most = 130): self
    {
        for ($i = 0; $i < $most; $i++) {
            if (Job::query()->sole()->handed_over_at !== null) {
                return $this;
            }
            [$place, $entries, $presses] = [$this->place(), $this->hand->entries, $this->hand->presses];
            $this->way[] = trim("{$place} {$this->first('main input[name=step], .spot input[name=spot]', 'value')}");
            $this->do($place);
            $after === null || $after($place);
            $was = $this->at[$place] ?? [0, 0];
            $this->at[$place] = [$was[0] + $this->hand->entries - $entries, $was[1] + $this->hand->presses - $presses];
        }
        throw new LogicException(
            'It never left. The last places: '.implode(', ', array_slice($this->way, -12)).'. '.mb_substr(
                $this->hand->site->text('main'), 0, 1500,
            ),
        );
    }

    private function do(string $place): void
    {
        match ($place) {
            'survey' => $this->survey(),
            'condition' => $this->condition(),
            'strip' => $this->strip(),
            'stack/rest' => $this->rest(),
            'stack/order' => $this->has('[name="here[]"]:not(:checked)') ? $this->hand->click('#all-here') : $this->onward(),
            'route' => $this->lead(),
            'route/battery' => $this->battery(),
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
        if ($this->has('.spot-answer')) {
            $this->onward();

            return;
        }
        $code = (string) $this->first('.spot input[name=spot]', 'value');
        $spot = Spot::from($code);
        $says = $this->says[$code] ?? throw new LogicException("Nobody knows what to say at {$code}.");
        if ($spot->choices() !== []) {
            $this->hand->click(".spot button[name='value'][value='{$says}']");

            return;
        }
        $row = $this->has('#row') ? SpotRow::from($spot) : null;
        if ($row !== null) {
            $this->hand->type('row', implode(' ', array_map(fn (Spot $one) => $this->says[$one->value], $row->spots)))->click('#keep-row');

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
        $this->hand->tick('input[name="rest"][value="frame"]')->choose('gap', 'nothing')->type('rest-radius', $this->also['rest'])
            ->click('#keep-rest');
    }

    private function lead(): void
    {
        $short = $this->first('.run-row:has(.verdict-fails) .own-lead input[name=supply]', 'id');
        if ($short === null) {
            $this->onward();

            return;
        }
        $this->hand->type($short, $this->also['lead'])->click("form:has(#{$short}) button");
    }

    private function battery(): void
    {
        match (true) {
            ! $this->has('.packs td.chosen') => $this->hand->click('.packs td:not(:has(.verdict-fails)) button'),
            $this->has('main [data-key="n"]') => $this->onward(),
            $this->has('#rest-fine') => $this->hand->choose('fixing', 'bosses')->click('#rest-fine'),
            default => $this->onward(),
        };
    }

    private function sensors(): void
    {
        if ($this->hand->site->value('brake-sensor-left') === '') {
            $this->hand->choose('brake-sensor-left', 'stick-on')->choose('brake-sensor-right', 'no-lever')->click('#keep-sensors');

            return;
        }
        if (! $this->isDecidingYet() && str_contains($this->hand->site->text('main'), 'Gap not measured yet')) {
            $this->hand->type('typed', $this->also['gap'])->click('#keep-gap');

            return;
        }
        $this->onward();
    }

    /** Whether nothing is built yet, so that there is no sensor to measure from. */
    private function isDecidingYet(): bool
    {
        return ! StepRecord::query()->where('sheet', 'build')->exists();
    }

    private function build(): void
    {
        if ($this->has('#put-right') || ! $this->has(self::DONE)) {
            $this->onward();

            return;
        }
        if ($this->has('#band') && $this->hand->site->value('band') === '') {
            $this->hand->type('band', $this->also['band'])->type('paper', 'the card in its bag');
        }
        if ($this->has('#torque')) {
            $asked = $this->has('#band') ? $this->hand->site->value('band') : $this->hand->site->text('#torque-band');
            preg_match('/([\d.]+) to ([\d.]+)/u', $asked, $band);
            $this->hand->type('torque', (string) round((((float) ($band[1] ?? 0)) + (float) ($band[2] ?? 0)) / 2, 2));
        }
        $this->hand->click(self::DONE);
    }

    private function prove(): void
    {
        if ($this->has('#put-right') || ! $this->has(self::DONE)) {
            $this->onward();

            return;
        }
        $code = $this->first('.step-now input[name=step]', 'value');
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
        preg_match('#/jobs/\d+/?([^?\#]*)#', $this->hand->site->address(), $found);

        return $found[1] ?? '';
    }

    /** @phpstan-impure the page may have changed since it was last asked */
    private function has(string $selector): bool
    {
        return $this->hand->site->has($selector);
    }

    private function first(string $selector, string $attribute): ?string
    {
        return $this->hand->site->attributes($selector, $attribute)[0] ?? null;
    }
}
