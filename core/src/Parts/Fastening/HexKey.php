<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

/** The key that goes into a screw with a cylinder head and a hexagon in it, by its thread; mm across its flats, as ISO 4762 has it. */
final class HexKey
{
    private const FLATS_MM = ['M3' => '2.5', 'M4' => '3', 'M5' => '4', 'M6' => '5', 'M8' => '6', 'M10' => '8'];

    /** @param  string  $thread such as `M6`, or `M6 x 1` */
    public static function of(string $thread): string
    {
        $known = preg_match('/^(M\d+)/', $thread, $found) === 1 ? self::FLATS_MM[$found[1]] ?? null : null;

        return $known === null ? 'Key' : "{$known} mm key";
    }
}
