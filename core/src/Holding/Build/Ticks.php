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
     * @param  array<string, string>  $reopened codes of steps that were done, each with the step that was undone, done again or
     *     asked otherwise under it; with itself where it is that
     */
    private function __construct(public array $done, public array $failed, public array $reopened) {}

    /**
     * @param  array<string, int>  $done when each step was ticked, as a number that rises, by its code
     * @param  list<string>  $failed
     * @param  array<string, string>  $passed marks of the holds that somebody went on with by name, by the step's code
     * @param  array<string, Asked>  $asked what each asked for when it was ticked, by its code
     */
    public static function of(BuildSheet $sheet, array $done, array $failed, array $passed = [], array $asked = []): self
    {
        $changed = array_filter(
            $asked, fn (Asked $then, string $code) => $sheet->step($code)?->asked()->isOtherThan($then) === true, ARRAY_FILTER_USE_BOTH,
        );
        $needs = array_column($sheet->steps, 'after', 'code');
        foreach ($passed as $code => $mark) {
            $step = $sheet->step($code);
            $needs[$code] = $step === null ? [] : array_values(array_diff($step->after, BuildGate::answeredFor($sheet, $step, $mark)));
        }
        $standing = Standing::of($needs, $done, array_keys($changed));

        return new self($standing->done(), $failed, $standing->reopened());
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /** The same, once another step is ticked too. */
    public function once(string $code): self
    {
        return new self([...$this->done, $code], array_values(array_diff($this->failed, [$code])), array_diff_key($this->reopened, [$code => true]));
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
