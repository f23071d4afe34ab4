<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Catalogue;

use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Sleeve\SleeveMount;
use NeatSpindle\Core\Holding\Mount\TwinPlate\TwinPlateMount;
use NeatSpindle\Core\Holding\Mount\Yoke\YokeMount;

/** The mounts there are. A new one is a folder, and a line here. */
final class Mounts
{
    /** @var array<string, Mount>|null */
    private static ?array $all = null;

    /** @return array<string, Mount> by code */
    public static function all(): array
    {
        return self::$all ??= array_column(array_map(
            fn (Mount $mount) => [$mount->code(), $mount],
            [new SleeveMount, new YokeMount, new TwinPlateMount],
        ), 1, 0);
    }

    public static function named(string $code): ?Mount
    {
        return self::all()[$code] ?? null;
    }

    /** @return list<Mount> those that can be judged on any bike, without measures of their own */
    public static function matched(): array
    {
        return array_values(array_filter(self::all(), fn (Mount $mount) => $mount->measuresKey() === null));
    }
}
