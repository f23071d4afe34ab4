<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Whole\Schedule\PlanPrinter;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\ScheduleReader;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return array<string, mixed> */
function answerTo(stdClass $document): array
{
    return PlanPrinter::toArray(Schedule::of(ScheduleReader::read($document)));
}

/** A made-up workshop: odd hours, people away, tasks that need one another. */
function anyWorkshop(Randomizer $random): stdClass
{
    $one = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $hours = [];
    foreach (['mon', 'tue', 'thu', 'sat'] as $day) {
        $hours[$day] = $one([
            [['08:00', '08:07'], ['08:09', '08:20']], [['23:50', '24:00']], [['00:00', '00:10'], ['12:00', '12:30']], [['09:00', '09:25']],
        ]);
    }
    $people = [];
    foreach (array_slice(['ada', 'bo', '7'], 0, $random->getInt(1, 3)) as $code) {
        $people[] = ['code' => $code, 'can' => $one([[], ['fit'], ['fit', 'wire']])] + (
            $random->getInt(0, 2) === 0 ? ['away' => [['from' => '2026-12-28', 'to' => '2027-01-02']]] : []
        );
    }
    $jobs = [];
    for ($i = $random->getInt(1, 6); $i > 0; $i--) {
        $tasks = [];
        for ($t = 0; $t < $random->getInt(0, 5); $t++) {
            $tasks[] = array_filter([
                'code' => "t{$t}", ...$one([
                    ['minutes' => $random->getInt(1, 40)], ['minutes' => $random->getInt(1, 9)],
                    ['wait_minutes' => $random->getInt(0, 3000)],
                ]),
                'who' => $random->getInt(0, 5) === 0 ? $one($people)['code'] : null, 'skill' => $one([null, null, 'fit', 'wire', 'weld']),
                'after' => $t > 0 && $random->getInt(0, 1) === 0 ? ['t'.$random->getInt(0, $t - 1)] : null,
                'not_before' => $random->getInt(0, 4) === 0 ? '2026-12-3'.$random->getInt(0, 1).'T09:0'.$random->getInt(0, 9) : null,
            ], fn (mixed $value) => $value !== null);
        }
        $jobs[] = ['code' => "j{$i}", 'promised' => $one([null, '2026-12-29', '2026-12-30']), 'tasks' => $tasks];
    }

    return json_decode(
        (string) json_encode([
            'format' => 'neat-spindle/schedule', 'version' => 1, 'from' => '2026-12-28T08:0'.$random->getInt(0, 9),
            'hours' => (object) $hours, 'closed' => ['2027-01-05'], 'people' => $people, 'jobs' => $jobs,
        ]),
    );
}

/**
 * The same by looking at every minute of the clock, one after the other.
 *
 * @return list<array{code: string, done: ?string, tasks: list<array{?string, ?string, ?string}>}>
 */
function minuteByMinute(stdClass $document, int $days): array
{
    $from = WallClock::time($document->from);
    $names = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    $clock = array_map(fn (int $minute) => sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60), range(0, 1439));
    $minutes = [];
    foreach ($document->people as $person) {
        $minutes[$person->code] = [];
        for ($day = intdiv($from, 1440); $day <= intdiv($from, 1440) + $days; $day++) {
            $text = WallClock::dayText($day);
            $isAway = array_filter($person->away ?? [], fn ($one) => $one->from <= $text && $text <= $one->to) !== [];
            $ranges = $isAway || in_array($text, $document->closed ?? [], true)
                ? []
                : $document->hours->{$names[WallClock::weekday($day)]} ?? [];
            foreach ($ranges === [] ? [] : $clock as $minute => $time) {
                $at = $day * 1440 + $minute;
                foreach ($ranges as [$opens, $closes]) {
                    if ($at >= $from && $at <= $from + $days * 1440 && $opens <= $time && $time < $closes) {
                        $minutes[$person->code][$at] = false;
                    }
                }
            }
        }
    }
    $jobs = $document->jobs;
    usort($jobs, fn ($a, $b) => ($a->promised ?? '9') <=> ($b->promised ?? '9'));
    $answer = [];
    foreach ($jobs as $job) {
        $ends = [];
        foreach ($job->tasks as $task) {
            $ready = max([
                $from, WallClock::time($task->not_before ?? $document->from),
                ...array_map(fn (string $code) => $ends[$code][2] ?? INF, $task->after ?? []),
            ]);
            $best = [null, null, null];
            if (isset($task->wait_minutes)) {
                $best = $ready === INF ? $best : [null, $ready, $ready + $task->wait_minutes];
            } elseif ($ready !== INF) {
                foreach ($document->people as $person) {
                    if (
                        isset($task->who)
                            ? $task->who !== $person->code
                            : isset($task->skill) && ! in_array($task->skill, $person->can, true)
                    ) {
                        continue;
                    }
                    $free = [];
                    foreach ($minutes[$person->code] as $time => $isTaken) {
                        if ($time < $ready || $isTaken) {
                            $free = [];

                            continue;
                        }
                        $free[] = $time;
                        if (count($free) === $task->minutes) {
                            $best = $best[2] === null || $time + 1 < $best[2] ? [$person->code, $free[0], $time + 1, $free] : $best;

                            break;
                        }
                    }
                }
                foreach ($best[3] ?? [] as $time) {
                    $minutes[$best[0]][$time] = true;
                }
            }
            $ends[$task->code] = $best;
        }
        $answer[$job->code] = array_map(
            fn (array $one) => [
                $one[0], ...array_map(fn (?int $time) => $time === null ? null : WallClock::timeText($time), [$one[1], $one[2]]),
            ],
            array_values($ends),
        );
    }

    return $answer;
}

it('answers every worked case to the letter', function (string $name): void {
    $read = fn (string $file): stdClass => json_decode((string) file_get_contents(__DIR__."/cases/{$name}.{$file}.json"));
    expect(json_decode((string) json_encode(answerTo($read('schedule')))))->toEqual($read('schedule-answer'));
})->with(['nobody', 'one-pair-of-hands', 'week-of-three']);

it('plans as one does who looks at every minute of the clock', function (int $seed): void {
    $document = anyWorkshop(new Randomizer(new Mt19937($seed)));
    $answer = answerTo($document);
    $expected = minuteByMinute($document, 70);
    $found = array_column(
        array_map(
            fn (array $job) => [$job['code'], array_map(fn (array $task) => [$task['who'], $task['start'], $task['end']], $job['tasks'])],
            $answer['jobs'],
        ),
        1, 0,
    );
    foreach ($expected as $code => $tasks) {
        expect($found[$code])->toBe($tasks, "seed {$seed}, job {$code}");
    }
})->with(range(1, 60));

it('counts in its weeks what it has placed, and no more than there is', function (int $seed): void {
    $document = anyWorkshop(new Randomizer(new Mt19937($seed)));
    $answer = answerTo($document);
    $placed = 0;
    foreach ($document->jobs as $i => $job) {
        foreach ($job->tasks as $t => $task) {
            $placed += isset($task->minutes) && $answer['jobs'][$i]['tasks'][$t]['end'] !== null ? $task->minutes : 0;
        }
    }
    expect(array_sum(array_column($answer['load'], 'busy_minutes')))->toBe($placed);
    foreach ($answer['load'] as $load) {
        expect($load['busy_minutes'])->toBeLessThanOrEqual($load['open_minutes']);
    }
})->with(range(100, 130));

it('never lets the first job end later for one person more with every skill, nor for anything of a later job', function (int $seed): void {
    $document = anyWorkshop(new Randomizer(new Mt19937($seed)));
    $first = fn (stdClass $of): array => Schedule::of(ScheduleReader::read($of))->jobs;
    $order = $document->jobs;
    usort($order, fn ($a, $b) => ($a->promised ?? '9') <=> ($b->promised ?? '9'));
    $done = fn (stdClass $of): ?int => array_values(array_filter($first($of), fn ($one) => $one->job->code === $order[0]->code))[0]->done;
    $was = $done($document);
    $alone = clone $document;
    $alone->jobs = [$order[0]];
    expect($done($alone))->toBe($was);
    $more = clone $document;
    $more->people = [...$document->people, (object) ['code' => 'all', 'can' => ['fit', 'wire', 'weld']]];
    expect($was === null || $done($more) <= $was)->toBeTrue();
})->with(range(200, 230));

it('names every fault at its place', function (array $change, array $paths): void {
    $document = json_decode((string) file_get_contents(__DIR__.'/cases/week-of-three.schedule.json'), true);
    $changed = json_decode((string) json_encode(array_replace_recursive($document, $change)));
    try {
        ScheduleReader::read($changed);
        $found = [];
    } catch (InvalidDocument $invalid) {
        $found = array_map(fn (Fault $fault) => $fault->path, $invalid->faults);
    }
    sort($found);
    expect($found)->toBe($paths);
})->with([
    'nothing' => [[], []],
    'another format and version' => [['format' => 'neat-spindle/job', 'version' => 2], ['/format', '/version']],
    'a day that is none' => [['from' => '2026-02-30T08:00', 'closed' => ['2026-13-01']], ['/closed/0', '/from']],
    'no summer time, no seconds' => [['from' => '2026-11-23T08:00:00'], ['/from']],
    'a quarter past twenty-four' => [['hours' => ['mon' => [['08:00', '24:15']]]], ['/hours/mon/0/1']],
    'midnight as a beginning' => [['hours' => ['sun' => [['24:00', '24:00']]]], ['/hours/sun/0/0']],
    'ranges that end before they begin, or overlap' => [
        ['hours' => ['mon' => [['12:00', '08:00'], ['13:15', '17:00'], ['16:00', '18:00']]]], ['/hours/mon/0', '/hours/mon/2'],
    ],
    'ranges that touch, and one from midnight on' => [['hours' => ['sat' => [['00:00', '08:00'], ['08:00', '09:00']]]], ['/hours/sat/1']],
    'a range of one, a range that is none' => [['hours' => ['sun' => [['08:00'], 'all day']]], ['/hours/sun/0', '/hours/sun/1']],
    'a code twice, an empty one' => [['people' => [1 => ['code' => 'ada'], 2 => ['code' => '']]], ['/people/1/code', '/people/2/code']],
    'away the wrong way round' => [
        ['people' => [1 => ['away' => [['from' => '2026-11-27', 'to' => '2026-11-26']]]]], ['/people/1/away/0/to'],
    ],
    'both, and none, of work and wait' => [
        ['jobs' => [0 => ['tasks' => [0 => ['minutes' => 5, 'wait_minutes' => 5], 1 => ['minutes' => null, 'wait_minutes' => null]]]]],
        ['/jobs/0/tasks/0', '/jobs/0/tasks/1'],
    ],
    'no minute, half a minute, far too many' => [
        [
            'jobs' => [
                0 => [
                    'tasks' => [
                        0 => ['minutes' => 0, 'wait_minutes' => null], 1 => ['minutes' => 1.5, 'wait_minutes' => null],
                        2 => ['minutes' => null, 'wait_minutes' => 500_001],
                    ],
                ],
            ],
        ],
        ['/jobs/0/tasks/0/minutes', '/jobs/0/tasks/1/minutes', '/jobs/0/tasks/2/wait_minutes'],
    ],
    'nobody, and a task that comes later' => [
        ['jobs' => [0 => ['tasks' => [0 => ['who' => 'eve', 'after' => ['no-such']]]]]], ['/jobs/0/tasks/0/after/0', '/jobs/0/tasks/0/who'],
    ],
    'numbers in words' => [['jobs' => [0 => ['promised' => 5, 'code' => 7]]], ['/jobs/0/code', '/jobs/0/promised']],
]);

it('plans up to the end of what it looks ahead, and nothing past it', function (): void {
    $at = fn (array $task): ?string => answerTo(json_decode((string) json_encode([
        'format' => 'neat-spindle/schedule', 'version' => 1, 'from' => '2026-11-23T00:00', 'hours' => ['sun' => [['23:00', '24:00']]],
        'people' => [['code' => 'ada']], 'jobs' => [['code' => 'a', 'tasks' => [['code' => 't'] + $task]]],
    ])))['jobs'][0]['tasks'][0]['end'];
    // 1,100 days later is Tuesday, 27 November 2029; the last Sunday before it is the 25th.
    expect($at(['minutes' => 60, 'not_before' => '2029-11-20T00:00']))->toBe('2029-11-26T00:00')
        ->and($at(['minutes' => 61, 'not_before' => '2029-11-20T00:00']))->toBeNull()
        ->and($at(['wait_minutes' => 1440, 'not_before' => '2029-11-26T00:00']))->toBe('2029-11-27T00:00')
        ->and($at(['wait_minutes' => 1441, 'not_before' => '2029-11-26T00:00']))->toBeNull();
});

it('knows the days, weeks and leap days of the calendar', function (): void {
    $day = WallClock::day('1999-12-27');
    for ($i = 0; $i < 20_000; $i += 13) {
        $date = new DateTimeImmutable('1999-12-27 +'.$i.' days');
        expect(WallClock::dayText($day + $i))->toBe($date->format('Y-m-d'))
            ->and(WallClock::weekText($day + $i))->toBe($date->format('o-\WW'))
            ->and(WallClock::weekday($day + $i))->toBe((int) $date->format('N') - 1);
    }
    expect(WallClock::day('2028-02-29'))->not->toBeNull()->and(WallClock::day('2100-02-29'))->toBeNull()
        ->and(WallClock::time('2026-11-23T24:00'))->toBeNull();
});
