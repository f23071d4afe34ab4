<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Section\Berth;
use NeatSpindle\Core\Sums\Section\Gap;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Sums\Section\Typical;

/** What sleeve and yoke motors show alike: the shell with its insert, case and ring on the drive side, the chainstay they pass. */
final readonly class BodyDrawing
{
    public float $driveFace;

    /** The motor's shoulder: where its own depths are counted from. */
    public float $shoulder;

    public float $bore;

    public float $shellOuter;

    public function __construct(public BodyInFrame $body, Stack $stack)
    {
        $shell = $body->bike->shell;
        $this->driveFace = $shell->offset + $shell->width->value / 2;
        $this->shoulder = $this->driveFace + $body->flange + $stack->sumAt(Place::Drive);
        $this->bore = ($shell->bore->value ?? Typical::BORE) / 2;
        $this->shellOuter = $this->bore + Typical::SHELL_WALL;
    }

    public function leftFace(): float
    {
        return $this->driveFace - $this->body->bike->shell->width->value - $this->body->flange;
    }

    /** @return non-empty-list<Part> */
    public function shell(): array
    {
        $width = $this->body->bike->shell->width->value;
        $flange = $this->body->flange;
        $fill = $this->body->body->boreFill / 2;

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
        $body = $this->body->body;
        $ring = $this->body->site->ring;
        $case = $this->shoulder + $body->caseStandoff;
        $teeth = $this->shoulder + $this->body->ringStandoff();
        $half = $this->body->site->half;

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
        return match ($margin->name) {
            MarginName::CaseToChainstay => Gap::outwards($margin, $this->driveFace, $this->body->caseClosestAt() - 3),
            MarginName::RingToChainstay => Gap::outwards($margin, $this->driveFace, $this->body->ringClosestAt() - 2),
            default => null,
        };
    }
}
