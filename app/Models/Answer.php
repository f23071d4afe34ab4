<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

class Answer extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['given_at' => 'datetime', 'superseded_at' => 'datetime'];
}
