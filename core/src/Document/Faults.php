<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

use function count;

/** Gathers every fault of a document while it is read. */
final class Faults
{
    /** @var list<Fault> */
    private array $list = [];

    public function add(string $path, string $message): void
    {
        $this->list[] = new Fault($path, $message);
    }

    public function count(): int
    {
        return count($this->list);
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->list;
    }
}
