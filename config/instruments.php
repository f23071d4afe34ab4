<?php

declare(strict_types=1);

return [
    /* Host and port of what answers with plain text lines; empty where nothing is plugged in. docs/instruments.md has the lines. */
    'caliper' => env('CALIPER_ADDRESS'),
    'wrench' => env('WRENCH_ADDRESS'),
    'display' => env('DISPLAY_ADDRESS'),
    'scale' => env('SCALE_ADDRESS'),

    /* Whether they are simulated ones, which can be played under /instruments. */
    'play' => env('INSTRUMENTS_PLAY', false),
];
