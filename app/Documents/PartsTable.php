<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\MeasuredPart;

use function is_scalar;

/** Parts that were measured here as a table, figure by figure: `code, kind, figure, value`. */
class PartsTable
{
    /** @return list<list<string>> the headings first */
    public static function of(int $workshop): array
    {
        $rows = [['code', 'kind', 'figure', 'value']];
        foreach (MeasuredPart::query()->where('workshop_id', $workshop)->orderBy('code')->get() as $part) {
            foreach ($part->figures as $figure => $value) {
                $rows[] = [$part->code, $part->kind->value, (string) $figure, is_scalar($value) ? (string) $value : (string) json_encode($value)];
            }
        }

        return $rows;
    }
}
