<?php

declare(strict_types=1);

return [
    /* Host and port of a caliper that answers with plain text lines; empty when none is plugged in. */
    'caliper' => env('CALIPER_ADDRESS'),
];
