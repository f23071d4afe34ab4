<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Parts\Part\Insert;

/** How one motor gets into the shell: as it comes or with an insert, and what stands against it. */
final readonly class Entry
{
    public function __construct(public ?Insert $insert, public ?Note $objection) {}
}
