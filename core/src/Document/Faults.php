<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

/** Gathers every fault of a document while it is read. */
final class Faults
{
    /** How many there are so far. */
    public int $count = 0;

    /** @var list<Fault> */
    private array $list = [];

    public function add(string $path, string $message): void
    {
        $this->list[] = new Fault($path, $message);
        $this->count++;
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->list;
    }
}
