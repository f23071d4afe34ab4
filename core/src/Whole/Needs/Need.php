<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

use NeatSpindle\Core\Holding\Build\BuildStep;

/** Something a job needs: how many, from where, and what waits for it. */
final readonly class Need
{
    /** The code of the step that waits for it; null where none does. */
    public ?string $step;

    /** The title of that step. */
    public ?string $waits;

    /**
     * @param  bool  $isCountedIn  whether it counts as here only once it lies in the drawer, with its length
     * @param  bool  $isSpacer  whether it is a spacer of the stack
     */
    public function __construct(
        public string $what, public int $count, public Origin $origin, ?BuildStep $waits, private bool $isCountedIn = false,
        public bool $isSpacer = false,
    ) {
        $this->step = $waits?->code;
        $this->waits = $waits?->title;
    }

    /** Whether it has to come from elsewhere, and somebody has to say that it is here. */
    public function isFetched(): bool
    {
        return $this->origin === Origin::Shop && ! $this->isCountedIn;
    }

    /** By which it is known again as long as it is this, so many, for this step. */
    public function mark(): string
    {
        return hash('xxh128', "{$this->count} {$this->what} {$this->step}");
    }

    public function says(): string
    {
        return $this->count === 1 ? lcfirst($this->what) : "{$this->count} × ".lcfirst($this->what);
    }
}
