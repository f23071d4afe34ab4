<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Job;

use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Part\Insert;
use NeatSpindle\Core\Part\Ring;

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
