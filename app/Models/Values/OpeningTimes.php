<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Whole\Schedule\OpeningHours;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function array_fill_keys;
use function array_filter;
use function array_map;
use function array_values;
use function count;
use function is_array;
use function is_string;

/** When a workshop is open, weekday by weekday from a Monday as 0, as it was typed: `08:00-12:00, 13:00-17:30`; and the days it is closed. */
final readonly class OpeningTimes implements Kept
{
    use ReadsKept;

    private const USUAL = '08:30-12:30, 13:30-18:00';

    /**
     * @param  array<int, string>  $weekdays  by weekday; nothing where it is closed
     * @param  list<string>  $closed  days
     */
    public function __construct(public array $weekdays = [], public array $closed = []) {}

    /** What is planned with until somebody says otherwise. */
    public static function usual(): self
    {
        return new self(array_fill_keys([0, 1, 2, 3, 4], self::USUAL));
    }

    /**
     * The ranges of a day in minutes; null where they cannot be read, or do not rise.
     *
     * @return list<array{int, int}>|null
     */
    public static function ranges(string $typed): ?array
    {
        $ranges = [];
        $before = -1;
        foreach (array_filter(array_map(trim(...), preg_split('/[,;]/', $typed) ?: []), fn (string $one) => $one !== '') as $one) {
            $ends = array_map(trim(...), preg_split('/\s*(?:-|–|to)\s*/u', $one) ?: []);
            $from = WallClock::minute(self::clock($ends[0] ?? ''));
            $to = ($ends[1] ?? '') === '24:00' ? WallClock::DAY : WallClock::minute(self::clock($ends[1] ?? ''));
            if (count($ends) !== 2 || $from === null || $to === null || $from >= $to || $from <= $before) {
                return null;
            }
            $ranges[] = [$from, $before = $to];
        }

        return $ranges;
    }

    /** `8` and `8:30` are as good as `08:30`. */
    private static function clock(string $typed): string
    {
        return preg_match('/^(\d{1,2})(?:[:.](\d{2}))?$/D', $typed, $found) === 1
            ? sprintf('%02d:%s', $found[1], $found[2] ?? '00') : $typed;
    }

    public function toHours(): OpeningHours
    {
        $days = array_filter(array_map(WallClock::day(...), $this->closed), fn (?int $day) => $day !== null);

        return new OpeningHours(array_map(fn (string $typed) => self::ranges($typed) ?? [], $this->weekdays), array_fill_keys($days, true));
    }

    public static function fromArray(array $kept): static
    {
        $weekdays = [];
        foreach (is_array($kept['weekdays'] ?? null) ? $kept['weekdays'] : [] as $day => $typed) {
            if (is_string($typed)) {
                $weekdays[(int) $day] = $typed;
            }
        }

        return new self($weekdays, array_values(array_filter(is_array($kept['closed'] ?? null) ? $kept['closed'] : [], is_string(...))));
    }

    public function toArray(): array
    {
        return ['weekdays' => $this->weekdays, 'closed' => $this->closed];
    }
}
