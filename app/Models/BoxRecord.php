<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What became of one piece of a motor's box; a later record supersedes.
 *
 * @property int $position in the maker's list
 * @property string $what as the list said then: a list that was read in anew may say something else there
 * @property BoxState $state
 * @property ?int $left_over of spacers: how many the stack did not take
 * @property ?string $note
 * @property Carbon $noted_at
 * @property User $user
 */
class BoxRecord extends Row
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'motor_id', 'user_id', 'position', 'what', 'state', 'left_over', 'note', 'noted_at', 'superseded_at'];

    protected $casts = ['position' => 'int', 'left_over' => 'int', 'state' => BoxState::class, 'noted_at' => 'datetime', 'superseded_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
