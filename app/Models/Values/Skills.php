<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_column;
use function array_filter;
use function array_map;
use function array_merge;
use function array_values;
use function count;
use function hash;
use function in_array;
use function is_array;
use function is_int;
use function is_string;
use function json_encode;

/** What a workshop's work asks for that not everybody in it can. */
final readonly class Skills implements Kept
{
    public const MOST = 12;

    /** @param  list<Skill>  $all */
    private function __construct(public array $all) {}

    public static function none(): self
    {
        return new self([]);
    }

    public function isFull(): bool
    {
        return count($this->all) >= self::MOST;
    }

    public function has(string $name): bool
    {
        return in_array($name, array_column($this->all, 'name'), true);
    }

    public function with(Skill $skill): self
    {
        return new self([...$this->all, $skill]);
    }

    public function without(string $name): self
    {
        return new self(array_values(array_filter($this->all, fn (Skill $one) => $one->name !== $name)));
    }

    /** @return list<WorkKind> work that somebody cannot do for want of one of them */
    public function lackedBy(int $person): array
    {
        return array_merge(...array_map(fn (Skill $skill) => $skill->isHadBy($person) ? [] : $skill->work, $this->all));
    }

    /** By which they are known again. */
    public function mark(): string
    {
        return hash('xxh128', (string) json_encode($this->toArray()));
    }

    public static function fromArray(array $kept): static
    {
        $skills = [];
        foreach (is_array($kept['skills'] ?? null) ? $kept['skills'] : [] as $one) {
            if (is_array($one) && is_string($one['name'] ?? null)) {
                $work = array_map(fn (mixed $kind) => is_string($kind) ? WorkKind::tryFrom($kind) : null, (array) ($one['work'] ?? []));
                $skills[] = new Skill(
                    $one['name'], array_values(array_filter($work)), array_values(array_filter((array) ($one['people'] ?? []), is_int(...))),
                );
            }
        }

        return new self($skills);
    }

    public function toArray(): array
    {
        return ['skills' => array_map(fn (Skill $skill) => [
            'name' => $skill->name, 'work' => array_column($skill->work, 'value'), 'people' => $skill->people,
        ], $this->all)];
    }
}
