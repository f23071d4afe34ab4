<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Sums\Section\AxisSection;
use NeatSpindle\Core\Sums\Section\Part;

use function count;
use function in_array;

/** What the parts of a section are called under the drawing: pieces of one kind together, with their thicknesses. */
readonly class PartNames
{
    /** Kinds of part that get no name of their own: they lie inside what has one. */
    private const UNNAMED = ['spindle', 'sleeve', 'motor'];

    private const MIRRORED = ['Left crank' => 'Right crank', 'Right crank' => 'Left crank'];

    public function __construct(private AxisSection $section, private LengthUnit $unit, private bool $isReversed) {}

    /**
     * The names of the parts whose middle lies between two places along the axis, leftmost first.
     *
     * @return array<string, array{float, float}> where along the axis each is, and how far from it, in mm
     */
    public function between(float $left, float $right): array
    {
        $named = [];
        foreach ($this->groups($left, $right) as $label => $parts) {
            $pieces = array_filter(array_map(fn (Part $part) => $part->piece, $parts));
            $from = min(array_map(fn (Part $part) => $part->x0, $parts));
            $to = max(array_map(fn (Part $part) => $part->x1, $parts));
            $named[$pieces === [] ? $label : "{$label} ".$this->shortly($pieces)] = [
                $pieces === [] ? $parts[0]->middle() : ($from + $to) / 2,
                ($parts[0]->inner + $parts[0]->outer) / 2,
            ];
        }
        uasort($named, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return $named;
    }

    /** @return array<string, non-empty-list<Part>> */
    private function groups(float $left, float $right): array
    {
        $groups = [];
        foreach ($this->section->parts as $part) {
            if (! in_array($part->kind, self::UNNAMED, true) && $part->middle() > $left && $part->middle() < $right) {
                $groups[$this->isReversed ? strtr($part->label, self::MIRRORED) : $part->label][] = $part;
            }
        }

        return $groups;
    }

    /** @param  non-empty-array<float>  $pieces */
    private function shortly(array $pieces): string
    {
        $figures = array_map(fn (float $piece) => (string) round($this->unit->fromMm($piece), 3), $pieces);

        return count($figures) > 3 ? count($figures).' pieces' : implode(' + ', $figures);
    }
}
