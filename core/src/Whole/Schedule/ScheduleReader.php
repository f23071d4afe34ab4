<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use stdClass;

use function array_fill_keys;
use function array_filter;
use function array_map;
use function array_values;
use function count;
use function in_array;

/** Reads a schedule document: every fault at its pointer, nothing planned from a faulty one. */
final class ScheduleReader
{
    public const FORMAT = 'neat-spindle/schedule';

    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const MOST_PEOPLE = 50;

    private const MOST_JOBS = 1_000;

    private const MOST_TASKS = 100;

    private const MOST_MINUTES = 20_000;

    private const MOST_WAIT = 500_000;

    private const A_DATE = 'Expected a day there is, like 2026-11-23.';

    private const A_TIME = 'Expected a time there is, like 2026-11-23T08:00.';

    /** @throws InvalidDocument with every fault at once */
    public static function fromJson(string $json): Workshop
    {
        return self::read(JsonText::object($json));
    }

    /** @throws InvalidDocument with every fault at once */
    public static function read(stdClass $document): Workshop
    {
        $faults = new Faults;
        $root = Cursor::root($document, $faults);
        $root->expectFormat(self::FORMAT);
        $from = self::at($root, 'from', WallClock::time(...), self::A_TIME);
        $hours = self::hours($root);
        $people = self::people($root);
        $readable = array_values(array_filter($people, fn (?Person $one) => $one !== null));
        $known = count($readable) < count($people) ? null : array_map(fn (Person $one) => $one->code, $readable);
        $jobs = self::jobs($root, $known);
        $faults->expectNone();

        return new Workshop($from ?? 0, $hours, $readable, $jobs);
    }

    private static function hours(Cursor $root): OpeningHours
    {
        $at = $root->object('hours');
        $ranges = [];
        foreach (self::WEEKDAYS as $weekday => $name) {
            $before = -1;
            foreach ($at->optionalItems($name) as $range) {
                $read = self::range($range, $before);
                if ($read !== null) {
                    $ranges[$weekday][] = $read;
                    $before = $read[1];
                }
            }
        }
        $closed = [];
        foreach ($root->optionalItems('closed') as $day) {
            $closed[] = self::here($day, WallClock::day(...), self::A_DATE) ?? 0;
        }

        return new OpeningHours($ranges, array_fill_keys($closed, true));
    }

    /** @return array{int, int}|null */
    private static function range(Cursor $at, int $before): ?array
    {
        $ends = $at->itemsHere(2, 2);
        if (count($ends) !== 2) {
            return null;
        }
        $from = self::here($ends[0], WallClock::minute(...), 'Expected a time of the day, like 08:00.');
        $to = self::here($ends[1], fn (string $text) => $text === '24:00' ? WallClock::DAY : WallClock::minute($text), 'Expected a time of the day, like 17:30 or 24:00.');
        if ($from === null || $to === null) {
            return null;
        }
        if ($from >= $to) {
            $at->fault('It must begin before it ends.');

            return null;
        }
        if ($from <= $before) {
            $at->fault('Each must begin after the one before has ended.');

            return null;
        }

        return [$from, $to];
    }

    /** @return list<?Person> null where one's code cannot be read */
    private static function people(Cursor $root): array
    {
        $people = [];
        $codes = [];
        foreach ($root->items('people', 0, self::MOST_PEOPLE) as $at) {
            $code = $at->expectObject() ? self::code($at, $codes) : null;
            $can = array_map(self::text(...), $at->optionalItems('can'));
            $away = [];
            foreach ($at->optionalItems('away') as $days) {
                $away[] = self::away($days);
            }
            $people[] = $code === null ? null : new Person($code, array_values(array_filter($can, is_string(...))), array_values(array_filter($away)));
        }

        return $people;
    }

    /** @return array{int, int}|null */
    private static function away(Cursor $at): ?array
    {
        if (! $at->expectObject()) {
            return null;
        }
        $from = self::at($at, 'from', WallClock::day(...), self::A_DATE);
        $to = self::at($at, 'to', WallClock::day(...), self::A_DATE);
        if ($from !== null && $to !== null && $to < $from) {
            $at->faultAt('to', 'It must not end before it begins.');
        }

        return $from === null || $to === null ? null : [$from, $to];
    }

    /**
     * @param  list<string>|null  $people  codes; null where not all can be read
     * @return list<JobToPlan>
     */
    private static function jobs(Cursor $root, ?array $people): array
    {
        $jobs = [];
        $codes = [];
        foreach ($root->items('jobs', 0, self::MOST_JOBS) as $at) {
            if (! $at->expectObject()) {
                continue;
            }
            $code = self::code($at, $codes);
            $promised = $at->has('promised') ? self::at($at, 'promised', WallClock::day(...), self::A_DATE) : null;
            $tasks = [];
            $before = [];
            foreach ($at->items('tasks', 0, self::MOST_TASKS) as $task) {
                if ($task->expectObject()) {
                    $tasks[] = self::task($task, $before, $people);
                }
            }
            $jobs[] = new JobToPlan($code ?? '', $promised, $tasks);
        }

        return $jobs;
    }

    /**
     * @param  array<array-key, true>  $before  codes of the tasks before it; its own is added
     * @param  list<string>|null  $people
     */
    private static function task(Cursor $at, array &$before, ?array $people): Task
    {
        $earlier = $before;
        $code = self::code($at, $before);
        $isWait = $at->has('wait_minutes');
        $minutes = 1;
        if ($isWait === $at->has('minutes')) {
            $at->fault('Expected either minutes or wait_minutes.');
        } else {
            $minutes = $isWait ? $at->whole('wait_minutes', 0, self::MOST_WAIT) : $at->whole('minutes', 1, self::MOST_MINUTES);
        }
        $who = $at->has('who') ? self::text($at->peek('who')) : null;
        if ($who !== null && $people !== null && ! in_array($who, $people, true)) {
            $at->faultAt('who', 'There is nobody with this code.');
        }
        $after = [];
        foreach ($at->optionalItems('after') as $entry) {
            $named = self::text($entry);
            if ($named !== null && ! isset($earlier[$named])) {
                $entry->fault('This is no task that stands before it in the job.');
            }
            $after[] = $named ?? '';
        }

        return new Task(
            $code ?? '', $minutes, $isWait, $who, $at->has('skill') ? self::text($at->peek('skill')) : null, $after,
            $at->has('not_before') ? self::at($at, 'not_before', WallClock::time(...), self::A_TIME) : null,
        );
    }

    /**
     * The code of an entry, which no other may have.
     *
     * @param  array<array-key, true>  $codes  those before it; it is added
     */
    private static function code(Cursor $at, array &$codes): ?string
    {
        if ($at->textOrNull('code') === null) {
            return null;
        }
        $code = self::text($at->peek('code'));
        if ($code !== null && isset($codes[$code])) {
            $at->faultAt('code', 'Another has this code already.');
        }
        $code === null ?: $codes[$code] = true;

        return $code;
    }

    private static function text(Cursor $at): ?string
    {
        $text = $at->here()->text();
        if ($text === '') {
            $at->fault('Expected a text, not nothing.');

            return null;
        }

        return $text;
    }

    /** @param  callable(string): ?int  $read */
    private static function at(Cursor $at, string $key, callable $read, string $expected): ?int
    {
        return $at->textOrNull($key) === null ? null : self::here($at->peek($key), $read, $expected);
    }

    /** @param  callable(string): ?int  $read */
    private static function here(Cursor $at, callable $read, string $expected): ?int
    {
        $text = $at->here()->text();
        $value = $text === null ? null : $read($text);
        if ($text !== null && $value === null) {
            $at->fault($expected);
        }

        return $value;
    }
}
