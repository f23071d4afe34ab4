<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** Something flat that is no tube: a saddle, a seat, a deck, a box. */
final readonly class Panel
{
    /** @param  non-empty-list<Point>  $corners */
    public function __construct(public string $name, public array $corners) {}
}
