<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/** What is written down about a job beside what was measured and built. */
trait KeepsRecords
{
    /** @return HasMany<Recheck, $this> each time the bike came back, the oldest first */
    public function rechecks(): HasMany
    {
        return $this->hasMany(Recheck::class)->orderBy('id');
    }

    /** @return HasMany<Picture, $this> in the order in which a job goes */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class)->orderByRaw("field(`of`, 'intake', 'condition', 'spot', 'strip', 'build', 'check', 'recheck')")->orderBy('id');
    }

    /** @return HasMany<Promise, $this> every one, the first first */
    public function promises(): HasMany
    {
        return $this->hasMany(Promise::class)->orderBy('id');
    }

    /** @return HasMany<SheetAddress, $this> private addresses of its sheet that still open */
    public function sheetAddresses(): HasMany
    {
        return $this->hasMany(SheetAddress::class)->opening()->orderBy('id');
    }

    /** @return HasMany<OwnStretch, $this> ways somebody has added */
    public function ownStretches(): HasMany
    {
        return $this->hasMany(OwnStretch::class)->whereNull('removed_at')->orderBy('id');
    }

    /** @return HasMany<BoxRecord, $this> what became of the pieces in the motor's box, as it stands */
    public function boxRecords(): HasMany
    {
        return $this->hasMany(BoxRecord::class)->whereNull('superseded_at');
    }

    /** @return HasMany<Decision, $this> those that stand */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class)->whereNull('superseded_at')->orderBy('id');
    }

    /** @return HasOne<LogbookEntry, $this> as it was done; none before it leaves or ends */
    public function logbookEntry(): HasOne
    {
        return $this->hasOne(LogbookEntry::class);
    }

    /** @return HasMany<StepRecord, $this> checks that were a miss, also those that were right later */
    public function misses(): HasMany
    {
        return $this->hasMany(StepRecord::class)->where('sheet', 'prove')->where('state', StepState::Stopped)->whereNotNull('note');
    }

    /** @return HasMany<Decision, $this> those with a reason, also those that stand no longer */
    public function everyDecision(): HasMany
    {
        return $this->hasMany(Decision::class)->named()->whereNotNull('reason')->orderBy('id');
    }

    /** @return HasMany<Setting, $this> what stands set in the display */
    public function settings(): HasMany
    {
        return $this->hasMany(Setting::class)->whereNull('superseded_at')->named()->orderBy('id');
    }

    /** @return HasMany<Setting, $this> everything that was ever set, the latest first */
    public function settingsLog(): HasMany
    {
        return $this->hasMany(Setting::class)->named()->latest('id');
    }

    /** @return HasMany<HandOver, $this> those that stand */
    public function handOvers(): HasMany
    {
        return $this->hasMany(HandOver::class)->whereNull('taken_back_at')->orderBy('id');
    }

    /** @return HasMany<Condition, $this> those that stand */
    public function conditions(): HasMany
    {
        return $this->hasMany(Condition::class)->whereNull('superseded_at')->orderBy('id');
    }

    /** @return HasMany<Arrival, $this> what of its needs was seen here */
    public function arrivals(): HasMany
    {
        return $this->hasMany(Arrival::class)->whereNull('superseded_at')->orderBy('id');
    }
}
