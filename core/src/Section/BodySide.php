<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Section;

use NeatSpindle\Core\Stack\Footing;
use NeatSpindle\Core\Stack\Margin;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Place;
use NeatSpindle\Core\Stack\Stack;

/** What sleeve and yoke motors show alike: the shell with its insert, case and ring on the drive side, the chainstay they pass. */
final readonly class BodySide
{
    public float $driveFace;

    /** The motor's shoulder: where its own depths are counted from. */
    public float $shoulder;

    public float $bore;

    public float $shellOuter;

    public function __construct(public Footing $footing, Stack $stack)
    {
        $shell = $footing->bike->shell;
        $this->driveFace = $shell->offset + $shell->width->value / 2;
        $this->shoulder = $this->driveFace + $footing->flange + $stack->sumAt(Place::Drive);
        $this->bore = ($shell->bore->value ?? Typical::BORE) / 2;
        $this->shellOuter = $this->bore + Typical::SHELL_WALL;
    }

    public function leftFace(): float
    {
        return $this->driveFace - $this->footing->bike->shell->width->value - $this->footing->flange;
    }

    /** @return non-empty-list<Part> */
    public function shell(): array
    {
        $width = $this->footing->bike->shell->width->value;
        $flange = $this->footing->flange;
        $fill = $this->footing->body->boreFill / 2;

        return [
            new Part('frame', 'Shell', $this->driveFace - $width, $this->driveFace, $this->bore, $this->shellOuter),
            ...($flange > 0.0 ? [
                new Part('insert', 'Insert', $this->driveFace, $this->driveFace + $flange, $fill, $this->shellOuter),
                new Part('insert', 'Insert', $this->leftFace(), $this->leftFace() + $flange, $fill, $this->shellOuter),
            ] : []),
        ];
    }

    /** @return non-empty-list<Part> */
    public function drive(): array
    {
        $body = $this->footing->body;
        $ring = $this->footing->ring;
        $case = $this->shoulder + $body->caseStandoff;
        $teeth = $this->shoulder + $this->footing->ringStandoff();
        $half = $this->footing->half;

        return [
            new Part('motor', 'Motor body', $this->shoulder, max($case, $this->shoulder + 0.1), Typical::SPINDLE_RADIUS, $this->bore + 8),
            new Part('case', 'Reduction case', $case, max($case + 4.0, $teeth - $half - 2.0), Typical::SPINDLE_RADIUS, $body->caseRadius),
            new Part('ring', "Ring {$ring->teeth}", $teeth - $half, $teeth + $half, $body->caseRadius * 0.55, $ring->radius()),
        ];
    }

    public function driveBerth(): Berth
    {
        return new Berth(Place::Drive, $this->shoulder, $this->bore, $this->shellOuter);
    }

    public function gap(Margin $margin): ?Gap
    {
        $case = Footing::foremost($this->footing->casePoints);
        $ring = Footing::foremost($this->footing->ringPoints);

        return match (true) {
            $margin->name === MarginName::CaseToChainstay && $case !== null => new Gap(
                $margin,
                $this->driveFace + $case->outboard->value,
                $this->shoulder + $this->footing->body->caseStandoff,
                $case->radius - 3,
            ),
            $margin->name === MarginName::RingToChainstay && $ring !== null => new Gap(
                $margin,
                $this->driveFace + $ring->outboard->value,
                $this->shoulder + $this->footing->ringStandoff() - $this->footing->half,
                $ring->radius - 2,
            ),
            default => null,
        };
    }
}
