<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

/** A tube in the side view: straight between two points, or bent over a third between them. In mm. */
final readonly class Tube
{
    public function __construct(
        public string $name,
        public Point $from,
        public Point $to,
        public float $width = 30.0,
        public ?Point $over = null,
    ) {}

    /** The point a share of the way along it. */
    public function at(float $share): Point
    {
        return $this->over === null
            ? $this->from->towards($this->to, $share)
            : $this->from->towards($this->over, $share)->towards($this->over->towards($this->to, $share), $share);
    }
}
