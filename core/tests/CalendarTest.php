<?php

declare(strict_types=1);

use NeatSpindle\Core\Whole\Calendar\Elsewhere;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\JobTask;
use NeatSpindle\Core\Whole\Calendar\Minutes;
use NeatSpindle\Core\Whole\Calendar\Reasons;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\Terms;
use NeatSpindle\Core\Whole\Calendar\Turns;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\JobToPlan;
use NeatSpindle\Core\Whole\Schedule\OpeningHours;
use NeatSpindle\Core\Whole\Schedule\Person;
use NeatSpindle\Core\Whole\Schedule\Plan;
use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use NeatSpindle\Core\Whole\Schedule\Workshop;

const NINE_TO_FIVE = [[9 * 60, 12 * 60], [13 * 60, 17 * 60]];

function planFrom(): int
{
    return (int) WallClock::time('2026-11-30T08:00');
}

function usual(): Terms
{
    return new Terms(Minutes::usual(), planFrom());
}

function someone(string $code, bool $judges): Person
{
    return new Person($code, array_column(WorkKind::doneBy($judges), 'value'));
}

/** @param  list<RestOfJob>  $rests */
function planOf(array $rests, int $people = 2, ?Minutes $minutes = null, ?int $partsAt = null, ?int $stands = null): Plan
{
    $jobs = array_map(fn (int $i, RestOfJob $rest) => new JobToPlan(
        "j{$i}", null, array_map(
            fn (JobTask $task) => $task->task, $rest->tasks(new Terms($minutes ?? Minutes::usual(), planFrom(), $partsAt)),
        ),
    ), array_keys($rests), $rests);
    $hours = new OpeningHours(array_fill_keys([0, 1, 2, 3, 4], NINE_TO_FIVE));

    return Schedule::of(
        new Workshop(planFrom(), $hours, array_map(fn (int $i) => someone("p{$i}", $i === 0), range(0, $people - 1)), $jobs, $stands),
    );
}

/** Any rest of a job, drawn with a seed. */
function anyRest(int $seed): RestOfJob
{
    mt_srand($seed);
    $pieces = [];
    foreach (WorkKind::cases() as $kind) {
        $pieces[$kind->value] = mt_rand(0, 2) === 0 ? 0 : mt_rand(1, 6);
    }

    return new RestOfJob(
        $pieces, awaitsParts: mt_rand(0, 1) === 1, cures: mt_rand(0, 1) === 1,
        curedAt: mt_rand(0, 2) === 0 ? planFrom() + mt_rand(0, 2_000) : null,
    );
}

it('has the tasks of a job in the order of the hand, each after the one before, the ride once it has cured', function (): void {
    $tasks = RestOfJob::untouched()->tasks(usual());
    expect(array_column($tasks, 'code'))
        ->toBe([
            'survey', 'strip', 'bare', 'choose', 'dry', 'gap', 'body', 'torque', 'drive', 'routes', 'stand', 'cure', 'ride', 'hand-over',
        ]);
    $byCode = array_column($tasks, 'task', 'code');
    expect($byCode['ride']->after)->toBe(['stand', 'cure'])->and($byCode['cure']->after)->toBe(['torque'])
        ->and($byCode['cure']->minutes)->toBe(1_440)
        ->and($byCode['ride']->skill)->toBe('ride')->and($byCode['strip']->minutes)->toBe(54);
    $built = (new RestOfJob(['stand' => 2, 'ride' => 1, 'hand-over' => 1], curedAt: planFrom() + 300))->tasks(usual());
    expect(array_column($built, 'code'))->toBe(['stand', 'cure', 'ride', 'hand-over'])->and($built[1]->task->minutes)->toBe(300);
});

it('says no date where a decision has no end, and waits for parts as long as was named, else as is usual', function (): void {
    $endless = planOf([new RestOfJob(['torque' => 3], endless: 'The frame’s maker is asked')])->jobs[0];
    expect($endless->done)->toBeNull()->and(Reasons::of($endless, planFrom())->endless?->task->code)->toBe('decision');
    $rest = new RestOfJob(['dry' => 1, 'torque' => 1], awaitsParts: true);
    $named = planOf([$rest], partsAt: (int) WallClock::time('2026-12-03T00:00'))->jobs[0];
    $usual = planOf([$rest])->jobs[0];
    expect(WallClock::dayText(intdiv((int) $named->done, WallClock::DAY)))->toBe('2026-12-03')
        ->and(WallClock::dayText(intdiv((int) $usual->done, WallClock::DAY)))->toBe('2026-12-07');
});

it('learns what pieces take once it knows enough of them, and plans the careful date with the upper quarter', function (): void {
    $minutes = Minutes::learned(['torque' => [4.0, 6.0, 8.0, 10.0, 30.0], 'strip' => [1.0, 1.0]]);
    expect($minutes->of(WorkKind::Torque, 3))->toBe(24)->and($minutes->careful()->of(WorkKind::Torque, 3))->toBe(30)
        ->and($minutes->known(WorkKind::Torque))->toBe([8.0, 10.0, 5])
        ->and($minutes->of(WorkKind::Strip, 2))->toBe(12)->and($minutes->known(WorkKind::Strip))->toBeNull()
        ->and($minutes->careful()->of(WorkKind::Strip, 2))->toBe(17);
    for ($seed = 0; $seed < 50; $seed++) {
        $rests = array_map(anyRest(...), range($seed, $seed + 2));
        expect(planOf([$rests[0]], minutes: Minutes::usual()->careful())->jobs[0]->done ?? 0)
            ->toBeGreaterThanOrEqual(planOf([$rests[0]])->jobs[0]->done ?? 0);
    }
});

it('gives a chain of reasons whose minutes and waits are the whole of the time', function (): void {
    for ($seed = 0; $seed < 200; $seed++) {
        $plan = planOf(array_map(anyRest(...), range($seed * 7, $seed * 7 + 5)));
        foreach ($plan->jobs as $job) {
            $reasons = Reasons::of($job, planFrom());
            if ($job->done !== null) {
                expect($reasons->total())->toBe($job->done - planFrom())->and($reasons->cheapest()?->task->code)->not->toBe('cure');
                foreach ($reasons->links as $link) {
                    expect($link['waits'])->toBeGreaterThanOrEqual(0);
                }
            }
        }
    }
});

it('lets one person more who can do everything never end the first job later, and no later job move an earlier one', function (): void {
    for ($seed = 0; $seed < 150; $seed++) {
        $rests = array_map(anyRest(...), range($seed * 5, $seed * 5 + 3));
        $alone = planOf([$rests[0]])->jobs[0]->done;
        expect(planOf($rests)->jobs[0]->done)->toBe($alone);
        $more = Schedule::of(new Workshop(
            planFrom(), new OpeningHours(array_fill_keys([0, 1, 2, 3, 4], NINE_TO_FIVE)),
            [someone('p0', true), someone('p1', false), someone('p2', true)],
            [new JobToPlan('j0', null, array_map(fn (JobTask $task) => $task->task, $rests[0]->tasks(usual())))],
        ))->jobs[0]->done;
        expect($more ?? 0)->toBeLessThanOrEqual($alone ?? 0);
    }
});

it('is kept and read again as it was', function (): void {
    for ($seed = 0; $seed < 40; $seed++) {
        $rest = anyRest($seed);
        $kept = RestOfJob::fromArray((array) json_decode((string) json_encode($rest->toArray()), true));
        expect($kept->tasks(usual()))->toEqual($rest->tasks(usual()));
    }
    expect(RestOfJob::fromArray(['pieces' => 'x', 'endless' => 3])->isNothing())->toBeTrue();
});

it('plans by promise, but what was put before another just before it, however far that goes', function (): void {
    expect(Turns::of([1 => 20, 2 => null, 3 => 10, 4 => 30, 5 => 20], [4 => 1, 2 => 4]))
        ->toBe([2 => 20, 4 => 20, 1 => 20, 3 => 10, 5 => 20])
        ->and(Turns::of([1 => 20, 2 => 10], [1 => 99, 98 => 2]))->toBe([1 => 20, 2 => 10]);
    // A circle that two people made at one time is none; what hangs on it stays before what it was put before.
    expect(Turns::of([1 => 3, 2 => 2, 3 => 9], [1 => 2, 2 => 1, 3 => 1]))->toBe([3 => 3, 1 => 3, 2 => 2])
        ->and(Turns::isCircle([1 => 2, 2 => 3], 3, 1))->toBeTrue()->and(Turns::isCircle([1 => 2, 2 => 3], 1, 3))->toBeFalse()
        ->and(Turns::isCircle([1 => 2, 2 => 1], 3, 1))->toBeFalse()->and(Turns::isCircle([], 3, 3))->toBeTrue();
});

it('waits for what lies in other hands before the work that needs it, for ever where nobody can name a day', function (): void {
    $rest = new RestOfJob(['strip' => 1, 'drive' => 1, 'hand-over' => 1]);
    $wheel = fn (?string $day, string $since = '2026-11-30') => new Elsewhere(
        'elsewhere-1', ElsewhereKind::Shop, 'front wheel', WorkKind::Drive, (int) WallClock::day($since), $day === null
            ? null
            : WallClock::day($day),
    );
    $done = fn (Elsewhere ...$away): ?string => ($at = planWith($rest, $away)->done) === null
        ? null
        : WallClock::dayText(intdiv($at - 1, WallClock::DAY));
    expect($done())->toBe('2026-11-30')->and($done($wheel('2026-12-02')))->toBe('2026-12-02')
        ->and($done($wheel('2026-11-01')))->toBe('2026-11-30')
        ->and($done($wheel(null)))->toBe('2026-12-07')->and($done($wheel(null, '2026-11-25')))->toBe('2026-12-02')
        ->and($done($wheel(null, '2026-11-01')))->toBe('2026-11-30')
        ->and(
            $done(
                new Elsewhere(
                    'elsewhere-2', ElsewhereKind::Customer, 'which colour', WorkKind::Strip, (int) WallClock::day('2026-11-01'), null,
                ),
            ),
        )
        ->toBeNull();
    $codes = array_map(fn (object $one): string => $one->task->code, planWith($rest, [$wheel('2026-12-02')])->tasks);
    expect($codes)->toBe(['strip', 'elsewhere-1', 'drive', 'hand-over']);
    // Work that is done already waits for nothing; the next that is left does.
    $late = planWith(new RestOfJob(['hand-over' => 1]), [$wheel('2026-12-02')]);
    expect(WallClock::dayText(intdiv((int) $late->done, WallClock::DAY)))->toBe('2026-12-02')
        ->and($late->tasks[1]->task->after)->toBe(['elsewhere-1']);
});

it('gives work to whoever is named, and to nobody who cannot do it', function (): void {
    $rest = new RestOfJob(['strip' => 1, 'ride' => 1]);
    $plan = planWith($rest, [], ['strip' => 'p1']);
    expect(array_column($plan->tasks, 'who'))->toBe(['p1', 'p0'])
        ->and(array_column(planWith($rest)->tasks, 'who'))->toBe(['p0', 'p0'])
        ->and(array_column(WorkKind::doneBy(false, [WorkKind::Routes]), 'value'))->not->toContain('routes')->not->toContain('ride')
        ->toContain('strip');
});

/**
 * @param  list<Elsewhere>  $away
 * @param  array<string, string>  $hands
 */
function planWith(RestOfJob $rest, array $away = [], array $hands = []): PlannedJob
{
    $tasks = array_column($rest->tasks(new Terms(Minutes::usual(), planFrom(), elsewhere: $away, hands: $hands)), 'task');

    return Schedule::of(new Workshop(
        planFrom(), new OpeningHours(
            array_fill_keys([0, 1, 2, 3, 4], NINE_TO_FIVE),
        ), [someone('p0', true), someone('p1', false)], [new JobToPlan('j', null, $tasks)],
    ))->jobs[0];
}

it('never hangs more bikes at a time than there are stands, moves no earlier job for a later one, and plans as before where there are enough', function (): void {
    $waited = 0;
    for ($seed = 0; $seed < 80; $seed++) {
        $rests = array_map(anyRest(...), range($seed * 7, $seed * 7 + 6));
        $stands = 1 + $seed % 2;
        $plan = planOf($rests, 3, stands: $stands);
        $hung = array_map(onStands(...), $plan->jobs);
        foreach ($hung as $stretches) {
            foreach ($stretches as [$at]) {
                $meanwhile = array_filter(array_merge(...$hung), fn (array $one) => $one[0] <= $at && $one[1] > $at);
                expect(count($meanwhile))->toBeLessThanOrEqual($stands);
            }
        }
        expect(planOf(array_slice($rests, 0, 3), 3, stands: $stands)->jobs)->toEqual(array_slice($plan->jobs, 0, 3))
            ->and(planOf($rests, 3, stands: 7)->jobs)->toEqual(planOf($rests, 3)->jobs);
        $waited += (int) (planOf($rests, 3)->jobs != $plan->jobs);
    }
    expect($waited)->toBeGreaterThan(40);
});

/** @return list<array{int, int}> from when to when a job's bike hangs in a stand */
function onStands(PlannedJob $job): array
{
    $stretches = [];
    $hangs = false;
    foreach ($job->tasks as $task) {
        if ($task->task->isOnStand && $task->start !== null && $task->end !== null) {
            $hangs ? $stretches[count($stretches) - 1][1] = $task->end : $stretches[] = [$task->start, $task->end];
        }
        $hangs = $task->task->isOnStand;
    }

    return $stretches;
}
