<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row of a table of ours. */
abstract class Row extends Model
{
    use BootsByName;
}
