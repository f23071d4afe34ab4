<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** What hangs at a motor and what at the joints of its main lead on the bar: as its papers say, and as most are where they say nothing. */
final readonly class Harness
{
    /** @param  array<string, Run>  $said  by the role's name */
    private function __construct(private array $said) {}

    public static function usual(): self
    {
        return new self([]);
    }

    /** The same, where a lead ends elsewhere, or has another length and plug. */
    public function with(RunRole $role, Joint $joint, float $length, string $connector): self
    {
        return new self([...$this->said, $role->value => $role->usual()->supplied($joint, $length, $connector)]);
    }

    public function run(RunRole $role): Run
    {
        return $this->said[$role->value] ?? $role->usual();
    }

    /** @return list<RunRole> what the papers speak of */
    public function named(): array
    {
        return array_map(RunRole::from(...), array_keys($this->said));
    }
}
