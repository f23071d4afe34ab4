<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

use NeatSpindle\Core\Ground\Measure\TorqueBand;

/** What a part's maker wants a fastener tightened to, and who says so. In N·m. */
final readonly class Band
{
    /**
     * @param  string  $source the paper it stands in, in words
     * @param  ?float  $limit what the thread itself bears; null where nobody has said
     */
    public function __construct(public TorqueBand $torque, public string $source, public ?float $limit = null) {}
}
