<?php

declare(strict_types=1);

namespace App\View\Line;

use App\Assembly\Findings;
use App\Assembly\MountedRing;
use App\Bench\OpenJob;
use App\Bench\Rings;
use App\Models\Stage;
use App\View\Drawings\GearsView;
use App\View\Drawings\LineView;
use App\View\Job\JobPage;
use App\View\Job\Obstacle;
use NeatSpindle\Core\Choosing\Fit\RingChoice;
use NeatSpindle\Core\Choosing\Fit\RingOption;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Line\CogLine;
use NeatSpindle\Core\Sums\Line\LineVerdict;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_slice;
use function count;
use function in_array;
use function is_array;

class LinePage extends JobPage
{
    private ?RingChoice $choice = null;

    /** @param  mixed  $compare  codes of rings to set side by side, from the address */
    public function __construct(OpenJob $opened, private readonly mixed $compare = null)
    {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Line;
    }

    public function chainline(): ?Chainline
    {
        return $this->opened->worksheet()?->chainline;
    }

    /** The chain that is needed; null while the stack is not computed. */
    public function chain(): ?NewChain
    {
        $worksheet = $this->opened->worksheet();

        return $worksheet === null ? null : new NewChain($worksheet->chain, $worksheet->job->bike->rear);
    }

    /** A twin-plate motor's stack says nothing of a chainline. */
    public function twinPlateHasNoLine(): bool
    {
        return $this->opened->worksheet()?->stack->mount->placesTheRing() === false;
    }

    public function angle(CogLine $cog): string
    {
        return number_format(Rounding::halfAway($cog->angle), 2).'°';
    }

    public function verdictOf(CogLine $cog): Verdict
    {
        return match ($cog->verdict) {
            LineVerdict::Straight => Verdict::Clear,
            LineVerdict::Usable => Verdict::Tight,
            LineVerdict::Avoid => Verdict::Fails,
        };
    }

    /** The reading that would settle the cogs that may still turn: the one with the most doubt in it. Null where none may. */
    public function toTakeAgain(): ?Spot
    {
        $worksheet = $this->opened->worksheet();
        if ($worksheet === null || array_filter($worksheet->chainline->cogs ?? [], fn (CogLine $cog) => ! $cog->isSettled) === []) {
            return null;
        }
        $doubts = Chainline::doubts($worksheet->job->bike);

        return match (max($doubts)) {
            $doubts['shell'] => Spot::ShellWidth,
            $doubts['locknuts'] => Spot::OverLocknuts,
            default => Spot::CogInset,
        };
    }

    public function tyre(): TyreBeside
    {
        return new TyreBeside($this->opened);
    }

    /** How far apart the cogs are taken to stand, where nobody has measured it. */
    public function toldCogPitch(): ?string
    {
        $findings = $this->opened->findings;
        $mm = $findings->mm(Spot::CogPitch) === null ? $findings->usualCogPitch() : null;

        return $mm === null ? null : $this->unit->show($mm);
    }

    public function drawing(): ?LineView
    {
        $worksheet = $this->opened->worksheet();

        return $worksheet?->chainline === null ? null : new LineView(
            $worksheet->chainline,
            $worksheet->job->bike->rear->chainstayLength->value,
            $worksheet->job->bike->rear->use,
            $this->choice()->options === [] ? null : $this->current()?->clearance(),
            $this->unit,
        );
    }

    /** @return list<float> a weight for each cog, smallest first */
    public function weights(): array
    {
        return $this->opened->worksheet()->job->bike->rear->use ?? [];
    }

    /** As they were given, so that nobody takes the place of another's unseen; empty where nobody gave any. */
    public function weightsSeen(): string
    {
        return $this->job->answers->firstWhere('question', Findings::USE)->value ?? '';
    }

    public function choice(): RingChoice
    {
        return $this->choice ??= $this->opened->the(Rings::class)->choice ?? abort(404);
    }

    public function isFitted(RingOption $option): bool
    {
        return $option->ring->code === $this->opened->worksheet()?->job->kit->ring->code;
    }

    public function mounted(RingOption $option): MountedRing
    {
        return $this->opened->catalogue->parts->mounted[$option->ring->code] ?? abort(404);
    }

    /** What stands against a ring; null when nothing does. */
    public function whyOut(RingOption $option): ?string
    {
        return match (true) {
            ! $option->boltsOn => $this->whyItDoesNotBolt($option),
            $option->isOut() => Obstacle::of($option->stack, $this->unit),
            default => null,
        };
    }

    public function clearance(?Margin $margin): string
    {
        return $margin === null ? 'not measured' : $this->unit->show($margin->value);
    }

    public function length(?float $mm): string
    {
        return $mm === null ? '–' : $this->unit->show(Rounding::halfAway($mm));
    }

    /** @return list<string> what is worth knowing of a ring beside its sums */
    public function remarks(RingOption $option): array
    {
        $mounted = $this->mounted($option);
        $circle = $mounted->ring->boltCircle;
        $spider = $mounted->mounting->spider;

        return array_values(array_filter([
            $circle !== null ? 'bolt circle '.$this->unit->showCoarse($circle) : null,
            match (true) {
                ! $mounted->ring->isNarrowWide => null,
                $option->ring->teeth % 2 === 0 => 'narrow-wide: wide plates on the wide teeth',
                default => 'narrow-wide with an odd count: the chain rides wrong every other turn',
            },
            $mounted->ring->takesGuard ? 'takes a guard' : null,
            $mounted->mounting->isTurned ? 'turned round: its dish goes the other way' : null,
            $spider === null ? null : ($mounted->mounting->isInside
                ? "on the inner face of spider {$spider->label()}: its own thickness further in"
                : "on the outer face of spider {$spider->label()}: ".$this->unit->show($spider->thickness).' further out'),
        ]));
    }

    public function isCompared(RingOption $option): bool
    {
        return is_array($this->compare) && in_array($option->ring->code, $this->compare, true);
    }

    /** @return list<RingOption> two to set side by side; none unless two were asked for */
    public function compared(): array
    {
        $compared = array_values(array_filter($this->choice()->options, $this->isCompared(...)));

        return count($compared) >= 2 ? array_slice($compared, 0, 2) : [];
    }

    public function gearsOf(RingOption $option): GearsView
    {
        return new GearsView($option->gears, $this->opened->worksheet()->job->kit->motor->maxCrankRpm ?? 90.0);
    }

    private function whyItDoesNotBolt(RingOption $option): string
    {
        $mounted = $this->mounted($option);
        $face = $this->opened->motor()?->ringBoltCircle;

        return $mounted->mounting->spider !== null
            ? "Spider {$mounted->mounting->spider->label()} does not bolt to this motor."
            : 'Bolt circle '.$this->unit->showCoarse((float) $mounted->ring->boltCircle).', the motor’s is '.$this->unit->showCoarse((float) $face)
                .': it takes a spider that has both, and the catalogue has none.';
    }

    private function current(): ?RingOption
    {
        foreach ($this->choice()->options as $option) {
            if ($this->isFitted($option)) {
                return $option;
            }
        }

        return null;
    }
}
