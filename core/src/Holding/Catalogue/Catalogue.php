<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Catalogue;

use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Parts\Part\Ring;

/** What a workshop knows and owns: motors, rings and inserts by code, and the drawer of spacers. */
final readonly class Catalogue
{
    /**
     * @param  array<array-key, Motor>  $motors
     * @param  array<array-key, Ring>  $rings
     * @param  array<array-key, Insert>  $inserts
     */
    public function __construct(
        public array $motors,
        public array $rings,
        public Drawer $drawer,
        public array $inserts = [],
    ) {}

    /** @return array<array-key, Insert> in the order in which one is taken */
    public function insertsInOrder(): array
    {
        $inserts = $this->inserts;
        ksort($inserts, SORT_STRING);

        return $inserts;
    }
}
