<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Movement;
use App\Models\Row;
use App\Models\Stocked;

/** The whole book of one thing as a table, the oldest line first: `at, how, changed, kept_changed, job, by, note`. */
class MovementsTable
{
    /** @return list<list<string>> the headings first */
    public static function of(Row&Stocked $row): array
    {
        $lines = Movement::query()->where($row::movementKey(), $row->id)->with(['user', 'job'])->orderBy('id')->get();

        return [['at', 'how', 'changed', 'kept_changed', 'job', 'by', 'note'], ...array_values($lines->map(fn (Movement $line): array => [
            $line->moved_at->format('Y-m-d H:i'), $line->how->value, (string) $line->changed, (string) $line->kept_changed,
            (string) $line->job?->number,
            (string) $line->user?->name, (string) $line->note,
        ])->all())];
    }
}
