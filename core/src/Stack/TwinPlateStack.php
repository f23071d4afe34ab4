<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Bike\Bike;
use NeatSpindle\Core\Bike\Doubtful;
use NeatSpindle\Core\Bike\Truth;
use NeatSpindle\Core\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\TwinPlate;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Measure\Tolerance;
use NeatSpindle\Core\Shell\Identification;

/**
 * Builds up what hangs a twin-plate motor beside the shell: drive spacers that bring the pinion in line with
 * the ring, left spacers that fill the rest of the width, crank spacers. Worksheet contract, *stack,
 * twin-plate*. In mm.
 */
final readonly class TwinPlateStack implements Recipe
{
    private const DRIVE_TOLERANCE = 0.5;

    private const CRANK_SLACK = 2.0;

    private const MAX_MISALIGNMENT = 0.5;

    private const MAX_LEFT_GAP = 0.8;

    public function __construct(
        public Bike $bike,
        private Identification $identification,
        private Motor $motor,
        public TwinPlate $plates,
        public TwinPlateMeasures $measures,
        private ?Insert $insert,
    ) {}

    public function mount(): Mount
    {
        return Mount::TwinPlate;
    }

    public function solve(Picker $picker): Stack
    {
        $needed = ['drive' => $this->measures->pinionToFace->value - $this->measures->ringToPlate->value - 2 * $this->plates->plateThickness];
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

        $width = $this->bike->shell->width;
        $needed['left'] = $width->value - $drive->sum - 2 * $this->plates->plateThickness - $this->plates->motorWidth;
        if (Tolerance::below($needed['left'], 0.0)) {
            return $this->unsolved(Unsolved::MotorTooWide, $needed);
        }
        $left = $picker->pick(Place::Left, Span::snug($needed['left'], $width->plusMinus));

        $gap = $this->measures->crankGap;
        $needed['crank_at_most'] = $gap->value - $this->plates->minInsertion - $gap->plusMinus;
        $crank = Tolerance::below($needed['crank_at_most'], 0.0)
            ? $picker->byHand(Place::Crank)
            : $picker->pick(Place::Crank, Span::between($needed['crank_at_most'] - self::CRANK_SLACK, $needed['crank_at_most'], $needed['crank_at_most']));

        $alignment = $drive->sum - $needed['drive'];

        return Stack::solved(
            Mount::TwinPlate,
            $this->notes(),
            [],
            $needed,
            ['drive' => $drive, 'left' => $left, 'crank' => $crank],
            [
                new Margin(MarginName::PrimaryAlignment, abs($alignment), $this->alignmentDoubt(), self::MAX_MISALIGNMENT),
                $crank === null ? null : new Margin(MarginName::CrankInsertion, $gap->value - $crank->sum, $gap->plusMinus, $this->plates->minInsertion),
                $left === null ? null : new Margin(MarginName::LeftGap, $needed['left'] - $left->sum, $width->plusMinus, self::MAX_LEFT_GAP),
            ],
            new TwinPlateFit($alignment),
        );
    }

    public function sum(Stack $stack, MarginName $margin): array
    {
        return match ($margin) {
            MarginName::PrimaryAlignment => [
                Term::spacers(Place::Drive, $stack->sumAt(Place::Drive)),
                Term::reading('Pinion to its plate’s face', $this->measures->pinionToFace, Source::PinionToFace, -1.0),
                Term::reading('Ring to plate', $this->measures->ringToPlate, Source::RingToPlate),
                Term::catalogue('Two plates', 2 * $this->plates->plateThickness),
            ],
            MarginName::CrankInsertion => [
                Term::reading('Crank gap', $this->measures->crankGap, Source::CrankGap),
                Term::spacers(Place::Crank, -$stack->sumAt(Place::Crank)),
            ],
            MarginName::LeftGap => [
                Term::reading('Shell’s width', $this->bike->shell->width, Source::ShellWidth),
                Term::spacers(Place::Drive, -$stack->sumAt(Place::Drive)),
                Term::catalogue('Two plates', -2 * $this->plates->plateThickness),
                Term::catalogue('Motor', -$this->plates->motorWidth),
                Term::spacers(Place::Left, -$stack->sumAt(Place::Left)),
            ],
            default => [],
        };
    }

    public function settled(Truth $truth): self
    {
        $bike = $this->bike->settled($truth);

        return new self($bike, $this->identification, $this->motor, $this->plates, $bike->twinPlate ?? $this->measures, $this->insert);
    }

    public function axes(): array
    {
        $plates = 2 * $this->plates->plateThickness;
        $lead = $this->measures->pinionToFace->value - $this->measures->ringToPlate->value;

        return [
            new Axis(Doubtful::FirstChain, Place::Drive, BreakPoints::ofTwoSided(Measurement::within($lead, $this->alignmentDoubt()), [-$plates])),
            new Axis(Doubtful::Width, Place::Left, BreakPoints::of($this->bike->shell->width, [-$plates - $this->plates->motorWidth])),
            new Axis(Doubtful::CrankGap, Place::Crank, BreakPoints::of($this->measures->crankGap, [-$this->plates->minInsertion])),
        ];
    }

    private function alignmentDoubt(): float
    {
        return $this->measures->ringToPlate->plusMinus + $this->measures->pinionToFace->plusMinus;
    }

    /** @return list<Note> */
    private function notes(): array
    {
        $note = Note::ofShell($this->identification, $this->motor, $this->insert);

        return $note === null ? [] : [$note];
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved(Mount::TwinPlate, $step, $this->notes(), [], $needed);
    }
}
