<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use stdClass;

use function array_filter;
use function is_array;
use function is_float;
use function is_int;
use function is_numeric;
use function is_string;
use function json_decode;
use function json_encode;
use function mb_strlen;
use function preg_match;
use function str_starts_with;
use function strlen;
use function substr;

/** One column: what may stand in it, and what it names. */
final readonly class ArchiveColumn
{
    private const DAY = '/^\d{4}-\d{2}-\d{2}$/D';

    private const MOMENT = '/^\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}$/D';

    /**
     * @param  string  $at  table and name
     * @param  ?int  $most  characters at most; null where no text stands in it
     * @param  ?string  $refers  the table one of whose rows it names
     * @param  bool  $hasDefault  whether the database says what stands there where nobody does
     */
    public function __construct(
        public string $at, public ColumnType $type, public ?int $most, public bool $isOptional, public ?string $refers,
        private bool $isUnsigned, public bool $hasDefault = false,
    ) {}

    /** Whether an archive of a program that did not know it yet can be read without it. */
    public function mayBeMissing(): bool
    {
        return $this->isOptional || $this->hasDefault;
    }

    /** As an archive has what a row has. */
    public function out(mixed $kept, RowNumbers $numbers): mixed
    {
        return match (true) {
            $kept === null => null,
            $this->refers !== null => $numbers->of($this->refers, is_numeric($kept) ? (int) $kept : 0),
            $this->type === ColumnType::Whole => is_numeric($kept) ? (int) $kept : null,
            $this->type === ColumnType::Figure => is_numeric($kept) ? (float) $kept : null,
            $this->type === ColumnType::Json => $this->throughJson(is_string($kept) ? json_decode($kept,
                flags: JSON_THROW_ON_ERROR) : null, $numbers),
            default => $this->throughWords(is_string($kept) ? $kept : '', $numbers),
        };
    }

    /** As a row has what an archive has, which was looked at before. */
    public function in(mixed $read, RowNumbers $numbers): mixed
    {
        return match (true) {
            $read === null => null,
            $this->refers !== null => $numbers->of($this->refers, is_int($read) ? $read : 0),
            $this->type === ColumnType::Json => json_encode($this->throughJson($read, $numbers), self::JSON),
            $this->type === ColumnType::Text => $this->throughWords(is_string($read) ? $read : '', $numbers),
            default => $read,
        };
    }

    public const JSON = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /**
     * What is wrong with what an archive has; null where nothing is.
     *
     * @param  array<string, int>  $counts  how many rows each table has
     */
    public function fault(mixed $read, array $counts): ?string
    {
        if ($read === null) {
            return $this->isOptional ? null : 'must not be empty';
        }
        if ($this->refers !== null) {
            $most = $counts[$this->refers] ?? 0;

            return is_int($read) && $read >= 1 && $read <= $most
                ? null : "names row {$this->shown($read)} of {$this->refers}, of which there are {$most}";
        }

        return match ($this->type) {
            ColumnType::Whole => is_int($read) && ($read >= 0 || ! $this->isUnsigned) ? null : 'is no whole number that fits',
            ColumnType::Figure => is_int($read) || is_float($read) ? null : 'is no number',
            ColumnType::Day => is_string($read) && preg_match(self::DAY, $read) === 1 ? null : 'is no day',
            ColumnType::Moment => is_string($read) && preg_match(self::MOMENT, $read) === 1 ? null : 'is no moment',
            ColumnType::Text => is_string($read) && mb_strlen($read) <= ($this->most ?? PHP_INT_MAX) ? null : 'is no text that fits',
            ColumnType::Json => null,
        };
    }

    /** @return array<string, mixed> as a JSON schema says it */
    public function schema(): array
    {
        $type = match ($this->type) {
            ColumnType::Whole => ['type' => 'integer', ...($this->isUnsigned ? ['minimum' => $this->refers === null ? 0 : 1] : [])],
            ColumnType::Figure => ['type' => 'number'],
            ColumnType::Day => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2}$'],
            ColumnType::Moment => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}$'],
            ColumnType::Text => ['type' => 'string', ...array_filter(['maxLength' => $this->most])],
            ColumnType::Json => [],
        };
        if ($this->isOptional && isset($type['type'])) {
            $type['type'] = [$type['type'], 'null'];
        }

        return $this->refers === null ? $type : ['description' => "the number of a line of {$this->refers}", ...$type];
    }

    private function shown(mixed $read): string
    {
        return is_int($read) || is_string($read) ? substr((string) $read, 0, 20) : 'no number';
    }

    private function throughWords(string $words, RowNumbers $numbers): string
    {
        [$before, $table] = ArchiveTables::IN_WORDS[$this->at] ?? [null, ''];
        if ($before === null || ! str_starts_with($words, $before)) {
            return $words;
        }
        $number = substr($words, strlen($before));

        return preg_match('/^[1-9]\d{0,17}$/D', $number) === 1 ? $before.($numbers->of($table, (int) $number) ?? 0) : $words;
    }

    private function throughJson(mixed $value, RowNumbers $numbers): mixed
    {
        $refers = ArchiveTables::IN_JSON[$this->at] ?? [];

        return $refers === [] ? $value : $this->renumbered($value, '', $refers, $numbers);
    }

    /** @param  array<string, string>  $refers */
    private function renumbered(mixed $value, string $key, array $refers, RowNumbers $numbers): mixed
    {
        $table = $refers[$key] ?? $refers['*'] ?? null;
        if (is_int($value)) {
            return $table === null ? $value : $numbers->of($table, $value);
        }
        if (is_array($value)) {
            return array_map(fn (mixed $one) => $this->renumbered($one, $key, $refers, $numbers), $value);
        }
        if (! $value instanceof stdClass) {
            return $value;
        }
        $renumbered = new stdClass;
        $keys = $refers["#{$key}"] ?? null;
        foreach ((array) $value as $name => $one) {
            $renumbered->{$keys === null ? (string) $name : (string) $numbers->of($keys, (int) $name)} = $this->renumbered($one,
                (string) $name, $refers, $numbers);
        }

        return $renumbered;
    }
}
