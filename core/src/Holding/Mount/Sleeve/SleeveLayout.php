<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

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

/** A sleeve motor in the section: sleeve and nut through the shell, plate and bolts on its left. */
final readonly class SleeveLayout implements Layout
{
    private BodyDrawing $drawing;

    private float $sleeveOuter;

    /** The plate's left face. */
    private float $plateFace;

    private float $nutFace;

    public function __construct(private SleeveStack $recipe, private Stack $stack, private SleeveArrangement $fit)
    {
        $this->drawing = new BodyDrawing($recipe->body, $stack);
        $this->sleeveOuter = $recipe->sleeve->body->boreFill / 2;
        $this->plateFace = $this->drawing->shoulder - $fit->plateOuterFace;
        $this->nutFace = $this->drawing->shoulder - $fit->nutFace;
    }

    public function parts(): array
    {
        $sleeve = $this->recipe->sleeve;
        $shoulder = $this->drawing->shoulder;
        $left = $shoulder - $sleeve->spindleLeft;
        $right = $shoulder + $sleeve->spindleRight;
        $nutEnd = $this->nutFace - $sleeve->nut->thickness;
        $hollow = Typical::SPINDLE_RADIUS + 3;

        return [
            new Part('spindle', 'Spindle', $left, $right, 0.0, Typical::SPINDLE_RADIUS),
            new Part('crank', 'Left crank', $left, $left + Typical::CRANK_WIDTH, 0.0, Typical::CRANK_HEIGHT),
            new Part('crank', 'Right crank', $right - Typical::CRANK_WIDTH, $right, 0.0, Typical::CRANK_HEIGHT),
            new Part('sleeve', 'Sleeve', $shoulder - $sleeve->threadStart(), $shoulder, $hollow, $this->sleeveOuter),
            new Part('thread', 'Thread', $shoulder - $sleeve->length, $shoulder - $sleeve->threadStart(), $hollow, $this->sleeveOuter),
            new Part(
                'motor', 'Motor body', $shoulder - $sleeve->bossPlane, $shoulder + max(0.1, $sleeve->body->caseStandoff),
                $this->drawing->shellOuter + $sleeve->body->gap, Typical::BODY_REACH, PartSide::Front,
            ),
            ...$this->drawing->drive(),
            ...$this->drawing->shell(),
            new Part('plate', 'Plate', $this->plateFace, $this->plateFace + $sleeve->plate->thickness, $this->sleeveOuter, Typical::PLATE_OUTER),
            ...$this->bolt(),
            new Part('nut', 'Nut', $nutEnd, $this->nutFace, $this->sleeveOuter, $this->sleeveOuter + Typical::NUT_ABOVE_SLEEVE),
            ...$sleeve->lockring === null ? [] : [
                new Part('lockring', 'Lock ring', $nutEnd - $sleeve->lockring->thickness, $nutEnd, $this->sleeveOuter, $this->sleeveOuter + Typical::LOCKRING_ABOVE_SLEEVE),
            ],
        ];
    }

    public function berths(): array
    {
        return [
            $this->drawing->driveBerth(),
            new Berth(Place::Plate, $this->drawing->leftFace(), $this->drawing->bore, $this->drawing->shellOuter),
            new Berth(Place::Nut, $this->plateFace, $this->sleeveOuter, $this->sleeveOuter + Typical::NUT_ABOVE_SLEEVE),
            new Berth(Place::Boss, $this->bossPlane(), Typical::BOSS_RADIUS - 4, Typical::BOSS_RADIUS + 4, PartSide::Front),
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

    private function bossPlane(): float
    {
        return $this->drawing->shoulder - $this->recipe->sleeve->bossPlane;
    }

    /** @return list<Part> */
    private function bolt(): array
    {
        $length = $this->fit->boltLength;
        $at = Typical::BOSS_RADIUS;

        return $length === null ? [] : [
            new Part('bolt', "Bolt {$length}", $this->plateFace, $this->plateFace + $length, $at - 1.5, $at + 1.5, PartSide::Front),
            new Part('bolt', "Bolt {$length}", $this->plateFace - 4.0, $this->plateFace, $at - 4.0, $at + 4.0, PartSide::Front),
        ];
    }

    private function gap(Margin $margin): ?Gap
    {
        return match ($margin->name) {
            MarginName::LockringEngagement => Gap::leftwards($margin, $this->drawing->shoulder, $this->drawing->bore + 14),
            MarginName::BossGap => Gap::leftwards($margin, $this->drawing->shoulder, -(Typical::BOSS_RADIUS + 8)),
            default => null,
        };
    }
}
