<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function max;

/** Something of a job that takes time: work, which somebody does, or a wait, which is nobody's. */
final readonly class Task
{
    /**
     * @param  int  $minutes  of working time, or of plain clock time where it is a wait
     * @param  ?string  $who  the person who has to do it; null where others may
     * @param  ?string  $skill  what whoever does it must be able to; null where anybody may
     * @param  list<string>  $after  codes of the tasks of its job that come before it
     * @param  ?int  $notBefore  a time; null where none is named
     * @param  bool  $isOnStand  whether its bike hangs in a stand meanwhile, which counts where there are only so many
     */
    public function __construct(
        public string $code,
        public int $minutes,
        public bool $isWait = false,
        public ?string $who = null,
        public ?string $skill = null,
        public array $after = [],
        public ?int $notBefore = null,
        public bool $isOnStand = false,
    ) {}

    /** A wait that runs already, and ends at a time; at once where that is over. */
    public static function until(string $code, int $from, int $end): self
    {
        return new self($code, max(0, $end - $from), isWait: true);
    }
}
