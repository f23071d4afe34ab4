<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Ring;
use App\Models\Stage;
use App\View\Drawings\GearsView;
use App\View\Drawings\LineView;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Line\Chain;
use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Line\RingChoice;
use NeatSpindle\Core\Line\RingOption;
use NeatSpindle\Core\Measure\Rounding;
use NeatSpindle\Core\Stack\Margin;

use function array_slice;
use function count;
use function in_array;
use function is_array;

class LinePage extends JobPage
{
    /** A chain as it is sold, in links. */
    private const SOLD = 116;

    private ?RingChoice $choice = null;

    /** @param  mixed  $compare  codes of rings to set side by side, from the address */
    public function __construct(JobSheet $sheet, private readonly mixed $compare = null)
    {
        parent::__construct($sheet);
    }

    public function stage(): Stage
    {
        return Stage::Line;
    }

    public function chainline(): ?Chainline
    {
        return $this->sheet->chosenWorksheet()?->chainline;
    }

    public function chain(): ?Chain
    {
        return $this->sheet->chosenWorksheet()?->chain;
    }

    /** A twin-plate motor's stack says nothing of a chainline. */
    public function twinPlateHasNoLine(): bool
    {
        return $this->sheet->chosenWorksheet()?->stack->mount === Mount::TwinPlate;
    }

    public function hasDerailleur(): bool
    {
        return count($this->weights()) > 1;
    }

    /** How many pieces as they are sold make the chain. */
    public function stretchesOfChain(): int
    {
        return (int) ceil(($this->chain()->links ?? 1) / self::SOLD);
    }

    public function wornAt(): string
    {
        $worksheet = $this->sheet->chosenWorksheet();

        return $worksheet === null ? '' : (string) Chain::wornAt($worksheet->job->bike->rear);
    }

    public function drawing(): ?LineView
    {
        $worksheet = $this->sheet->chosenWorksheet();

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
        return $this->sheet->chosenWorksheet()->job->bike->rear->use ?? [];
    }

    public function choice(): RingChoice
    {
        return $this->choice ??= RingChoice::of($this->sheet->chosenWorksheet() ?? abort(404));
    }

    public function isFitted(RingOption $option): bool
    {
        return $option->ring->code === $this->sheet->chosenWorksheet()?->job->kit->ring->code;
    }

    public function ring(RingOption $option): Ring
    {
        return $this->sheet->catalogue->rings->firstWhere('code', Ring::plainCode($option->ring->code)) ?? abort(404);
    }

    public function isTurned(RingOption $option): bool
    {
        return Ring::plainCode($option->ring->code) !== $option->ring->code;
    }

    /** What stands against a ring; null when nothing does. */
    public function whyOut(RingOption $option): ?string
    {
        return $option->isOut() ? Obstacle::of($option->stack, $this->unit) : null;
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
        $details = $this->ring($option)->details ?? [];
        $bolts = $details['bolt_circle_mm'] ?? null;

        return array_values(array_filter([
            is_numeric($bolts) ? 'bolt circle '.$this->unit->showCoarse((float) $bolts) : null,
            ($details['narrow_wide'] ?? false) === true ? ($option->ring->teeth % 2 === 0 ? 'narrow-wide: wide plates on the wide teeth' : 'narrow-wide with an odd count: the chain rides wrong every other turn') : null,
            ($details['guard'] ?? false) === true ? 'takes a guard' : null,
            $this->isTurned($option) ? 'turned round: its dish goes the other way' : null,
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
        return new GearsView($option->gears, $this->sheet->chosenWorksheet()->job->kit->motor->maxCrankRpm ?? 90.0);
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
