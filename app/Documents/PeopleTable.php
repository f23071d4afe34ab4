<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\User;

/** Who works in a workshop as a table: `name, email, role, shut_out_on`. */
class PeopleTable
{
    /** @return list<list<string>> the headings first */
    public static function of(int $workshop): array
    {
        $people = User::query()->where('workshop_id', $workshop)->orderBy('name')->get();

        return [['name', 'email', 'role', 'shut_out_on'], ...array_values($people->map(
            fn (User $one): array => [$one->name, $one->email, $one->role->value, (string) $one->shut_out_at?->format('Y-m-d')],
        )->all())];
    }
}
