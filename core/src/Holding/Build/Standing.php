<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use function array_key_exists;
use function in_array;

/**
 * What of that which was ticked still stands. What is asked otherwise now is open again; what rests on something that
 * was undone, done again later or asked otherwise, is open with it: it was made on what is no longer so.
 */
final class Standing
{
    /** @var array<string, ?string> by code: what it rests on and was undone, done again or asked otherwise; null where it stands */
    private array $undoneBy = [];

    /**
     * @param  array<string, list<string>>  $needs  codes of what each rests on, by its code; what is not asked for here is not needed
     * @param  array<string, int>  $done  when each was ticked, as a number that rises
     * @param  list<string>  $changed  codes of what was ticked for something else than is asked now
     */
    private function __construct(private readonly array $needs, private readonly array $done, private readonly array $changed) {}

    /**
     * @param  array<string, list<string>>  $needs
     * @param  array<string, int>  $done
     * @param  list<string>  $changed
     */
    public static function of(array $needs, array $done, array $changed = []): self
    {
        $standing = new self($needs, $done, $changed);
        array_map($standing->lookAt(...), array_keys(array_intersect_key($needs, $done)));

        return $standing;
    }

    /** @return list<string> codes of what stands */
    public function done(): array
    {
        return array_keys(array_filter($this->undoneBy, fn (?string $by) => $by === null));
    }

    /** @return array<string, string> codes of what is open again, each with what it rests on and was undone, done again or asked otherwise; itself where it is that */
    public function reopened(): array
    {
        return array_filter($this->undoneBy, fn (?string $by) => $by !== null);
    }

    private function lookAt(string $code): ?string
    {
        if (! array_key_exists($code, $this->undoneBy)) {
            $this->undoneBy[$code] = null;
            $this->undoneBy[$code] = $this->undoneOf($code);
        }

        return $this->undoneBy[$code];
    }

    private function undoneOf(string $code): ?string
    {
        if (in_array($code, $this->changed, true)) {
            return $code;
        }
        foreach ($this->needs[$code] as $before) {
            $isAsked = isset($this->needs[$before]);
            if ($isAsked && (! isset($this->done[$before]) || $this->done[$before] > $this->done[$code])) {
                return $before;
            }
            $further = $isAsked ? $this->lookAt($before) : null;
            if ($further !== null) {
                return $further;
            }
        }

        return null;
    }
}
