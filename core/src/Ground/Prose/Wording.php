<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Prose;

/** What a person reads at a step: texts by field, with what the job at hand says filled in where a `{name}` stands. */
final readonly class Wording
{
    /** @param  array<string, string>  $texts */
    private function __construct(private array $texts) {}

    /** @param  array<string, string>  $texts */
    public static function of(array $texts, string|int|float|null ...$said): self
    {
        $places = [];
        foreach ($said as $name => $words) {
            $places["{{$name}}"] = (string) $words;
        }

        return new self($places === [] ? $texts : array_map(fn (string $text) => strtr($text, $places), $texts));
    }

    public function text(string $field): string
    {
        return $this->texts[$field] ?? '';
    }

    /** Null where there is nothing to say. */
    public function optional(string $field): ?string
    {
        $text = $this->text($field);

        return $text === '' ? null : $text;
    }
}
