<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

/** Radii and widths that no figure gives, as they are on such parts; for the eye only. In mm. */
final class Typical
{
    public const SHELL_WALL = 3.2;

    public const BORE = 33.7;

    public const PLATE_OUTER = 33.0;

    public const BOSS_RADIUS = 28.5;

    public const NUT_ABOVE_SLEEVE = 6.5;

    public const LOCKRING_ABOVE_SLEEVE = 4.0;

    public const SPINDLE_RADIUS = 8.0;

    public const CRANK_WIDTH = 13.0;

    public const CRANK_HEIGHT = 16.0;

    public const BODY_REACH = 60.0;

    /** How thick a chainstay is drawn behind its measured outer side. */
    public const STAY_DEPTH = 14.0;

    /** How far the spindle ends stand beyond ring and crank where the catalogue gives no figure. */
    public const SPINDLE_BEYOND = 14.0;
}
