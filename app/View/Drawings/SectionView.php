<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Sums\Section\AxisSection;
use NeatSpindle\Core\Sums\Section\Berth;
use NeatSpindle\Core\Sums\Section\Gap;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Sums\Section\PartSide;
use NeatSpindle\Core\Sums\Section\Typical;

/** The section along the axis, placed on paper: rear wheel up, drive side right; the whole of it or a detail at twice the scale. */
class SectionView
{
    private const SCALE = 4.0;

    private const DETAIL_SCALE = 8.0;

    private const DETAIL_LETTERS = 1.4;

    private const SIDE_ROOM_MM = 14.0;

    private const FRONT_MM = 44.0;

    /** How much of the rear half a detail shows. */
    private const DETAIL_REAR_MM = 50.0;

    private const REAR_ROOM_MM = 8.0;

    /** How far past the pieces in it a place takes another. */
    private const BERTH_MM = 5.0;

    private const LABEL_ROOM = 96.0;

    /** A drawing as wide as this leaves room for its margins beside it. */
    private const LEAST_ASPECT = 1.5;

    /** What two lines of a margin take. */
    private const GAP_TEXT = 46.0;

    /** Width of a letter of a label, and of a figure of a margin. */
    private const LETTER = 9.7;

    private const FIGURE = 12.4;

    public readonly float $width;

    public readonly float $height;

    public readonly float $axisY;

    public readonly float $centreX;

    private readonly float $left;

    private readonly float $right;

    private readonly float $frontY;

    private readonly float $scale;

    private readonly PartNames $names;

    /** @param  bool  $isReversed  the motor goes in the other way round: the drive side is the bike's left */
    public function __construct(
        public readonly AxisSection $section,
        private readonly LengthUnit $unit,
        public readonly Detail $detail = Detail::Whole,
        private readonly bool $isReversed = false,
    ) {
        $this->names = new PartNames($section, $unit, $isReversed);
        $isWhole = $detail === Detail::Whole;
        $this->scale = $isWhole ? self::SCALE : self::DETAIL_SCALE;
        $left = $detail === Detail::DriveSide ? $this->middle() - 6.0 : $section->left - self::SIDE_ROOM_MM;
        $right = $detail === Detail::LeftSide ? $this->middle() + 6.0 : $section->right + self::SIDE_ROOM_MM;
        $this->axisY = ($isWhole ? min($section->rear, 104.0) + self::REAR_ROOM_MM : self::DETAIL_REAR_MM) * $this->scale;
        $this->frontY = $this->axisY + self::FRONT_MM * $this->scale;
        $this->height = $this->frontY + $this->font(self::LABEL_ROOM);
        $wanting = max(0.0, self::LEAST_ASPECT * $this->height / $this->scale - ($right - $left)) / 2;
        $this->left = $left - $wanting;
        $this->right = $right + $wanting;
        $this->width = ($this->right - $this->left) * $this->scale;
        $this->centreX = $this->x(0.0);
    }

    /**
     * A piece with its place and its number there, thickest first.
     *
     * @return list<array{kind: string, label: string, x: float, y: float, width: float, height: float, place: ?string, index: ?int}>
     */
    public function shapes(): array
    {
        $shapes = [];
        $counts = [];
        foreach ($this->section->parts as $part) {
            $index = $part->place === null ? null : $counts[$part->place->value] = ($counts[$part->place->value] ?? -1) + 1;
            foreach ($this->spans($part) as [$top, $bottom]) {
                $shapes[] = [
                    'kind' => $part->kind,
                    'label' => $part->piece === null ? $part->label : "{$part->label} {$this->unit->show($part->piece)}",
                    'x' => $this->x($part->x0),
                    'y' => $top,
                    'width' => max(0.6, $part->width() * $this->scale),
                    'height' => $bottom - $top,
                    'place' => $part->place?->value,
                    'index' => $index,
                ];
            }
        }

        return $shapes;
    }

    /** The chainstay as a closed outline, from its measured outer side inwards; empty while it is not measured. */
    public function stayPath(): string
    {
        $outer = array_map(fn (array $point) => $this->x($point[0]).','.$this->y(min($point[1], $this->section->rear)), $this->section->stay);
        $inner = array_map(fn (array $point) => $this->x($point[0] - Typical::STAY_DEPTH).','.$this->y(min($point[1], $this->section->rear)), $this->section->stay);

        return $outer === [] ? '' : 'M'.implode(' L', [...$outer, ...array_reverse($inner)]).' Z';
    }

    /** @return list<array{place: string, label: string, x: float, y: float, width: float, height: float}> where pieces can be put down */
    public function berths(): array
    {
        return array_map(function (Berth $berth): array {
            $isFront = $berth->side === PartSide::Front;
            $top = $isFront ? $this->axisY + ($berth->inner - 6) * $this->scale : $this->axisY - ($berth->outer + 10) * $this->scale;
            $bottom = $isFront ? min($this->frontY, $this->axisY + ($berth->outer + 8) * $this->scale) : $this->axisY - max(0.0, $berth->inner - 4) * $this->scale;

            return [
                'place' => $berth->place->value,
                'label' => $berth->place->label(),
                'x' => $this->x($berth->face - $this->filled($berth) - self::BERTH_MM),
                'y' => $top,
                'width' => ($this->filled($berth) + self::BERTH_MM) * $this->scale,
                'height' => max(44.0, $bottom - $top),
            ];
        }, $this->section->berths);
    }

    /** @return list<array{name: string, text: string, verdict: string, x0: float, x1: float, y: float, textX: float, textY: float, lineTo: float, anchor: 'start'|'end'}> */
    public function gaps(): array
    {
        $gaps = $this->gapsUnspaced();
        usort($gaps, fn (array $a, array $b) => $a['textY'] <=> $b['textY']);
        $lowest = ['start' => 0.0, 'end' => 0.0];
        $spaced = [];
        foreach ($gaps as $gap) {
            $y = max($gap['textY'], $lowest[$gap['anchor']]);
            $lowest[$gap['anchor']] = $y + $this->font(self::GAP_TEXT);
            $spaced[] = [...$gap, 'textY' => $y];
        }

        return $spaced;
    }

    /** @return list<array{name: string, text: string, verdict: string, x0: float, x1: float, y: float, textX: float, textY: float, lineTo: float, anchor: 'start'|'end'}> */
    private function gapsUnspaced(): array
    {
        return array_map(function (Gap $gap): array {
            $isRight = ($gap->x0 + $gap->x1) / 2 > ($this->detail === Detail::Whole ? 0.0 : ($this->left + $this->right) / 2);
            $text = "{$this->unit->figure($gap->margin->value)} ± {$this->unit->figure($gap->margin->plusMinus)}";
            $reach = 12 + mb_strlen($text) * $this->font(self::FIGURE);

            return [
                'name' => "{$gap->margin->name->label()}: {$gap->margin->verdict->value}",
                'text' => $text,
                'verdict' => $gap->margin->verdict->value,
                'x0' => $this->x(min($gap->x0, $gap->x1)),
                'x1' => $this->x(max($gap->x0, $gap->x1)),
                'y' => $this->y($gap->height),
                'textX' => $isRight ? $this->width - 8 : 8.0,
                'textY' => $gap->height >= 0 ? $this->y($gap->height) : $this->frontY - 10,
                'lineTo' => $isRight ? $this->width - $reach : $reach,
                'anchor' => $isRight ? 'end' : 'start',
            ];
        }, array_values(array_filter($this->section->gaps, fn (Gap $gap) => max($gap->x0, $gap->x1) >= $this->left && min($gap->x0, $gap->x1) <= $this->right
            && abs($gap->height) * $this->scale < $this->axisY)));
    }

    /** @return list<array{text: string, x: float, y: float, fromX: float, fromY: float}> one for each named part, none over another */
    public function labels(): array
    {
        $ends = [0.0, 0.0, 0.0];
        $labels = [];
        foreach ($this->names->between($this->left, $this->right) as $name => [$middle, $height]) {
            $room = mb_strlen($name) * $this->font(self::LETTER) + 12;
            $wanted = array_map(fn (float $end) => max(0.0, $end - ($this->x($middle) - $room / 2)), $ends);
            $row = (int) array_search(min($wanted), $wanted, true);
            $x = min($this->width - $room / 2, max($this->x($middle), $ends[$row] + $room / 2, $room / 2));
            $ends[$row] = $x + $room / 2;
            $labels[] = [
                'text' => $name,
                'x' => $x,
                'y' => $this->frontY + 30 + $row * $this->font(27),
                'fromX' => $this->x($middle),
                'fromY' => min($this->frontY - 6, $this->axisY + $height * $this->scale),
            ];
        }

        return $labels;
    }

    /** A size of letters, larger where the drawing is. */
    public function font(float $size): float
    {
        return round($this->detail === Detail::Whole ? $size : self::DETAIL_LETTERS * $size, 1);
    }

    /** The box that shows shell, plate, nut and ring when the section is small. */
    public function smallBox(): string
    {
        return sprintf('0 %.1F %.1F %.1F', $this->axisY - 270, $this->width, 270 + self::FRONT_MM * $this->scale);
    }

    public function driveSide(): string
    {
        return $this->isReversed ? 'drive side: the bike’s left' : 'drive side';
    }

    public function farSide(): string
    {
        return $this->isReversed ? 'mirrored: the bike’s right' : 'left side';
    }

    /** What a person who cannot see the drawing is told. */
    public function description(): string
    {
        $gaps = array_map(fn (array $gap) => "{$gap['name']}, {$gap['text']} {$this->unit->value}", $this->gaps());

        return "Section along the crank axis, {$this->driveSide()} on the right. ".implode('. ', $gaps).'.';
    }

    /** @return list<array{float, float}> top and bottom of what shows of a part */
    private function spans(Part $part): array
    {
        $inner = $part->inner * $this->scale;
        $rear = [max(0.0, $this->axisY - $part->outer * $this->scale), $this->axisY - $inner];
        $front = [$this->axisY + $inner, min($this->frontY, $this->axisY + $part->outer * $this->scale)];

        return match ($part->side) {
            PartSide::Both => $part->inner === 0.0 ? [[$rear[0], $front[1]]] : [$rear, $front],
            PartSide::Rear => [$rear],
            PartSide::Front => [$front],
        };
    }

    /** How much of a berth is taken up by pieces, in mm. */
    private function filled(Berth $berth): float
    {
        return array_sum(array_map(fn (Part $part) => $part->place === $berth->place ? (float) $part->piece : 0.0, $this->section->parts));
    }

    /** Between the shell's faces. */
    private function middle(): float
    {
        foreach ($this->section->parts as $part) {
            if ($part->kind === 'frame') {
                return $part->middle();
            }
        }

        return 0.0;
    }

    private function x(float $mm): float
    {
        return round(($mm - $this->left) * $this->scale, 2);
    }

    private function y(float $radius): float
    {
        return round($this->axisY - $radius * $this->scale, 2);
    }
}
