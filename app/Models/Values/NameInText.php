<?php

declare(strict_types=1);

namespace App\Models\Values;

use Transliterator;

use function array_slice;
use function count;
use function implode;
use function is_string;
use function preg_match_all;
use function strlen;

/**
 * A person's name as it may stand in what somebody wrote: its words in a row, whole, in any case and with or without
 * accents, whatever stands between them. Li is not in Limit; and as short as that, it is not in Li-ion either, nor is E in
 * "e.g.".
 */
final readonly class NameInText
{
    /** What may part the words of a name: a few signs that are no letters. */
    private const BETWEEN = 4;

    /** Names of so many letters are short: joined to something they are mostly a part of another word. */
    private const SHORT = 3;

    private const JOINED_BEFORE = '/[\p{L}\p{N}][\-‐‑_@&]$|(?<!\p{L})\p{L}\.$/u';

    private const JOINED_AFTER = '/^[\-‐‑_@&][\p{L}\p{N}]|^\.\p{L}(?!\p{L})/u';

    /** @param  non-empty-list<string>  $words  folded */
    private function __construct(public string $name, private array $words) {}

    /** Null where there is no letter and no digit in it. */
    public static function of(string $name): ?self
    {
        $words = array_map(fn (array $word) => $word[0], self::words($name));

        return $words === [] ? null : new self($name, $words);
    }

    public function isSameAs(self $other): bool
    {
        return $this->words === $other->words;
    }

    public function isIn(string $text): bool
    {
        return $this->places($text) !== [];
    }

    /** The same text with other words for the name. */
    public function replacedIn(string $text, string $by): string
    {
        foreach (array_reverse($this->places($text)) as [$from, $to]) {
            $text = substr($text, 0, $from).$by.substr($text, $to);
        }

        return $text;
    }

    /** @return list<array{int, int}> from and to, in bytes */
    private function places(string $text): array
    {
        $found = self::words($text);
        $places = [];
        for ($i = 0; $i + count($this->words) <= count($found); $i++) {
            $run = array_slice($found, $i, count($this->words));
            [$from, $to] = [$run[0][1] ?? 0, $run[count($run) - 1][2] ?? 0];
            if (array_column($run, 0) === $this->words && $this->isInARow($run) && $this->isWhole($text, $from, $to)) {
                $places[] = [$from, $to];
                $i += count($this->words) - 1;
            }
        }

        return $places;
    }

    /** @param  list<array{string, int, int}>  $run */
    private function isInARow(array $run): bool
    {
        foreach (array_slice($run, 1) as $i => $word) {
            if ($word[1] - $run[$i][2] > self::BETWEEN) {
                return false;
            }
        }

        return true;
    }

    private function isWhole(string $text, int $from, int $to): bool
    {
        return mb_strlen(implode('', $this->words)) > self::SHORT
            || (preg_match(self::JOINED_BEFORE, substr($text, 0, $from)) !== 1 && preg_match(self::JOINED_AFTER, substr($text, $to)) !== 1);
    }

    /** @return list<array{string, int, int}> each word folded, with where it begins and ends, in bytes */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}\p{M}]+/u', $text, $found, PREG_OFFSET_CAPTURE);

        return array_map(fn (array $word) => [self::folded($word[0]), $word[1], $word[1] + strlen($word[0])], $found[0]);
    }

    private static function folded(string $word): string
    {
        static $fold = null;
        $fold ??= Transliterator::create('NFKD; [:Mark:] Remove; Latin-ASCII; Lower; NFC');
        $folded = $fold?->transliterate($word);

        return is_string($folded) ? $folded : mb_strtolower($word);
    }
}
