<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** A tube in the side view: straight between two points, or bent over a third between them. In mm. */
final readonly class Tube
{
    private const STEPS = 24;

    public function __construct(
        public string $name,
        public Point $from,
        public Point $to,
        public float $width = 30.0,
        public ?Point $over = null,
    ) {}

    /** Along its middle line; a bend is walked in so many steps. */
    public function length(): float
    {
        $length = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $length += $this->at($i / self::STEPS)->distanceTo($this->at(($i + 1) / self::STEPS));
        }

        return $length;
    }

    /** The point a share of the way along it. */
    public function at(float $share): Point
    {
        return $this->over === null
            ? $this->from->towards($this->to, $share)
            : $this->from->towards($this->over, $share)->towards($this->over->towards($this->to, $share), $share);
    }
}
