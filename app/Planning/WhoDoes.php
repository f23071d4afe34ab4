<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_column;
use function array_diff_assoc;
use function array_diff_key;
use function array_fill_keys;
use function array_key_first;

/** Who is named for which work of a job. */
final class WhoDoes
{
    /** All that somebody can do, where a kind of work is asked for. */
    public const ALL = 'all';

    /**
     * Why somebody cannot be named for that, in words; null where they can. What was named before is not asked again.
     *
     * @param  array<string, int>  $hands  people by kind of work
     */
    public static function objection(Job $job, array $hands): ?string
    {
        $new = array_diff_assoc($hands, $job->hands ?? []);
        $cannot = array_key_first(array_diff_key($new, self::benches($job)->named($new)));

        return $cannot === null ? null : 'Whoever is named cannot do that: '.lcfirst(WorkKind::tryFrom($cannot)?->label() ?? '').'.';
    }

    /**
     * Who is named when one person more is.
     *
     * @param  ?WorkKind  $work  for this; null for all that they can do, and nobody else for anything
     * @param  ?int  $person  null: whoever is free
     * @return array<string, int> people by kind of work
     */
    public static function named(Job $job, ?WorkKind $work, ?int $person): array
    {
        $before = $work === null ? [] : array_diff_key($job->hands ?? [], [$work->value => true]);
        $kinds = match (true) {
            $person === null => [],
            $work !== null => [$work],
            default => self::benches($job)->doneBy($person),
        };

        return $before + array_fill_keys(array_column($kinds, 'value'), (int) $person);
    }

    private static function benches(Job $job): Benches
    {
        return Benches::of(
            Workshop::query()->findOrFail($job->workshop_id), User::query()->where('workshop_id', $job->workshop_id)->whereNull('shut_out_at')->get(),
        );
    }
}
