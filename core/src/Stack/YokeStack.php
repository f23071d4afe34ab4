<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Bike\Doubtful;
use NeatSpindle\Core\Bike\Truth;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\Yoke;
use NeatSpindle\Core\Measure\Tolerance;

/**
 * Builds up the stack of a yoke mount from the body's datum leftwards: drive spacers, shell, plate spacers,
 * yoke in its slot, cup. Worksheet contract, *stack, yoke*. In mm.
 */
final readonly class YokeStack implements Recipe
{
    /** How much thinner than its room what fills slot or crank may be. */
    private const SLACK = 0.5;

    private const MAX_FILL_GAP = 0.8;

    public function __construct(
        public Footing $footing,
        public Yoke $yoke,
    ) {}

    public function mount(): Mount
    {
        return Mount::Yoke;
    }

    public function solve(Picker $picker): Stack
    {
        $needed = ['drive' => $this->footing->neededDrive(), 'fill' => $this->yoke->base - $this->footing->width];
        if (Tolerance::below($needed['fill'], 0.0)) {
            return $this->unsolved(Unsolved::ShellTooWide, $needed);
        }
        $drive = $picker->pick(Place::Drive, Span::between($needed['drive'], $needed['fill'], $needed['drive']));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }
        $needed['plate'] = $needed['fill'] - $drive->sum;
        $plate = $picker->pick(Place::Plate, Span::snug($needed['plate'], $this->footing->doubt));
        if ($plate === null) {
            return $this->unsolved(Unsolved::PlateSpacers, $needed);
        }

        $inner = $drive->sum + $this->footing->width + $plate->sum;
        $needed['slot_inner'] = $inner - $this->yoke->slotStart;
        $needed['slot_outer'] = $this->yoke->slotEnd - $inner - $this->yoke->thickness;
        if (Tolerance::below(min($needed['slot_inner'], $needed['slot_outer']), 0.0)) {
            return $this->unsolved(Unsolved::YokeOutsideSlot, $needed);
        }
        $slotInner = $picker->pick(Place::SlotInner, $this->filling($needed['slot_inner']));
        $slotOuter = $slotInner === null
            ? $picker->byHand(Place::SlotOuter)
            : $picker->pick(Place::SlotOuter, $this->filling($needed['slot_outer']));
        $needed['crank'] = $this->yoke->crankMarker - ($inner + $this->yoke->thickness + $this->yoke->collarThickness);
        $crank = Tolerance::below($needed['crank'], 0.0)
            ? $picker->byHand(Place::Crank)
            : $picker->pick(Place::Crank, $this->filling($needed['crank']));

        $fit = new YokeFit($inner, $this->cupEngagement($inner), $this->footing->ringOutboard($drive->sum));

        return Stack::solved(
            Mount::Yoke,
            $this->footing->notes(),
            $this->base(),
            $needed,
            ['drive' => $drive, 'plate' => $plate, 'slot_inner' => $slotInner, 'slot_outer' => $slotOuter, 'crank' => $crank],
            $this->margins($drive->sum, $needed['plate'] - $plate->sum, $fit),
            $fit,
        );
    }

    public function sum(Stack $stack, MarginName $margin): array
    {
        $fill = [
            Term::spacers(Place::Drive, -$stack->sumAt(Place::Drive)),
            ...array_map(fn (Term $term) => $term->times(-1.0), $this->footing->widthTerms()),
            Term::spacers(Place::Plate, -$stack->sumAt(Place::Plate)),
        ];

        return match ($margin) {
            MarginName::FillGap => [Term::catalogue('Body’s base', $this->yoke->base), ...$fill],
            MarginName::CupEngagement => $this->cupTerms($fill),
            default => $this->footing->sum($stack, $margin) ?? [],
        };
    }

    public function settled(Truth $truth): self
    {
        return new self($this->footing->settled($truth), $this->yoke);
    }

    public function axes(): array
    {
        $flanges = 2 * $this->footing->flange;

        return [
            new Axis(Doubtful::Chainstay, Place::Drive, BreakPoints::ofLargest($this->footing->driveDemands())),
            new Axis(Doubtful::Width, Place::Crank, BreakPoints::of($this->footing->bike->shell->width, [
                $flanges - $this->yoke->base,
                $flanges - $this->yoke->slotStart,
                $flanges + $this->yoke->thickness - $this->yoke->slotEnd,
                $flanges + $this->yoke->thickness + $this->yoke->collarThickness - $this->yoke->crankMarker,
            ])),
        ];
    }

    /**
     * @param  list<Term>  $fill
     * @return list<Term>
     */
    private function cupTerms(array $fill): array
    {
        $terms = [
            Term::catalogue('Cup’s reach', $this->yoke->cupReach),
            ...$fill,
            Term::catalogue('Yoke', -$this->yoke->thickness),
            Term::catalogue('Where the body’s thread ends', $this->yoke->bodyThreadEnd),
        ];
        $reach = array_sum(array_map(fn (Term $term) => $term->value, $terms));
        $engaged = max(0.0, min($this->yoke->bodyThreadDepth, $reach));

        return abs($engaged - $reach) < Tolerance::EPSILON
            ? $terms
            : [...$terms, Term::rule($engaged > 0.0 ? 'No more than the thread is deep' : 'No thread is reached', $engaged - $reach)];
    }

    /** @return array<string, float> */
    private function base(): array
    {
        return ['effective_width_mm' => $this->footing->width];
    }

    private function filling(float $room): Span
    {
        return Span::between($room - self::SLACK, $room, $room);
    }

    private function cupEngagement(float $inner): float
    {
        $reach = $this->yoke->cupReach - ($inner + $this->yoke->thickness - $this->yoke->bodyThreadEnd);

        return max(0.0, min($this->yoke->bodyThreadDepth, $reach));
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved(Mount::Yoke, $step, $this->footing->notes(), $this->base(), $needed);
    }

    /** @return list<?Margin> */
    private function margins(float $drive, float $leftOpen, YokeFit $fit): array
    {
        return [
            $this->footing->boreClearance(),
            $this->footing->caseToChainstay($drive),
            $this->footing->ringToChainstay($drive),
            new Margin(MarginName::CupEngagement, $fit->cupEngagement, $this->footing->doubt, $this->yoke->cupMinEngagement),
            new Margin(MarginName::FillGap, $leftOpen, $this->footing->doubt, self::MAX_FILL_GAP),
            $this->footing->guideClearance(),
        ];
    }
}
