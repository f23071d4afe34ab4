<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Mount\BodyInFrame;
use NeatSpindle\Core\Holding\Mount\DoubtAxis;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Mount\StayAsk;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Parts\Drawer\Filling;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Span;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Sums\Margin\BreakPoints;
use NeatSpindle\Core\Sums\Margin\Fitted;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Room;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Sum;

/**
 * Builds up the stack of a yoke mount from the body's datum leftwards: drive spacers, shell, plate spacers,
 * yoke in its slot, cup. Worksheet contract, *stack, yoke*. In mm.
 */
final readonly class YokeStack implements Recipe
{
    /** How much thinner than its room what fills slot or crank may be. */
    private const SLACK = 0.5;

    private const MAX_FILL_GAP = 0.8;

    public function __construct(public BodyInFrame $body, public Yoke $yoke) {}

    public function mount(): Mount
    {
        return $this->yoke->mount();
    }

    public function solve(Picker $picker): Stack
    {
        $in = Filling::none();
        $needed = ['drive' => $this->body->neededDrive(), 'fill' => $this->fillGap($this->innerFace($in))->value];
        if (Tolerance::below($needed['fill'], 0.0)) {
            return $this->unsolved(Unsolved::ShellTooWide, $needed);
        }
        $drive = $picker->pick(Place::Drive, Span::between($needed['drive'], $needed['fill'], $needed['drive']));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }
        $in = $in->with(Place::Drive, $drive);
        $needed['plate'] = $this->fillGap($this->innerFace($in))->value;
        $plate = $picker->pick(Place::Plate, Span::snug($needed['plate'], $this->body->doubt));
        if ($plate === null) {
            return $this->unsolved(Unsolved::PlateSpacers, $needed);
        }
        $in = $in->with(Place::Plate, $plate);

        $innerFace = $this->innerFace($in);
        $outerFace = $this->outerFace($innerFace);
        $needed['slot_inner'] = $this->slotInner($innerFace)->value;
        $needed['slot_outer'] = $this->slotOuter($outerFace)->value;
        if (Tolerance::below(min($needed['slot_inner'], $needed['slot_outer']), 0.0)) {
            return $this->unsolved(Unsolved::YokeOutsideSlot, $needed);
        }
        $slotInner = $picker->pick(Place::SlotInner, $this->filling($needed['slot_inner']));
        $slotOuter = $slotInner === null
            ? $picker->byHand(Place::SlotOuter)
            : $picker->pick(Place::SlotOuter, $this->filling($needed['slot_outer']));
        $needed['crank'] = $this->underTheCrank($outerFace)->value;
        $crank = Tolerance::below($needed['crank'], 0.0)
            ? $picker->byHand(Place::Crank)
            : $picker->pick(Place::Crank, $this->filling($needed['crank']));
        $in = $in->with(Place::SlotInner, $slotInner)->with(Place::SlotOuter, $slotOuter)->with(Place::Crank, $crank);

        $cup = $this->cupEngagement($outerFace);
        $asymmetry = $this->crankAsymmetry($in);

        return Stack::solved($this->mount(), $this->body->notes(), $this->base(), $needed, $in, [
            $this->body->boreClearance(),
            $this->body->caseToChainstay($in),
            $this->body->ringToChainstay($in),
            $cup,
            $this->fillGap($innerFace),
            $this->body->guideClearance(),
            $asymmetry,
        ], new YokeArrangement($innerFace->value, $cup->value, $this->body->ringOutboard($in), $asymmetry?->signed()));
    }

    public function settled(Scenario $scenario): self
    {
        return new self($this->body->settled($scenario), $this->yoke);
    }

    public function axes(): array
    {
        $innerFace = $this->innerFace(Filling::none());
        $outerFace = $this->outerFace($innerFace);

        return [
            $this->body->driveAxis(),
            new DoubtAxis(Doubtful::Width, Place::Crank, BreakPoints::of([
                $this->fillGap($innerFace)->along(Doubtful::Width),
                $this->slotInner($innerFace)->along(Doubtful::Width),
                $this->slotOuter($outerFace)->along(Doubtful::Width),
                $this->underTheCrank($outerFace)->along(Doubtful::Width),
            ])),
        ];
    }

    public function layout(Stack $stack): ?YokeLayout
    {
        return $stack->arrangement instanceof YokeArrangement ? new YokeLayout($this, $stack, $stack->arrangement) : null;
    }

    public function steps(Stack $stack, Circumstances $circumstances, ?Reach $reach = null): ?YokeSteps
    {
        return $stack->arrangement instanceof YokeArrangement ? new YokeSteps(
            $stack, $circumstances->fastening->cupHand, $circumstances->fastening->hasHanger, $this->yoke->spindleRight === null,
        ) : null;
    }

    public function reach(Stack $stack, NutSocket $socket): null
    {
        return null;
    }

    public function stayAsk(): ?StayAsk
    {
        return $this->body->stayAsk();
    }

    public function madeSleeve(Stack $stack): null
    {
        return null;
    }

    /** From the datum to the yoke's right face. */
    private function innerFace(Filling $in): Sum
    {
        return new Sum([Fitted::in(Place::Plate, $in)], $this->body->leftOfTheShell($in));
    }

    /** From the datum to the yoke's left face. */
    private function outerFace(Sum $innerFace): Sum
    {
        return new Sum([[Source::Catalogue, 'Yoke', $this->yoke->thickness]], $innerFace);
    }

    private function fillGap(Sum $innerFace): Margin
    {
        return new Margin(
            MarginName::FillGap,
            $innerFace,
            new Sum([[Source::Catalogue, 'Body’s base', $this->yoke->base]]),
            self::MAX_FILL_GAP,
        );
    }

    /** Null where nobody has said where the right crank sits. */
    private function crankAsymmetry(Filling $in): ?Margin
    {
        return $this->yoke->spindleRight === null ? null : $this->body->crankAsymmetry($in, $this->yoke->spindleRight, [
            Source::Catalogue, 'Mark of the left crank', -$this->yoke->crankMarker,
        ]);
    }

    private function cupEngagement(Sum $outerFace): Margin
    {
        $end = $this->yoke->bodyThreadEnd;

        return new Margin(
            MarginName::CupEngagement,
            (new Sum([[Source::Catalogue, 'Cup’s reach', -$this->yoke->cupReach]], $outerFace))
                ->atLeast($end - $this->yoke->bodyThreadDepth, 'No more than the thread is deep')
                ->atMost($end, 'No thread is reached'),
            new Sum([[Source::Catalogue, 'Where the body’s thread ends', $end]]),
            $this->yoke->cupMinEngagement,
        );
    }

    private function slotInner(Sum $innerFace): Room
    {
        return new Room(new Sum([[Source::Catalogue, 'Where the slot starts', $this->yoke->slotStart]]), $innerFace);
    }

    private function slotOuter(Sum $outerFace): Room
    {
        return new Room($outerFace, new Sum([[Source::Catalogue, 'Where the slot ends', $this->yoke->slotEnd]]));
    }

    private function underTheCrank(Sum $outerFace): Room
    {
        return new Room(
            new Sum([[Source::Catalogue, 'Collar', $this->yoke->collarThickness]], $outerFace),
            new Sum([[Source::Catalogue, 'The crank’s mark', $this->yoke->crankMarker]]),
        );
    }

    private function filling(float $room): Span
    {
        return Span::between($room - self::SLACK, $room, $room);
    }

    /** @return array<string, float> */
    private function base(): array
    {
        return ['effective_width_mm' => $this->body->width];
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved($this->mount(), $step, $this->body->notes(), $this->base(), $needed);
    }
}
