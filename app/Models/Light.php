<?php

declare(strict_types=1);

namespace App\Models;

/** The light a person works in: a dark workshop or a bright window. */
enum Light: string
{
    case Bright = 'bright';
    case Dark = 'dark';
}
