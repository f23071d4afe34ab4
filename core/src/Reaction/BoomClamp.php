<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Reaction;

/** The clamp for a boom, by its measured diameter, with the shim that makes up the difference. In mm. */
final readonly class BoomClamp
{
    /** Bores clamps are made in. */
    private const BORES = [31.8, 35.0, 38.1, 41.3, 44.5, 50.8, 57.2];

    /** A thinner difference is taken up by the clamp itself. */
    private const NO_SHIM = 0.3;

    private function __construct(public float $bore, public float $shim) {}

    /** Null when the boom is thicker than any clamp. */
    public static function for(float $diameter): ?self
    {
        foreach (self::BORES as $bore) {
            if ($bore >= $diameter - 0.05) {
                $gap = max(0.0, $bore - $diameter) / 2;

                return new self($bore, $gap < self::NO_SHIM ? 0.0 : $gap);
            }
        }

        return null;
    }
}
