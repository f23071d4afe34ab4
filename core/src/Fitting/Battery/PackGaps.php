<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** What is left around a pack that lies in a triangle, in mm: before it, behind it, and above it at its nearer corner. */
final readonly class PackGaps
{
    private function __construct(public float $front, public float $rear, public float $above) {}

    /**
     * @param  Triangle  $triangle that encloses something
     * @param  float  $at from the base's front end to the pack's
     */
    public static function of(Triangle $triangle, Pack $pack, float $at): self
    {
        [$from, $to] = $triangle->roomFor($pack->height + $pack->gap);

        return new self(
            $at - $from,
            $to - $at - $pack->length,
            min($triangle->heightAt($at), $triangle->heightAt($at + $pack->length)) - $pack->height - $pack->gap,
        );
    }
}
