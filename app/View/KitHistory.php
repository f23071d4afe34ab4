<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Job;
use App\Models\KitChange;
use Illuminate\Support\Collection;

/** The latest changes of a job's kit that stand, oldest first: what can be taken back and made again. */
readonly class KitHistory
{
    private const LATEST = 12;

    /** @param  Collection<int, KitChange>  $changes */
    private function __construct(private Collection $changes) {}

    public static function of(Job $job): self
    {
        return new self(KitChange::standingFor($job)->with('user')->latest('id')->limit(self::LATEST)->get()->reverse()->values());
    }

    /** The change that would be taken back next; null when there is none. */
    public function last(): ?KitChange
    {
        return $this->changes->whereNull('undone_at')->last();
    }

    /** The change that would be made again next; null when there is none. */
    public function next(): ?KitChange
    {
        return $this->changes->whereNotNull('undone_at')->first();
    }
}
