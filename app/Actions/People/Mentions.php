<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\FreeText;
use App\Models\Longest;
use App\Models\Values\NameInText;
use Illuminate\Support\Arr;
use NeatSpindle\Core\Fitting\Route\PlaceName;

use function array_map;
use function implode;
use function in_array;
use function is_array;
use function is_numeric;
use function is_string;

/** Where names stand in what a workshop has written. */
final readonly class Mentions
{
    public const INSTEAD = 'the customer';

    /**
     * @param  list<NameInText>  $names
     * @param  array<string, int>  $lengths  how much each column holds
     */
    private function __construct(private array $names, private array $lengths) {}

    /**
     * @param  list<int>  $jobs  in which jobs
     * @param  list<NameInText>  $names
     * @return iterable<Mention>
     */
    public static function of(int $workshop, array $jobs, array $names): iterable
    {
        $mentions = new self($names, FreeText::lengths());
        foreach (FreeText::OF_A_JOB + FreeText::OF_THE_WORKSHOP as $table => $columns) {
            foreach (FreeText::rows($table, $workshop, $jobs)->lazy() as $row) {
                foreach ($columns as $column => $label) {
                    $mention = $mentions->at($table, $column, $label, (array) $row);
                    if ($mention !== null) {
                        yield $mention;
                    }
                }
            }
        }
    }

    /** @param  array<array-key, mixed>  $row */
    private function at(string $table, string $column, string $label, array $row): ?Mention
    {
        $at = "{$table}.{$column}";
        $text = $row[$column] ?? null;
        if (! is_string($text) || ($at === 'runs.name' && ($row['role'] ?? null) !== null)) {
            return null;
        }
        $under = FreeText::IN_JSON[$at] ?? null;
        $kept = $under === null ? $text : json_decode($text, true);
        $after = $this->without($at, $kept, $under === null || $under === ['*'], $under ?? []);

        return $after === $kept ? null : new Mention(
            $table, $column, is_numeric($row['id']) ? (int) $row['id'] : 0, is_numeric($row['job_number'] ?? null) ? (int) $row['job_number'] : null, $label,
            implode(' … ', array_filter(Arr::flatten([$kept]), fn (mixed $one) => is_string($one) && $this->replaced($one) !== $one)),
            is_string($after) ? Longest::cut($after, $this->lengths[$at]) : json_encode($after, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        );
    }

    /** @param  list<string>  $under  keys under which somebody has written */
    private function without(string $at, mixed $kept, bool $isWritten, array $under): mixed
    {
        if (is_array($kept)) {
            return array_combine(array_keys($kept), array_map(
                fn (mixed $value, int|string $key) => $this->without(
                    $at, $value, $isWritten || in_array($key, $under, true), $under,
                ), $kept, array_keys($kept),
            ));
        }
        $isPlaceOfAll = in_array($at, FreeText::PLACES, true) && is_string($kept) && PlaceName::isOfAll($kept);

        return is_string($kept) && $isWritten && ! $isPlaceOfAll ? $this->replaced($kept) : $kept;
    }

    private function replaced(string $text): string
    {
        foreach ($this->names as $name) {
            $text = $name->replacedIn($text, self::INSTEAD);
        }

        return $text;
    }
}
