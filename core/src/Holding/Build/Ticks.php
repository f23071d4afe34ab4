<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use function in_array;

/** What was recorded of a sheet's steps, as far as it still stands. */
final readonly class Ticks
{
    /**
     * @param  list<string>  $done codes
     * @param  list<string>  $failed codes of steps that failed their check
     * @param  array<string, string>  $reopened codes of steps that were done, each with the step that was undone or done again under it
     */
    private function __construct(public array $done, public array $failed, public array $reopened) {}

    /**
     * @param  array<string, int>  $done when each step was ticked, as a number that rises, by its code
     * @param  list<string>  $failed
     * @param  list<string>  $passed codes of steps that somebody goes on with by name
     */
    public static function of(BuildSheet $sheet, array $done, array $failed, array $passed = []): self
    {
        $standing = Standing::of(array_column($sheet->steps, 'after', 'code'), $done, $passed);

        return new self($standing->done(), $failed, $standing->reopened());
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    public function isDone(string $code): bool
    {
        return in_array($code, $this->done, true);
    }

    public function hasFailed(string $code): bool
    {
        return in_array($code, $this->failed, true);
    }
}
