<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Donor\Bike\Scenario;
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
use NeatSpindle\Core\Sums\Adapter\SleeveToMeasure;
use NeatSpindle\Core\Sums\Margin\BreakPoints;
use NeatSpindle\Core\Sums\Margin\Fitted;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Sum;

/**
 * Builds up the stack of a sleeve mount from the shoulder leftwards: drive spacers, shell, plate spacers,
 * seat, plate, nut spacers, nut, lock ring. Worksheet contract, *stack, sleeve*. In mm.
 */
final readonly class SleeveStack implements Recipe
{
    /** How much more than needed a set of drive spacers may be. */
    private const DRIVE_ALLOWANCE = 25.0;

    private const PLATE_ALLOWANCE = 10.0;

    private const NUT_ALLOWANCE = 10.0;

    private float $seat;

    public function __construct(public BodyInFrame $body, public Sleeve $sleeve)
    {
        $this->seat = $sleeve->plate->toothHeight * (1 - $body->bike->material->bite());
    }

    public function mount(): Mount
    {
        return $this->sleeve->mount();
    }

    public function solve(Picker $picker): Stack
    {
        $in = Filling::none();
        $needed = ['drive' => $this->body->neededDrive()];
        $drive = $picker->pick(Place::Drive, Span::atLeast($needed['drive'], self::DRIVE_ALLOWANCE));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }
        $in = $in->with(Place::Drive, $drive);
        $shell = $this->body->leftOfTheShell($in);

        $needed['plate'] = max(0.0, $this->bossGap($in, $this->plateInnerFace($in, $shell))->shortOfLimit());
        $plate = $picker->pick(Place::Plate, Span::atLeast($needed['plate'], self::PLATE_ALLOWANCE));
        if ($plate === null) {
            return $this->unsolved(Unsolved::PlateSpacers, $needed);
        }
        $in = $in->with(Place::Plate, $plate);
        $innerFace = $this->plateInnerFace($in, $shell);
        $outerFace = $this->plateOuterFace($innerFace);

        $needed['boss'] = $this->bossGap($in, $innerFace)->value;
        $washers = $picker->pick(Place::Boss, Span::snug($needed['boss'], $this->body->doubt));

        $needed['nut'] = max(0.0, $this->threadStart($outerFace)->shortOfClear());
        $nut = $picker->pick(Place::Nut, Span::atLeast($needed['nut'], self::NUT_ALLOWANCE));
        if ($nut === null) {
            return $this->unsolved(Unsolved::NutSpacers, $needed);
        }
        $in = $in->with(Place::Nut, $nut)->with(Place::Boss, $washers);
        $nutFace = $this->nutFace($in, $outerFace);
        $asymmetry = $this->crankAsymmetry($in);

        return Stack::solved($this->mount(), $this->body->notes($this->bitesCarbon()), $this->base(), $needed, $in, [
            $this->body->boreClearance(),
            $this->body->caseToChainstay($in),
            $this->body->ringToChainstay($in),
            $washers === null ? null : $this->bossGap($in, $innerFace),
            $this->threadStart($nutFace),
            ...$this->threadLeft($nutFace),
            $this->body->guideClearance(),
            $asymmetry,
        ], $this->arrangement($needed['boss'], $outerFace->value, $nutFace->value, $asymmetry->signed(), $this->body->ringOutboard($in)));
    }

    public function settled(Scenario $scenario): self
    {
        return new self($this->body->settled($scenario), $this->sleeve);
    }

    public function axes(): array
    {
        $none = Filling::none();
        $innerFace = $this->plateInnerFace($none, $this->body->leftOfTheShell($none));

        return [
            $this->body->driveAxis(),
            new DoubtAxis(Doubtful::Width, Place::Nut, BreakPoints::of([
                $this->bossGap($none, $innerFace)->along(Doubtful::Width),
                $this->threadStart($this->plateOuterFace($innerFace))->shortAlong(Doubtful::Width),
            ])),
        ];
    }

    public function layout(Stack $stack): ?SleeveLayout
    {
        return $stack->arrangement instanceof SleeveArrangement ? new SleeveLayout($this, $stack, $stack->arrangement) : null;
    }

    public function steps(Stack $stack, Circumstances $circumstances, ?Reach $reach = null): ?SleeveSteps
    {
        return $stack->arrangement instanceof SleeveArrangement
            ? new SleeveSteps($stack, $stack->arrangement, $this->sleeve, $circumstances->fastening->house, $reach) : null;
    }

    public function stayAsk(): ?StayAsk
    {
        return $this->body->stayAsk();
    }

    public function madeSleeve(Stack $stack): ?SleeveToMeasure
    {
        $at = $stack->arrangement;

        return ! $at instanceof SleeveArrangement ? null : SleeveToMeasure::reaching(
            $at->plateOuterFace,
            $at->nutFace + $this->sleeve->nutsThickness(),
            $this->sleeve->body->boreFill,
            $this->sleeve->nut->threadMajor,
            $this->sleeve->threadPitch,
            $this->sleeve->length,
            $this->body->doubt,
        );
    }

    public function reach(Stack $stack, NutSocket $socket): ?Reach
    {
        return ! $stack->arrangement instanceof SleeveArrangement || $this->sleeve->spindleOuter === null ? null
            : Reach::of($socket, $this->sleeve->spindleOuter, $this->sleeve->spindleLeft - $stack->arrangement->nutFace, $this->sleeve->doesSpindleComeOut);
    }

    private function bossGap(Filling $in, Sum $innerFace): Margin
    {
        return new Margin(
            MarginName::BossGap,
            new Sum([[Source::Catalogue, 'Boss, from the shoulder', $this->sleeve->bossPlane], Fitted::in(Place::Boss, $in)]),
            $innerFace,
            0.0,
        );
    }

    private function threadStart(Sum $nutFace): Margin
    {
        return new Margin(
            MarginName::ThreadStart,
            new Sum([[Source::Catalogue, 'Where the thread begins', $this->sleeve->threadStart()]]),
            $nutFace,
            $this->sleeve->threadPitch,
        );
    }

    /** @return non-empty-list<Margin> the thread that is left for the nut, and the lock ring where there is one */
    private function threadLeft(Sum $nutFace): array
    {
        $end = new Sum([[Source::Catalogue, 'Sleeve’s length', $this->sleeve->length]]);
        $nut = new Margin(MarginName::NutEngagement, $nutFace, $end, $this->sleeve->nut->minEngagement);
        if ($this->sleeve->lockring === null) {
            return [$nut];
        }
        $lockringFace = new Sum([[Source::Catalogue, 'Nut’s thickness', $this->sleeve->nut->thickness]], $nutFace);

        return [$nut, new Margin(MarginName::LockringEngagement, $lockringFace, $end, $this->sleeve->lockring->minEngagement)];
    }

    private function crankAsymmetry(Filling $in): Margin
    {
        return $this->body->crankAsymmetry($in, $this->sleeve->spindleRight, [
            Source::Catalogue, 'Spindle’s left end', -$this->sleeve->spindleLeft,
        ]);
    }

    /** From the shoulder to the plate's right face. */
    private function plateInnerFace(Filling $in, Sum $leftOfTheShell): Sum
    {
        return new Sum([Fitted::in(Place::Plate, $in), [Source::Catalogue, 'Seat of the plate’s teeth', $this->seat]], $leftOfTheShell);
    }

    /** From the shoulder to the plate's left face. */
    private function plateOuterFace(Sum $innerFace): Sum
    {
        return new Sum([[Source::Catalogue, 'Plate', $this->sleeve->plate->thickness]], $innerFace);
    }

    /** From the shoulder to the nut. */
    private function nutFace(Filling $in, Sum $outerFace): Sum
    {
        return new Sum([Fitted::in(Place::Nut, $in)], $outerFace);
    }

    private function arrangement(float $bossGap, float $outerFace, float $nutFace, float $asymmetry, float $ringOutboard): SleeveArrangement
    {
        $reach = $this->sleeve->plate->thickness + $bossGap;
        $bolt = $this->sleeve->bossBolt->shortestThrough($reach);
        $threadLeft = $this->sleeve->length - $nutFace;

        return new SleeveArrangement(
            plateOuterFace: $outerFace,
            nutFace: $nutFace,
            boltLength: $bolt,
            boltEngagement: $bolt === null ? null : $bolt - $reach,
            nutEngagement: max(0.0, min($this->sleeve->nut->thickness, $threadLeft)),
            lockringEngagement: $this->sleeve->lockring === null ? null : max(
                0.0, min($this->sleeve->lockring->thickness, $threadLeft - $this->sleeve->nut->thickness),
            ),
            threadPitch: $this->sleeve->threadPitch,
            crankAsymmetry: $asymmetry,
            ringOutboard: $ringOutboard,
        );
    }

    private function bitesCarbon(): bool
    {
        return $this->sleeve->plate->isToothed() && $this->body->bike->material === FrameMaterial::Carbon;
    }

    /** @return array<string, float> */
    private function base(): array
    {
        return ['effective_width_mm' => $this->body->width, 'seat_mm' => $this->seat];
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved($this->mount(), $step, $this->body->notes($this->bitesCarbon()), $this->base(), $needed);
    }
}
