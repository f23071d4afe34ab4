<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Section;

use NeatSpindle\Core\Bike\ProfilePoint;
use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Stack\Footing;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Spacers;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Worksheet\Worksheet;

/**
 * The section along the crank axis, as geometry to draw: every part where it ends up, every margin where it
 * is. Positions along the axis are to the measure; radii that no figure gives are typical of such parts.
 * In mm; x from the frame's centre plane, positive to the drive side; radii from the axis.
 */
final readonly class AxisSection
{
    private const SHELL_OUTER_ABOVE_BORE = 3.2;

    private const TYPICAL_BORE = 33.7;

    private const PLATE_OUTER = 33.0;

    private const BOSS_RADIUS = 28.5;

    private const NUT_ABOVE_SLEEVE = 6.5;

    private const LOCKRING_ABOVE_SLEEVE = 4.0;

    private const SPINDLE_RADIUS = 8.0;

    private const CRANK_WIDTH = 13.0;

    private const CRANK_HEIGHT = 16.0;

    /** How thick a chainstay is drawn behind its measured outer side. */
    public const STAY_DEPTH = 14.0;

    /**
     * @param  list<Part>  $parts back to front
     * @param  list<array{float, float}>  $stay the chainstay's outer side, (x, radius), rising
     * @param  list<Gap>  $gaps
     */
    private function __construct(
        public array $parts,
        public array $stay,
        public array $gaps,
        public float $left,
        public float $right,
        public float $rear,
    ) {}

    /** Null while the stack is unsolved or of a mount we do not draw yet. */
    public static function of(Worksheet $sheet): ?self
    {
        $held = $sheet->footing?->motor->held;
        if ($sheet->footing === null || $sheet->stack?->fit === null || ! $held instanceof Sleeve) {
            return null;
        }
        $shoulder = self::shoulder($sheet->footing, $sheet->stack);
        $parts = [
            ...self::motorParts($sheet->footing, $held, $shoulder, $sheet->job->kit->ring),
            ...self::stackedParts($sheet->footing, $sheet->stack, $held, $shoulder),
        ];

        return new self(
            $parts,
            self::stay($sheet->footing),
            self::gaps($sheet->footing, $sheet->stack, $held, $shoulder),
            min(array_map(fn (Part $part) => $part->x0, $parts)),
            max(array_map(fn (Part $part) => $part->x1, $parts)),
            max(60.0, $sheet->job->kit->ring->radius(), ...array_map(fn (ProfilePoint $p) => $p->radius, $sheet->job->bike->chainstay->profile)),
        );
    }

    private static function driveFace(Footing $footing): float
    {
        return $footing->bike->shell->offset + $footing->bike->shell->width->value / 2;
    }

    private static function shoulder(Footing $footing, Stack $stack): float
    {
        return self::driveFace($footing) + $footing->flange + ($stack->spacers['drive']->sum ?? 0.0);
    }

    private static function boreRadius(Footing $footing): float
    {
        return ($footing->bike->shell->bore->value ?? self::TYPICAL_BORE) / 2;
    }

    /** @return non-empty-list<Part> */
    private static function motorParts(Footing $footing, Sleeve $sleeve, float $shoulder, Ring $ring): array
    {
        $outer = $sleeve->body->boreFill / 2;
        $case = $shoulder + $sleeve->body->caseStandoff;
        $teeth = $shoulder + $footing->ringStandoff();
        $left = $shoulder - $sleeve->spindleLeft;
        $right = $shoulder + $sleeve->spindleRight;

        return [
            new Part('spindle', 'Spindle', $left, $right, 0.0, self::SPINDLE_RADIUS),
            new Part('crank', 'Left crank', $left, $left + self::CRANK_WIDTH, 0.0, self::CRANK_HEIGHT),
            new Part('crank', 'Right crank', $right - self::CRANK_WIDTH, $right, 0.0, self::CRANK_HEIGHT),
            new Part('sleeve', 'Sleeve', $shoulder - $sleeve->threadStart(), $shoulder, self::SPINDLE_RADIUS + 3, $outer),
            new Part('thread', 'Thread', $shoulder - $sleeve->length, $shoulder - $sleeve->threadStart(), self::SPINDLE_RADIUS + 3, $outer),
            new Part('motor', 'Motor body', $shoulder, $case, self::SPINDLE_RADIUS, self::boreRadius($footing) + 8),
            new Part('motor', 'Motor body', $shoulder - $sleeve->bossPlane, $case, self::boreRadius($footing) + self::SHELL_OUTER_ABOVE_BORE + $sleeve->body->gap, 60.0, PartSide::Front),
            new Part('case', 'Reduction case', $case, max($case + 4.0, $teeth - $footing->half - 2.0), self::SPINDLE_RADIUS, $sleeve->body->caseRadius),
            new Part('ring', "Ring {$ring->teeth}", $teeth - $footing->half, $teeth + $footing->half, $sleeve->body->caseRadius * 0.55, $ring->radius()),
        ];
    }

    /** @return list<Part> */
    private static function stackedParts(Footing $footing, Stack $stack, Sleeve $sleeve, float $shoulder): array
    {
        $inner = self::boreRadius($footing);
        $shellOuter = $inner + self::SHELL_OUTER_ABOVE_BORE;
        $face = self::driveFace($footing);
        $width = $footing->bike->shell->width->value;
        $plateInner = $shoulder - ($stack->fit->plateOuterFace ?? 0.0) + $sleeve->plate->thickness;
        $nut = $shoulder - ($stack->fit->nutFace ?? 0.0);
        $sleeveOuter = $sleeve->body->boreFill / 2;
        $flange = $footing->flange;

        return [
            new Part('frame', 'Shell', $face - $width, $face, $inner, $shellOuter),
            ...($flange > 0.0 ? [
                new Part('insert', 'Insert', $face, $face + $flange, $sleeveOuter, $shellOuter),
                new Part('insert', 'Insert', $face - $width - $flange, $face - $width, $sleeveOuter, $shellOuter),
            ] : []),
            ...self::row($stack->spacers['drive'], $shoulder, -1.0, $inner, $shellOuter, 'Drive spacers'),
            ...self::row($stack->spacers['plate'], $face - $width - $flange, -1.0, $inner, $shellOuter, 'Plate spacers'),
            ...self::row($stack->spacers['boss'], $shoulder - $sleeve->bossPlane, -1.0, self::BOSS_RADIUS - 4, self::BOSS_RADIUS + 4, 'Washers', PartSide::Front),
            new Part('plate', 'Plate', $plateInner - $sleeve->plate->thickness, $plateInner, $sleeveOuter, self::PLATE_OUTER, PartSide::Both),
            ...self::bolt($stack, $plateInner - $sleeve->plate->thickness),
            ...self::row($stack->spacers['nut'], $plateInner - $sleeve->plate->thickness, -1.0, $sleeveOuter, $sleeveOuter + self::NUT_ABOVE_SLEEVE, 'Nut spacers'),
            new Part('nut', 'Nut', $nut - $sleeve->nut->thickness, $nut, $sleeveOuter, $sleeveOuter + self::NUT_ABOVE_SLEEVE),
            new Part('lockring', 'Lock ring', $nut - $sleeve->nut->thickness - $sleeve->lockring->thickness, $nut - $sleeve->nut->thickness, $sleeveOuter, $sleeveOuter + self::LOCKRING_ABOVE_SLEEVE),
        ];
    }

    /** @return list<Part> */
    private static function bolt(Stack $stack, float $head): array
    {
        $length = $stack->fit?->boltLength;

        return $length === null ? [] : [
            new Part('bolt', "Bolt {$length}", $head, $head + $length, self::BOSS_RADIUS - 1.5, self::BOSS_RADIUS + 1.5, PartSide::Front),
            new Part('bolt', "Bolt {$length}", $head - 4.0, $head, self::BOSS_RADIUS - 4.0, self::BOSS_RADIUS + 4.0, PartSide::Front),
        ];
    }

    /**
     * Spacers side by side from a start, thickest first.
     *
     * @return list<Part>
     */
    private static function row(?Spacers $spacers, float $from, float $direction, float $inner, float $outer, string $label, PartSide $side = PartSide::Both): array
    {
        $parts = [];
        foreach ($spacers->pieces ?? [] as $piece) {
            $to = $from + $direction * $piece;
            $parts[] = new Part($side === PartSide::Front ? 'washer' : 'spacer', $label, min($from, $to), max($from, $to), $inner, $outer, $side, $piece);
            $from = $to;
        }

        return $parts;
    }

    /** @return list<array{float, float}> */
    private static function stay(Footing $footing): array
    {
        $face = self::driveFace($footing);

        return array_map(
            fn (ProfilePoint $point) => [$face + $point->outboard->value, $point->radius],
            $footing->bike->chainstay->profile,
        );
    }

    /** @return list<Gap> */
    private static function gaps(Footing $footing, Stack $stack, Sleeve $sleeve, float $shoulder): array
    {
        $face = self::driveFace($footing);
        $case = Footing::foremost($footing->casePoints);
        $ring = Footing::foremost($footing->ringPoints);
        $end = $shoulder - $sleeve->length;
        $nut = $shoulder - ($stack->fit->nutFace ?? 0.0);
        $gaps = [];
        foreach ($stack->margins as $margin) {
            $at = match ($margin->name) {
                MarginName::CaseToChainstay => $case === null ? null
                    : [$face + $case->outboard->value, $shoulder + $sleeve->body->caseStandoff, $case->radius - 3],
                MarginName::RingToChainstay => $ring === null ? null
                    : [$face + $ring->outboard->value, $shoulder + $footing->ringStandoff() - $footing->half, $ring->radius - 2],
                MarginName::LockringEngagement => [$end, $nut - $sleeve->nut->thickness, self::boreRadius($footing) + 14],
                MarginName::BossGap => [
                    $shoulder - $sleeve->bossPlane - ($stack->fit->bossGap ?? 0.0),
                    $shoulder - $sleeve->bossPlane - ($stack->spacers['boss']->sum ?? 0.0),
                    -(self::BOSS_RADIUS + 8),
                ],
                default => null,
            };
            if ($at !== null) {
                $gaps[] = new Gap($margin, $at[0], $at[1], $at[2]);
            }
        }

        return $gaps;
    }
}
