<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** A way somebody has found and measured on a frame of an unusual kind, from a place it has to another, which may be new. In mm. */
final readonly class OwnStretch
{
    /** On paper a new place stands no further off than this. */
    private const FAR = 260.0;

    /** @param  list<string>  $tags */
    public function __construct(
        public string $from, public string $to, public float $length, public array $tags, public Direction $towards,
    ) {}

    public function stretch(): Stretch
    {
        return new Stretch($this->from, $this->to, $this->length, $this->tags, null);
    }

    /** Where the new place is drawn, seen from the known one. */
    public function end(Point $from): Point
    {
        $far = min($this->length, self::FAR);

        return match ($this->towards) {
            Direction::Front => $from->plus($far, 0.0),
            Direction::Back => $from->plus(-$far, 0.0),
            Direction::Up => $from->plus(0.0, $far),
            Direction::Down => $from->plus(0.0, -$far),
        };
    }
}
