<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use function is_string;

/** Counts every fault of a document while it is read, and keeps the first of them. */
final class Faults
{
    /** More than these are only counted. */
    public const KEPT = 1_000;

    /** How many there are so far. */
    public int $count = 0;

    /** @var list<Fault> */
    private array $list = [];

    /** @param  string|callable(): string  $path  a pointer, or what tells it: most of very many are never told */
    public function add(string|callable $path, string $message): void
    {
        if ($this->count++ < self::KEPT) {
            $this->list[] = new Fault(is_string($path) ? $path : $path(), $message);
        }
    }

    /** @return list<Fault> the first of them */
    public function all(): array
    {
        return $this->list;
    }

    /** @throws InvalidDocument when there are any */
    public function expectNone(): void
    {
        if ($this->list !== []) {
            throw InvalidDocument::becauseOf($this->list, $this->count);
        }
    }
}
