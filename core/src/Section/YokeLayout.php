<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Section;

use NeatSpindle\Core\Stack\Margin;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Place;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\YokeFit;
use NeatSpindle\Core\Stack\YokeStack;

/** A yoke motor in the section: the body around the shell, the yoke in its slot, the cup from the left, the collar up to the crank. */
final readonly class YokeLayout implements Layout
{
    private const CUP_WALL = 3.0;

    private const CUP_FLANGE = 3.0;

    private const COLLAR_HEIGHT = 13.0;

    /** Where the slot is cut into the body, from the axis. */
    private const SLOT_INNER = 29.0;

    private const SLOT_OUTER = 41.0;

    private BodySide $body;

    /** The yoke's left face. */
    private float $yokeFace;

    public function __construct(private YokeStack $recipe, private Stack $stack, private YokeFit $fit)
    {
        $this->body = new BodySide($recipe->footing, $stack);
        $this->yokeFace = $this->at($fit->yokeInnerFace + $recipe->yoke->thickness);
    }

    public function parts(): array
    {
        $yoke = $this->recipe->yoke;
        $outer = $yoke->body->boreFill / 2;
        $right = $this->body->shoulder + $yoke->body->ringFace + Typical::SPINDLE_BEYOND;
        $crank = $this->at($yoke->crankMarker);
        $cupEnd = $this->yokeFace + $yoke->cupReach;
        $collar = $this->yokeFace - $yoke->collarThickness;
        $shoulder = $this->body->shoulder;

        return [
            new Part('spindle', 'Spindle', $crank - Typical::CRANK_WIDTH, $right, 0.0, Typical::SPINDLE_RADIUS),
            new Part('crank', 'Left crank', $crank - Typical::CRANK_WIDTH, $crank, 0.0, Typical::CRANK_HEIGHT),
            new Part('crank', 'Right crank', $right - Typical::CRANK_WIDTH, $right, 0.0, Typical::CRANK_HEIGHT),
            new Part('motor', 'Motor body', $this->at($yoke->bodyThreadEnd), $shoulder, Typical::SPINDLE_RADIUS + 2, $outer - self::CUP_WALL),
            new Part('thread', 'Thread', $this->at($yoke->bodyThreadEnd), $this->at($yoke->bodyThreadEnd - $yoke->bodyThreadDepth), $outer - self::CUP_WALL - 1.6, $outer - self::CUP_WALL),
            new Part('motor', 'Motor body', $this->at($yoke->slotStart), $shoulder, $this->body->shellOuter + $yoke->body->gap, Typical::BODY_REACH, PartSide::Front),
            new Part('motor', 'Motor body', $this->at($yoke->slotEnd) - 6.0, $this->at($yoke->slotEnd), self::SLOT_INNER, Typical::BODY_REACH, PartSide::Front),
            new Part('motor', 'Motor body', $this->at($yoke->slotEnd), $this->at($yoke->slotStart), self::SLOT_OUTER, Typical::BODY_REACH, PartSide::Front),
            ...$this->body->drive(),
            ...$this->body->shell(),
            new Part('cup', 'Cup', $this->yokeFace, $cupEnd, $outer - self::CUP_WALL, $outer),
            new Part('cup', 'Cup', $this->yokeFace - self::CUP_FLANGE, $this->yokeFace, $outer - self::CUP_WALL, $this->body->shellOuter + 3),
            new Part('yoke', 'Yoke', $this->yokeFace, $this->yokeFace + $yoke->thickness, $outer, self::SLOT_OUTER),
            new Part('collar', 'Collar', $collar, $this->yokeFace, Typical::SPINDLE_RADIUS, self::COLLAR_HEIGHT),
        ];
    }

    public function berths(): array
    {
        $yoke = $this->recipe->yoke;

        return [
            $this->body->driveBerth(),
            new Berth(Place::Plate, $this->body->leftFace(), $this->body->bore, $this->body->shellOuter),
            new Berth(Place::SlotInner, $this->at($yoke->slotStart), self::SLOT_INNER, self::SLOT_OUTER, PartSide::Front),
            new Berth(Place::SlotOuter, $this->yokeFace, self::SLOT_INNER, self::SLOT_OUTER, PartSide::Front),
            new Berth(Place::Crank, $this->yokeFace - $yoke->collarThickness, Typical::SPINDLE_RADIUS, self::COLLAR_HEIGHT),
        ];
    }

    public function gaps(): array
    {
        return array_values(array_filter(array_map(fn (Margin $margin) => $this->gap($margin) ?? $this->body->gap($margin), $this->stack->margins)));
    }

    public function stay(): array
    {
        return $this->recipe->footing->bike->chainstay->profile;
    }

    public function driveFace(): float
    {
        return $this->body->driveFace;
    }

    /** @param  float  $depth from the body's datum leftwards */
    private function at(float $depth): float
    {
        return $this->body->shoulder - $depth;
    }

    private function gap(Margin $margin): ?Gap
    {
        return match ($margin->name) {
            MarginName::CupEngagement => new Gap(
                $margin,
                $this->at($this->recipe->yoke->bodyThreadEnd),
                $this->at($this->recipe->yoke->bodyThreadEnd - $this->fit->cupEngagement),
                $this->body->bore + 14,
            ),
            MarginName::FillGap => new Gap($margin, $this->at($this->recipe->yoke->base), $this->at($this->fit->yokeInnerFace), -(self::SLOT_INNER - 3)),
            default => null,
        };
    }
}
