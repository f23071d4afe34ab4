<?php

declare(strict_types=1);

namespace App\View\Shared;

use BackedEnum;

/** The mark of a verdict with its word. A page says some of them dozens of times: each is drawn once. */
final class VerdictMark
{
    /** Where its words go. */
    private const WORDS = '%words%';

    /** @var array<string, string> as drawn, by what was asked for, without its words */
    private static array $drawn = [];

    /**
     * @param  BackedEnum|string|null  $of  clear, tight, fails; null while it is open
     * @param  ?string  $words  in place of the verdict's own word
     * @param  bool  $wraps  whether its words may take several lines
     */
    public static function draw(BackedEnum|string|null $of = null, ?string $words = null, bool $wraps = false): string
    {
        $value = $of instanceof BackedEnum ? (string) $of->value : $of ?? 'open';
        $words ??= match ($value) {
            'clear' => 'Clear', 'tight' => 'Tight', 'fails' => 'Fails', default => 'Open',
        };

        self::$drawn["{$value} {$wraps}"] ??= view(
            'components.drawing.verdict', ['value' => $value, 'words' => self::WORDS, 'wraps' => $wraps],
        )->render();

        return str_replace(self::WORDS, e($words), self::$drawn["{$value} {$wraps}"]);
    }
}
