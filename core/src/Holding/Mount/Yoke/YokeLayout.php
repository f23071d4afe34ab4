<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Holding\Mount\BodyDrawing;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Section\Berth;
use NeatSpindle\Core\Sums\Section\Gap;
use NeatSpindle\Core\Sums\Section\Layout;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Sums\Section\PartSide;
use NeatSpindle\Core\Sums\Section\Typical;

/** A yoke motor in the section: the body around the shell, the yoke in its slot, the cup from the left, the collar up to the crank. */
final readonly class YokeLayout implements Layout
{
    private const CUP_WALL = 3.0;

    private const CUP_FLANGE = 3.0;

    private const COLLAR_HEIGHT = 13.0;

    /** Where the slot is cut into the body, from the axis. */
    private const SLOT_INNER = 29.0;

    private const SLOT_OUTER = 41.0;

    private BodyDrawing $drawing;

    /** The yoke's left face. */
    private float $yokeFace;

    public function __construct(private YokeStack $recipe, private Stack $stack, private YokeArrangement $fit)
    {
        $this->drawing = new BodyDrawing($recipe->body, $stack);
        $this->yokeFace = $this->at($fit->yokeInnerFace + $recipe->yoke->thickness);
    }

    public function parts(): array
    {
        $yoke = $this->recipe->yoke;
        $outer = $yoke->body->boreFill / 2;
        $right = $this->drawing->shoulder + $yoke->body->ringFace + Typical::SPINDLE_BEYOND;
        $crank = $this->at($yoke->crankMarker);
        $cupEnd = $this->yokeFace + $yoke->cupReach;
        $collar = $this->yokeFace - $yoke->collarThickness;
        $shoulder = $this->drawing->shoulder;

        return [
            new Part('spindle', 'Spindle', $crank - Typical::CRANK_WIDTH, $right, 0.0, Typical::SPINDLE_RADIUS),
            new Part('crank', 'Left crank', $crank - Typical::CRANK_WIDTH, $crank, 0.0, Typical::CRANK_HEIGHT),
            new Part('crank', 'Right crank', $right - Typical::CRANK_WIDTH, $right, 0.0, Typical::CRANK_HEIGHT),
            new Part('motor', 'Motor body', $this->at($yoke->bodyThreadEnd), $shoulder, Typical::SPINDLE_RADIUS + 2, $outer - self::CUP_WALL),
            new Part(
                'thread', 'Thread', $this->at($yoke->bodyThreadEnd), $this->at($yoke->bodyThreadEnd - $yoke->bodyThreadDepth),
                $outer - self::CUP_WALL - 1.6, $outer - self::CUP_WALL,
            ),
            new Part('motor', 'Motor body', $this->at($yoke->slotStart), $shoulder, $this->drawing->shellOuter + $yoke->body->gap, Typical::BODY_REACH, PartSide::Front),
            new Part('motor', 'Motor body', $this->at($yoke->slotEnd) - 6.0, $this->at($yoke->slotEnd), self::SLOT_INNER, Typical::BODY_REACH, PartSide::Front),
            new Part('motor', 'Motor body', $this->at($yoke->slotEnd), $this->at($yoke->slotStart), self::SLOT_OUTER, Typical::BODY_REACH, PartSide::Front),
            ...$this->drawing->drive(),
            ...$this->drawing->shell(),
            new Part('cup', 'Cup', $this->yokeFace, $cupEnd, $outer - self::CUP_WALL, $outer),
            new Part('cup', 'Cup', $this->yokeFace - self::CUP_FLANGE, $this->yokeFace, $outer - self::CUP_WALL, $this->drawing->shellOuter + 3),
            new Part('yoke', 'Yoke', $this->yokeFace, $this->yokeFace + $yoke->thickness, $outer, self::SLOT_OUTER),
            new Part('collar', 'Collar', $collar, $this->yokeFace, Typical::SPINDLE_RADIUS, self::COLLAR_HEIGHT),
        ];
    }

    public function berths(): array
    {
        $yoke = $this->recipe->yoke;

        return [
            $this->drawing->driveBerth(),
            new Berth(Place::Plate, $this->drawing->leftFace(), $this->drawing->bore, $this->drawing->shellOuter),
            new Berth(Place::SlotInner, $this->at($yoke->slotStart), self::SLOT_INNER, self::SLOT_OUTER, PartSide::Front),
            new Berth(Place::SlotOuter, $this->yokeFace, self::SLOT_INNER, self::SLOT_OUTER, PartSide::Front),
            new Berth(Place::Crank, $this->yokeFace - $yoke->collarThickness, Typical::SPINDLE_RADIUS, self::COLLAR_HEIGHT),
        ];
    }

    public function gaps(): array
    {
        return array_values(array_filter(array_map(fn (Margin $margin) => $this->gap($margin) ?? $this->drawing->gap($margin), $this->stack->margins)));
    }

    public function stay(): array
    {
        return $this->recipe->body->bike->chainstay->profile;
    }

    public function driveFace(): float
    {
        return $this->drawing->driveFace;
    }

    /** @param  float  $depth from the body's datum leftwards */
    private function at(float $depth): float
    {
        return $this->drawing->shoulder - $depth;
    }

    private function gap(Margin $margin): ?Gap
    {
        return match ($margin->name) {
            MarginName::CupEngagement => Gap::leftwards($margin, $this->drawing->shoulder, $this->drawing->bore + 14),
            MarginName::FillGap => Gap::leftwards($margin, $this->drawing->shoulder, -(self::SLOT_INNER - 3)),
            default => null,
        };
    }
}
