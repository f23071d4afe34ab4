<?php

declare(strict_types=1);

namespace App\Models;

use function is_string;

/** For a part of the catalogue whose name stands among what the sums do not need. */
trait NamedInDetails
{
    /** As people call it; empty where nobody has named it. */
    public function name(): string
    {
        $name = $this->details['name'] ?? null;

        return is_string($name) ? $name : '';
    }
}
