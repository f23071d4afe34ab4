<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function in_array;

/** One stretch of a run's way as it is laid: how long it is, and the slack it is given because something moves there. In mm. */
final readonly class Leg
{
    /** Between two ties. The handbook's 120 to 150. */
    public const TIE_EVERY = 130.0;

    /** @param  list<string>  $tags */
    public function __construct(public string $from, public string $to, public float $length, public float $slack, public array $tags) {}

    /** How many ties hold it between its ends: none inside a tube, none where it has to move. */
    public function ties(): int
    {
        return $this->slack > 0.0 || in_array('inside_tube', $this->tags, true) ? 0 : (int) floor($this->length / self::TIE_EVERY);
    }
}
