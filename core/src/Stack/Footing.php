<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Bike\Bike;
use NeatSpindle\Core\Bike\FrameMaterial;
use NeatSpindle\Core\Bike\ProfilePoint;
use NeatSpindle\Core\Bike\Truth;
use NeatSpindle\Core\Catalogue\Body;
use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Measure\Tolerance;
use NeatSpindle\Core\Shell\Identification;

/**
 * What a stack of a sleeve or yoke motor rests on: the shell as it counts, what stands beside it, and the
 * margins every such mount has. In mm.
 */
final readonly class Footing
{
    private const MIN_BORE_CLEARANCE = 0.1;

    public float $flange;

    /** The shell's width with the insert's two flanges. */
    public float $width;

    /** The width's doubt. */
    public float $doubt;

    /** Half of what is as wide as the chain or the ring, whichever is wider. */
    public float $half;

    /** @var list<ProfilePoint> */
    public array $casePoints;

    /** @var list<ProfilePoint> */
    public array $ringPoints;

    public function __construct(
        public Bike $bike,
        public Identification $identification,
        public Motor $motor,
        public Body $body,
        public Ring $ring,
        public ?Insert $insert,
    ) {
        $this->flange = $insert->flange ?? 0.0;
        $this->width = $bike->shell->width->value + 2 * $this->flange;
        $this->doubt = $bike->shell->width->plusMinus;
        $this->half = max($bike->rear->chainWidth(), $ring->thickness) / 2;
        $this->casePoints = $bike->chainstay->within($body->caseRadius);
        $this->ringPoints = $bike->chainstay->within($ring->radius());
    }

    public function settled(Truth $truth): self
    {
        return new self($this->bike->settled($truth), $this->identification, $this->motor, $this->body, $this->ring, $this->insert);
    }

    /** How far the ring's teeth stand outboard of the motor's shoulder. */
    public function ringStandoff(): float
    {
        return $this->body->ringFace - $this->ring->dish;
    }

    /** The least drive spacers that carry case and ring past the chainstay, doubt included. */
    public function neededDrive(): float
    {
        return max(
            0.0,
            $this->neededFor($this->casePoints, $this->body->caseStandoff),
            $this->neededFor($this->ringPoints, $this->ringStandoff() - $this->half),
        );
    }

    /** How far the ring's teeth stand outboard of the bare shell's drive face. */
    public function ringOutboard(float $driveSpacers): float
    {
        return $driveSpacers + $this->flange + $this->ringStandoff();
    }

    /** @return list<Note> */
    public function notes(): array
    {
        $notes = [
            Note::ofShell($this->identification, $this->motor, $this->insert),
            $this->motor->held instanceof Sleeve && $this->motor->held->plate->isToothed()
                && $this->bike->material === FrameMaterial::Carbon ? Note::ToothedPlateOnCarbon : null,
            $this->bike->chainstay->isMeasuredAt($this->body->caseRadius) ? null : Note::CaseNotMeasured,
            $this->bike->chainstay->isMeasuredAt($this->ring->radius()) ? null : Note::RingNotMeasured,
        ];

        return array_values(array_filter($notes));
    }

    public function boreClearance(): ?Margin
    {
        $bore = $this->insert === null ? $this->bike->shell->bore : Measurement::exactly($this->insert->bore);

        return $bore === null ? null : new Margin(
            MarginName::BoreClearance,
            $bore->value - $this->body->boreFill,
            $bore->plusMinus,
            self::MIN_BORE_CLEARANCE,
        );
    }

    public function caseToChainstay(float $driveSpacers): ?Margin
    {
        return $this->toChainstay(
            MarginName::CaseToChainstay,
            $this->casePoints,
            $driveSpacers + $this->flange + $this->body->caseStandoff,
        );
    }

    public function ringToChainstay(float $driveSpacers): ?Margin
    {
        return $this->toChainstay(
            MarginName::RingToChainstay,
            $this->ringPoints,
            $driveSpacers + $this->flange + $this->ringStandoff() - $this->half,
        );
    }

    public function guideClearance(): ?Margin
    {
        $guide = $this->bike->shell->guideDepth;

        return $guide === null ? null : Margin::guideClearance($this->body->gap, $guide);
    }

    /**
     * The point that comes nearest to what passes it; the first of equals.
     *
     * @param  list<ProfilePoint>  $points
     */
    public static function foremost(array $points): ?ProfilePoint
    {
        $foremost = null;
        foreach ($points as $point) {
            if ($foremost === null || Tolerance::above($point->outboard->highest(), $foremost->outboard->highest())) {
                $foremost = $point;
            }
        }

        return $foremost;
    }

    /** @param  list<ProfilePoint>  $points */
    private function neededFor(array $points, float $standoff): float
    {
        $needed = 0.0;
        foreach ($points as $point) {
            $needed = max($needed, $point->outboard->highest() + $this->bike->minClearance - $standoff - $this->flange);
        }

        return $needed;
    }

    /** @param  list<ProfilePoint>  $points */
    private function toChainstay(MarginName $name, array $points, float $outboard): ?Margin
    {
        $point = self::foremost($points);

        return $point === null ? null : new Margin(
            $name,
            $outboard - $point->outboard->value,
            $point->outboard->plusMinus,
            $this->bike->minClearance,
        );
    }

    /** @return list<Term>|null the sum behind a margin every such mount has; null for any other */
    public function sum(Stack $stack, MarginName $margin): ?array
    {
        $drive = [
            Term::spacers(Place::Drive, $stack->sumAt(Place::Drive)),
            ...($this->flange > 0.0 ? [Term::catalogue('Insert’s flange', $this->flange)] : []),
        ];

        return match ($margin) {
            MarginName::BoreClearance => [
                $this->insert === null && $this->bike->shell->bore !== null
                    ? Term::reading('Shell’s bore', $this->bike->shell->bore, Source::ShellBore)
                    : Term::catalogue('Insert’s bore', $this->insert->bore ?? 0.0),
                Term::catalogue('What passes through it', -$this->body->boreFill),
            ],
            MarginName::CaseToChainstay => [
                ...$drive,
                Term::catalogue('Case, from the shoulder', $this->body->caseStandoff),
                ...self::stayTerm($this->casePoints),
            ],
            MarginName::RingToChainstay => [
                ...$drive,
                Term::catalogue('Ring’s face, from the shoulder', $this->body->ringFace),
                Term::catalogue('Ring’s dish', -$this->ring->dish),
                Term::catalogue('Half of ring or chain, the wider', -$this->half),
                ...self::stayTerm($this->ringPoints),
            ],
            MarginName::GuideClearance => $this->bike->shell->guideDepth === null ? null : [
                Term::catalogue('Gap between shell and body', $this->body->gap),
                Term::reading('Guide under the shell', $this->bike->shell->guideDepth, Source::GuideDepth, -1.0),
            ],
            default => null,
        };
    }

    /** @return list<Term> the shell as it counts: its width and the insert's two flanges */
    public function widthTerms(): array
    {
        return [
            Term::reading('Shell’s width', $this->bike->shell->width, Source::ShellWidth),
            ...($this->flange > 0.0 ? [Term::catalogue('Insert’s two flanges', 2 * $this->flange)] : []),
        ];
    }

    /**
     * What the drive spacers have to carry past the chainstay, as straight lines over a shift of the whole
     * stay from the low end of its doubt (-1) to the high end (1): needed = value + slope × shift.
     *
     * @return list<array{float, float}> value and slope in mm
     */
    public function driveDemands(): array
    {
        $demands = [];
        foreach ([[$this->casePoints, $this->body->caseStandoff], [$this->ringPoints, $this->ringStandoff() - $this->half]] as [$points, $standoff]) {
            foreach ($points as $point) {
                $demands[] = [
                    $point->outboard->value + $this->bike->minClearance - $standoff - $this->flange,
                    $point->outboard->plusMinus,
                ];
            }
        }

        return $demands;
    }

    /**
     * @param  list<ProfilePoint>  $points
     * @return list<Term>
     */
    private static function stayTerm(array $points): array
    {
        $point = self::foremost($points);

        return $point === null ? [] : [
            Term::reading('Chainstay’s outer side, at radius', $point->outboard, Source::Chainstay, -1.0, $point->radius),
        ];
    }
}
