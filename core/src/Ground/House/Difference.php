<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

use function count;

/** What is different between two sheets of one bike, in words. */
final readonly class Difference
{
    /** @param  list<string>  $changes in words, in the order of the later sheet; empty: both read the same */
    private function __construct(public array $changes) {}

    /**
     * @param  list<SheetLine>  $before
     * @param  list<SheetLine>  $after
     */
    public static function between(array $before, array $after): self
    {
        [$was, $is] = [array_column($before, null, 'code'), array_column($after, null, 'code')];
        $stays = self::longestCommon(array_keys(array_intersect_key($was, $is)), array_keys(array_intersect_key($is, $was)));
        $changes = [];
        $previous = null;
        foreach ($after as $line) {
            $place = $previous === null ? 'first' : "after “{$previous}”";
            $changes = [...$changes, ...match (true) {
                ! isset($was[$line->code]) => ["New, {$place}: “{$line->title}”."],
                ! isset($stays[$line->code]) => ["“{$line->title}” comes {$place}.", ...self::reads($was[$line->code], $line)],
                default => self::reads($was[$line->code], $line),
            }];
            $previous = $line->title;
        }

        return new self([...$changes, ...array_values(array_map(fn (SheetLine $line) => "Not there any more: “{$line->title}”.", array_diff_key($was, $is)))]);
    }

    /** @return list<string> */
    private static function reads(SheetLine $was, SheetLine $is): array
    {
        $changes = [];
        foreach ($is->says + $was->says as $about => $said) {
            $now = $is->says[$about] ?? 'nothing';
            if ($now !== ($was->says[$about] ?? 'nothing')) {
                $changes[] = "“{$is->title}”, {$about}: {$now}";
            }
        }

        return $changes;
    }

    /**
     * The most steps that keep their order among each other; the others have moved.
     *
     * @param  list<string>  $one
     * @param  list<string>  $other
     * @return array<string, int>
     */
    private static function longestCommon(array $one, array $other): array
    {
        if ($one === $other) {
            return array_flip($one);
        }
        $lengths = array_fill(0, count($one) + 1, array_fill(0, count($other) + 1, 0));
        for ($i = count($one) - 1; $i >= 0; $i--) {
            for ($j = count($other) - 1; $j >= 0; $j--) {
                $lengths[$i][$j] = $one[$i] === $other[$j] ? 1 + $lengths[$i + 1][$j + 1] : max($lengths[$i + 1][$j], $lengths[$i][$j + 1]);
            }
        }
        [$i, $j, $common] = [0, 0, []];
        while ($i < count($one) && $j < count($other)) {
            if ($one[$i] === $other[$j]) {
                $common[] = $one[$i];
                [$i, $j] = [$i + 1, $j + 1];
            } elseif ($lengths[$i + 1][$j] >= $lengths[$i][$j + 1]) {
                $i++;
            } else {
                $j++;
            }
        }

        return array_flip($common);
    }
}
