<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Job;

use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Parts\Part\Ring;

/** What is to be fitted, and the places a hand has filled. */
final readonly class Kit
{
    /** @param  array<string, list<float>>  $byHand spacer thicknesses in mm, by place */
    public function __construct(
        public Motor $motor,
        public Ring $ring,
        public ?Insert $insert = null,
        public array $byHand = [],
    ) {}
}
