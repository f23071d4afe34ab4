<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Section\Berth;
use NeatSpindle\Core\Sums\Section\Gap;
use NeatSpindle\Core\Sums\Section\Layout;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Sums\Section\PartSide;
use NeatSpindle\Core\Sums\Section\Typical;

/** A twin-plate motor in the section: the shell keeps its own spindle; in front of it hang plates, spacers and motor. */
final readonly class TwinPlateLayout implements Layout
{
    /** Where plates and motor hang, from the crank axis. */
    private const HANG_INNER = 25.0;

    private const HANG_OUTER = 60.0;

    private const SPACER_OUTER = 33.0;

    private const PINION_INNER = 34.0;

    /** The crank arm's stop sits this far outboard of the left cup. */
    private const CUP = 3.5;

    private Ring $ring;

    private float $driveFace;

    private float $leftFace;

    private float $bore;

    private float $ownPlate;

    private float $motorFace;

    public function __construct(private TwinPlateStack $recipe, private Stack $stack)
    {
        $this->ring = $recipe->site->ring;
        $shell = $recipe->bike->shell;
        $this->driveFace = $shell->offset + $shell->width->value / 2;
        $this->leftFace = $this->driveFace - $shell->width->value;
        $this->bore = ($shell->bore->value ?? Typical::BORE) / 2;
        $this->ownPlate = $this->driveFace - $recipe->plates->plateThickness - $stack->sumAt(Place::Drive);
        $this->motorFace = $this->ownPlate - $recipe->plates->plateThickness;
    }

    public function parts(): array
    {
        $plate = $this->recipe->plates->plateThickness;
        $outer = $this->bore + Typical::SHELL_WALL;
        $teeth = $this->ringPlane();
        $spindleEnd = $this->leftFace - self::CUP - $this->recipe->measures->crankGap->value;
        $crank = $this->leftFace - self::CUP - $this->stack->sumAt(Place::Crank);
        $right = $teeth + Typical::SPINDLE_BEYOND;

        return [
            new Part('spindle', 'Spindle', $spindleEnd, $right, 0.0, Typical::SPINDLE_RADIUS),
            new Part('crank', 'Left crank', min($spindleEnd, $crank - Typical::CRANK_WIDTH), $crank, 0.0, Typical::CRANK_HEIGHT),
            new Part('crank', 'Right crank', $right - Typical::CRANK_WIDTH, $right, 0.0, Typical::CRANK_HEIGHT),
            new Part('ring', "Ring {$this->ring->teeth}", $teeth - $this->ring->thickness / 2, $teeth + $this->ring->thickness / 2, Typical::CRANK_HEIGHT, $this->ring->radius()),
            new Part('frame', 'Shell', $this->leftFace, $this->driveFace, $this->bore, $outer),
            new Part('cup', 'Own cups', $this->driveFace, $this->driveFace + self::CUP, Typical::SPINDLE_RADIUS, $outer),
            new Part('cup', 'Own cups', $this->leftFace - self::CUP, $this->leftFace, Typical::SPINDLE_RADIUS, $outer),
            new Part('plate', 'Plate on the shell', $this->driveFace - $plate, $this->driveFace, self::HANG_INNER, self::HANG_OUTER, PartSide::Front),
            new Part('plate', 'Motor’s own plate', $this->motorFace, $this->ownPlate, self::HANG_INNER, self::HANG_OUTER, PartSide::Front),
            new Part('motor', 'Motor', $this->motorFace - $this->recipe->plates->motorWidth, $this->motorFace, self::HANG_INNER, self::HANG_OUTER, PartSide::Front),
            new Part('pinion', 'Pinion', $this->pinionPlane() - 1.5, $this->pinionPlane() + 1.5, self::PINION_INNER, self::PINION_INNER + 8, PartSide::Front),
        ];
    }

    public function berths(): array
    {
        return [
            new Berth(Place::Drive, $this->driveFace - $this->recipe->plates->plateThickness, self::HANG_INNER, self::SPACER_OUTER, PartSide::Front),
            new Berth(Place::Left, $this->motorFace - $this->recipe->plates->motorWidth, self::HANG_INNER, self::SPACER_OUTER, PartSide::Front),
            new Berth(Place::Crank, $this->leftFace - self::CUP, Typical::SPINDLE_RADIUS, Typical::SPINDLE_RADIUS + 4),
        ];
    }

    public function gaps(): array
    {
        return array_values(array_filter(array_map($this->gap(...), $this->stack->margins)));
    }

    public function stay(): array
    {
        return $this->recipe->bike->chainstay->profile;
    }

    public function driveFace(): float
    {
        return $this->driveFace;
    }

    private function ringPlane(): float
    {
        return $this->driveFace + $this->recipe->measures->ringToPlate->value;
    }

    private function pinionPlane(): float
    {
        return $this->motorFace + $this->recipe->measures->pinionToFace->value;
    }

    private function gap(Margin $margin): ?Gap
    {
        return match ($margin->name) {
            MarginName::PrimaryAlignment => Gap::outwards($margin, $this->driveFace, self::PINION_INNER + 14),
            MarginName::CrankInsertion => Gap::leftwards($margin, $this->leftFace - self::CUP, Typical::CRANK_HEIGHT + 5),
            MarginName::LeftGap => Gap::leftwards($margin, $this->driveFace, -(self::SPACER_OUTER + 5)),
            default => null,
        };
    }
}
