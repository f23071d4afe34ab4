<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/**
 * A band somebody typed from a part's paper, for one job.
 *
 * @property Fastener $fastener
 * @property float $low_nm
 * @property float $high_nm
 * @property string $paper
 * @property User $user
 */
class FastenerBand extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'fastener', 'low_nm', 'high_nm', 'paper', 'typed_at', 'superseded_at'];

    protected $casts = [
        'fastener' => Fastener::class, 'low_nm' => 'float', 'high_nm' => 'float', 'typed_at' => 'datetime', 'superseded_at' => 'datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function band(): Band
    {
        return new Band(new TorqueBand($this->low_nm, $this->high_nm), $this->paper);
    }
}
