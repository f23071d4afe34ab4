<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;

/**
 * How a workshop answered one question of the house: a later answer supersedes, none is overwritten.
 *
 * @property Question $question
 * @property School $school
 * @property string $why
 * @property Carbon $made_at
 * @property ?Carbon $superseded_at
 * @property User $user
 */
#[ScopedBy(OwnWorkshop::class)]
class HouseRule extends Row
{
    public $timestamps = false;

    protected $fillable = ['workshop_id', 'user_id', 'question', 'school', 'why', 'made_at', 'superseded_at'];

    protected $casts = ['question' => Question::class, 'school' => School::class, 'made_at' => 'datetime', 'superseded_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
