<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Donor\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Mount\DoubtAxis;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Holding\Mount\Stack;
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
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Sum;

/**
 * Builds up what hangs a twin-plate motor beside the shell: drive spacers that bring the pinion in line with
 * the ring, left spacers that fill the rest of the width, crank spacers. Worksheet contract, *stack,
 * twin-plate*. In mm.
 */
final readonly class TwinPlateStack implements Recipe
{
    public const DRIVE_TOLERANCE = 0.5;

    private const CRANK_SLACK = 2.0;

    /** So much more of the arm sits on the spindle than must: the deeper the better, as far as it clears plate and frame. */
    private const CRANK_DEEPER = 1.0;

    private const MAX_MISALIGNMENT = 0.5;

    private const MAX_LEFT_GAP = 0.8;

    public Bike $bike;

    public function __construct(public Site $site, private Entry $entry, public TwinPlate $plates, public TwinPlateMeasures $measures)
    {
        $this->bike = $site->bike;
    }

    public function mount(): Mount
    {
        return $this->plates->mount();
    }

    public function solve(Picker $picker): Stack
    {
        $in = Filling::none();
        $needed = ['drive' => -$this->alignment($in)->signed()];
        if (Tolerance::below($needed['drive'], 0.0)) {
            return $this->unsolved(Unsolved::PinionInboardOfRing, $needed);
        }
        $drive = $picker->pick(Place::Drive, Span::between(
            $needed['drive'] - self::DRIVE_TOLERANCE,
            $needed['drive'] + self::DRIVE_TOLERANCE,
            $needed['drive'],
        ));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }
        $in = $in->with(Place::Drive, $drive);

        $needed['left'] = $this->leftGap($in)->value;
        if (Tolerance::below($needed['left'], 0.0)) {
            return $this->unsolved(Unsolved::MotorTooWide, $needed);
        }
        $left = $picker->pick(Place::Left, Span::snug($needed['left'], $this->bike->shell->width->plusMinus));

        $needed['crank_at_most'] = -$this->insertion($in)->shortOfClear();
        $crank = Tolerance::below($needed['crank_at_most'], 0.0)
            ? $picker->byHand(Place::Crank)
            : $picker->pick(Place::Crank, self::crankSpan($needed['crank_at_most']));
        $in = $in->with(Place::Left, $left)->with(Place::Crank, $crank);

        return Stack::solved($this->mount(), $this->notes(), [], $needed, $in, [
            $this->alignment($in),
            $crank === null ? null : $this->insertion($in),
            $left === null ? null : $this->leftGap($in),
        ], new TwinPlateArrangement($this->alignment($in)->signed()));
    }

    /** @param  float  $atMost so much lets the arm sit on the spindle as far as it must */
    public static function crankSpan(float $atMost): Span
    {
        return Span::between(max(0.0, $atMost - self::CRANK_SLACK), $atMost, max(0.0, $atMost - self::CRANK_DEEPER));
    }

    public function settled(Scenario $scenario): self
    {
        $site = $this->site->settled($scenario);

        return new self($site, $this->entry, $this->plates, $site->bike->twinPlate ?? $this->measures);
    }

    public function axes(): array
    {
        $none = Filling::none();

        return [
            new DoubtAxis(
                Doubtful::FirstChain, Place::Drive, BreakPoints::ofTwoSided([$this->alignment($none)->along(Doubtful::FirstChain)]),
            ),
            new DoubtAxis(Doubtful::Width, Place::Left, BreakPoints::of([$this->leftGap($none)->along(Doubtful::Width)])),
            new DoubtAxis(
                Doubtful::CrankGap, Place::Crank, BreakPoints::ofTwoSided([$this->insertion($none)->shortAlong(Doubtful::CrankGap)]),
            ),
        ];
    }

    public function layout(Stack $stack): ?TwinPlateLayout
    {
        return $stack->arrangement instanceof TwinPlateArrangement ? new TwinPlateLayout($this, $stack) : null;
    }

    public function steps(Stack $stack, Circumstances $circumstances, ?Reach $reach = null): ?TwinPlateSteps
    {
        $hasCassette = ! $this->site->bike->rear->hasOneCog();

        return $stack->arrangement instanceof TwinPlateArrangement ? new TwinPlateSteps(
            $stack, $this->plates, $hasCassette, $circumstances->found->answers, $this->site->bike->shell->threaded, $circumstances->found->fitted->bracketStays(),
        ) : null;
    }

    public function reach(Stack $stack, NutSocket $socket): null
    {
        return null;
    }

    public function stayAsk(): null
    {
        return null;
    }

    public function madeSleeve(Stack $stack): null
    {
        return null;
    }

    /** From the pinion's plane out to the ring's; from the shell's drive face both. */
    private function alignment(Filling $in): Margin
    {
        return new Margin(
            MarginName::PrimaryAlignment,
            new Sum([
                [Source::PinionToFace, 'Pinion to its plate’s face', $this->measures->pinionToFace],
                [Source::Catalogue, 'Two plates', -2 * $this->plates->plateThickness],
                Fitted::in(Place::Drive, $in, -1.0),
            ]),
            new Sum([[Source::RingToPlate, 'Ring to plate', $this->measures->ringToPlate]]),
            self::MAX_MISALIGNMENT,
        );
    }

    /** From the crank out to the end of its taper or spline; from the bearing's stop both. */
    private function insertion(Filling $in): Margin
    {
        return new Margin(
            MarginName::CrankInsertion,
            new Sum([Fitted::in(Place::Crank, $in)]),
            new Sum([[Source::CrankGap, 'Crank gap', $this->measures->crankGap]]),
            $this->plates->minInsertion,
        );
    }

    /** From what stands left of the motor to the shell's left face; from its drive face both. */
    private function leftGap(Filling $in): Margin
    {
        return new Margin(
            MarginName::LeftGap,
            new Sum([
                Fitted::in(Place::Drive, $in),
                [Source::Catalogue, 'Two plates', 2 * $this->plates->plateThickness],
                [Source::Catalogue, 'Motor', $this->plates->motorWidth],
                Fitted::in(Place::Left, $in),
            ]),
            new Sum([[Source::ShellWidth, 'Shell’s width', $this->bike->shell->width]]),
            self::MAX_LEFT_GAP,
        );
    }

    /** @return list<Note> */
    private function notes(): array
    {
        return $this->entry->objection === null ? [] : [$this->entry->objection];
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved($this->mount(), $step, $this->notes(), [], $needed);
    }
}
