<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** A size clamps are made in, as it is sold: by whole millimetres or by inches. In mm. */
final readonly class ClampSize
{
    /** How far a clamp closes below its bore, and how far it opens above it. */
    private const CLOSES = 0.5;

    private const OPENS = 0.2;

    /** The narrowest and the widest size we know of, and how far apart those between are: no tube falls through. Ours. */
    private const NARROWEST = 20;

    private const WIDEST = 90;

    private const STEP = 2;

    private const INCHES = [
        '1' => 1.0, '1 1/8' => 1.125, '1 1/4' => 1.25, '1 3/8' => 1.375, '1 1/2' => 1.5, '1 5/8' => 1.625, '1 3/4' => 1.75,
        '2' => 2.0, '2 1/4' => 2.25, '2 1/2' => 2.5,
    ];

    private function __construct(public string $name, public float $bore) {}

    /** @return list<self> from the narrowest to the widest */
    public static function all(): array
    {
        $sizes = array_map(fn (int $mm) => new self("{$mm} mm", (float) $mm), range(self::NARROWEST, self::WIDEST, self::STEP));
        foreach (self::INCHES as $name => $inches) {
            $sizes[] = new self("{$name} in", $inches * LengthUnit::MM_PER_INCH);
        }
        usort($sizes, fn (self $a, self $b) => $a->bore <=> $b->bore);

        return $sizes;
    }

    /** Whether it holds a tube without a shim. */
    public function fits(float $diameter): bool
    {
        return $diameter >= $this->bore - self::CLOSES && $diameter <= $this->bore + self::OPENS;
    }

    /** How thick a shim it wants around a tube. */
    public function shimFor(float $diameter): float
    {
        return ($this->bore - $diameter) / 2;
    }
}
