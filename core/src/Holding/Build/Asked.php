<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Measure\TorqueUnit;

use function array_key_exists;
use function is_array;
use function is_string;

/**
 * What a step or a check asked for: with which parts and pieces, to which torque, with what on the thread. A tick is for
 * that, and for nothing that is chosen later. What was not written down when it was ticked is not held against it.
 */
final readonly class Asked
{
    /**
     * @param  array<string, string>  $things what it takes or is held to, in words, by what it is
     * @param  array{float, float}|false|null  $torque from and to, in N·m; null where no band was known, false where nobody wrote that down
     * @param  string|false|null  $compound by its code; null where none is asked for, false where nobody wrote that down
     */
    private function __construct(public array $things, private array|false|null $torque, private string|false|null $compound) {}

    /**
     * @param  array<string, string>  $things
     * @param  array{float, float}|null  $torque
     */
    public static function of(array $things, ?array $torque = null, ?Compound $compound = null): self
    {
        return new self($things, $torque, $compound?->value);
    }

    /** @param  array<mixed>  $kept as `kept` gave it, perhaps by an older program */
    public static function read(array $kept): self
    {
        $torque = $kept['torque_nm'] ?? null;
        $compound = $kept['compound'] ?? null;
        $things = is_array($kept['things'] ?? null) ? $kept['things'] : [];

        return new self(
            array_filter($things, fn (mixed $words, mixed $what) => is_string($words) && is_string($what), ARRAY_FILTER_USE_BOTH),
            match (true) {
                is_array($torque) && is_numeric($torque[0] ?? null) && is_numeric($torque[1] ?? null) => [(float) $torque[0], (float) $torque[1]],
                default => array_key_exists('torque_nm', $kept) ? null : false,
            },
            match (true) {
                is_string($compound) => $compound,
                default => array_key_exists('compound', $kept) ? null : false,
            },
        );
    }

    /** @return array{things: array<string, string>, torque_nm: array{float, float}|null, compound: ?string} */
    public function kept(): array
    {
        return ['things' => $this->things, 'torque_nm' => $this->torque ?: null, 'compound' => $this->compound ?: null];
    }

    /**
     * @param  array<array-key, string>  $names of parts that stand here by their codes
     * @return list<string> what is asked otherwise now, in words; empty where nothing is
     */
    public function differsFrom(self $now, TorqueUnit $unit = TorqueUnit::NewtonMetre, array $names = []): array
    {
        $differs = [];
        foreach (array_intersect_key($this->things, $now->things) as $what => $then) {
            if ($then !== $now->things[$what]) {
                $differs[] = "{$what}: ".($names[$then] ?? $then).' then, '.($names[$now->things[$what]] ?? $now->things[$what]).' now';
            }
        }
        if ($this->torque !== false && $this->torque != $now->torque) {
            $differs[] = "the band: {$this->bandIn($unit)} then, {$now->bandIn($unit)} now";
        }
        if ($this->compound !== false && $this->compound !== $now->compound) {
            $differs[] = "on it: {$this->compoundWords()} then, {$now->compoundWords()} now";
        }

        return $differs;
    }

    /** Whether it asks for something else than was asked then. */
    public function isOtherThan(self $then): bool
    {
        return $then->differsFrom($this) !== [];
    }

    private function bandIn(TorqueUnit $unit): string
    {
        return $this->torque === null || $this->torque === false
            ? 'not known' : "{$unit->figure($this->torque[0])} to {$unit->show($this->torque[1])}";
    }

    private function compoundWords(): string
    {
        return $this->compound === null || $this->compound === false ? 'nothing' : lcfirst(Compound::from($this->compound)->label());
    }
}
