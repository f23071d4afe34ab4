<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** What is done about the body's rest, in words: how it is put on, how the body is set against it, how it is made fast. */
final readonly class RestPlan
{
    /**
     * @param  string  $name what it is, in words
     * @param  ?Wording  $on null for a rest that is not fitted, because the frame itself is it
     * @param  ?Wording  $torque null for one that is not made fast
     * @param  ?Fastener  $fastener what of it is tightened to a figure of its papers; null where it has none
     * @param  ?string  $part what has to be there for it; null where the frame itself is it
     */
    public function __construct(
        public string $name, public ?Wording $on, public Wording $set, public ?Wording $torque, public ?Fastener $fastener = Fastener::Rest, public ?string $part = null,
    ) {}
}
