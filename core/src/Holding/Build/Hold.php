<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** What holds a step back, and where it is put right. */
final readonly class Hold
{
    /**
     * @param  string  $says in a person's words
     * @param  ?string  $step code of the step or check that comes first; null where it is neither
     */
    public function __construct(public string $says, public PutRight $at, public ?string $step = null) {}

    /** By which it is known again: whoever passes one has passed this very reason, and no other that comes later. */
    public function mark(): string
    {
        return BuildGate::mark($this->says);
    }
}
