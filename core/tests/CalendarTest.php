<?php

declare(strict_types=1);

use NeatSpindle\Core\Whole\Calendar\JobTask;
use NeatSpindle\Core\Whole\Calendar\Minutes;
use NeatSpindle\Core\Whole\Calendar\Reasons;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\Turns;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\JobToPlan;
use NeatSpindle\Core\Whole\Schedule\OpeningHours;
use NeatSpindle\Core\Whole\Schedule\Person;
use NeatSpindle\Core\Whole\Schedule\Plan;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use NeatSpindle\Core\Whole\Schedule\Workshop;

const NINE_TO_FIVE = [[9 * 60, 12 * 60], [13 * 60, 17 * 60]];

function planFrom(): int
{
    return (int) WallClock::time('2026-11-30T08:00');
}

/** @param  list<RestOfJob>  $rests */
function planOf(array $rests, int $people = 2, ?Minutes $minutes = null, ?int $partsAt = null): Plan
{
    $jobs = array_map(fn (int $i, RestOfJob $rest) => new JobToPlan(
        "j{$i}", null, array_map(fn (JobTask $task) => $task->task, $rest->tasks($minutes ?? Minutes::usual(), planFrom(), $partsAt)),
    ), array_keys($rests), $rests);
    $hours = new OpeningHours(array_fill_keys([0, 1, 2, 3, 4], NINE_TO_FIVE));

    return Schedule::of(new Workshop(planFrom(), $hours, array_map(fn (int $i) => new Person("p{$i}", $i === 0 ? [WorkKind::JUDGES] : []), range(0, $people - 1)), $jobs));
}

/** Any rest of a job, drawn with a seed. */
function anyRest(int $seed): RestOfJob
{
    mt_srand($seed);
    $pieces = [];
    foreach (WorkKind::cases() as $kind) {
        $pieces[$kind->value] = mt_rand(0, 2) === 0 ? 0 : mt_rand(1, 6);
    }

    return new RestOfJob($pieces, awaitsParts: mt_rand(0, 1) === 1, cures: mt_rand(0, 1) === 1, curedAt: mt_rand(0, 2) === 0 ? planFrom() + mt_rand(0, 2_000) : null);
}

it('has the tasks of a job in the order of the hand, each after the one before, the ride once it has cured', function (): void {
    $tasks = RestOfJob::untouched()->tasks(Minutes::usual(), planFrom(), null);
    expect(array_column($tasks, 'code'))->toBe(['survey', 'strip', 'bare', 'choose', 'dry', 'gap', 'body', 'torque', 'drive', 'routes', 'stand', 'cure', 'ride', 'hand-over']);
    $byCode = array_column($tasks, 'task', 'code');
    expect($byCode['ride']->after)->toBe(['stand', 'cure'])->and($byCode['cure']->after)->toBe(['torque'])->and($byCode['cure']->minutes)->toBe(1_440)
        ->and($byCode['ride']->skill)->toBe(WorkKind::JUDGES)->and($byCode['strip']->minutes)->toBe(54);
    $built = (new RestOfJob(['stand' => 2, 'ride' => 1, 'hand-over' => 1], curedAt: planFrom() + 300))->tasks(Minutes::usual(), planFrom(), null);
    expect(array_column($built, 'code'))->toBe(['stand', 'cure', 'ride', 'hand-over'])->and($built[1]->task->notBefore)->toBe(planFrom() + 300);
});

it('says no date where a decision has no end, and waits for parts as long as was named, else as is usual', function (): void {
    $endless = planOf([new RestOfJob(['torque' => 3], endless: 'The frame’s maker is asked')])->jobs[0];
    expect($endless->done)->toBeNull()->and(Reasons::of($endless, planFrom())->endless?->task->code)->toBe('decision');
    $rest = new RestOfJob(['dry' => 1, 'torque' => 1], awaitsParts: true);
    $named = planOf([$rest], partsAt: (int) WallClock::time('2026-12-03T00:00'))->jobs[0];
    $usual = planOf([$rest])->jobs[0];
    expect(WallClock::dayText(intdiv((int) $named->done, WallClock::DAY)))->toBe('2026-12-03')->and(WallClock::dayText(intdiv((int) $usual->done, WallClock::DAY)))->toBe('2026-12-07');
});

it('learns what pieces take once it knows enough of them, and plans the careful date with the upper quarter', function (): void {
    $minutes = Minutes::learned(['torque' => [4.0, 6.0, 8.0, 10.0, 30.0], 'strip' => [1.0, 1.0]]);
    expect($minutes->of(WorkKind::Torque, 3))->toBe(24)->and($minutes->careful()->of(WorkKind::Torque, 3))->toBe(30)->and($minutes->known(WorkKind::Torque))->toBe([8.0, 10.0, 5])
        ->and($minutes->of(WorkKind::Strip, 2))->toBe(12)->and($minutes->known(WorkKind::Strip))->toBeNull()->and($minutes->careful()->of(WorkKind::Strip, 2))->toBe(17);
    for ($seed = 0; $seed < 50; $seed++) {
        $rests = array_map(anyRest(...), range($seed, $seed + 2));
        expect(planOf([$rests[0]], minutes: Minutes::usual()->careful())->jobs[0]->done ?? 0)->toBeGreaterThanOrEqual(planOf([$rests[0]])->jobs[0]->done ?? 0);
    }
});

it('gives a chain of reasons whose minutes and waits are the whole of the time', function (): void {
    for ($seed = 0; $seed < 200; $seed++) {
        $plan = planOf(array_map(anyRest(...), range($seed * 7, $seed * 7 + 5)));
        foreach ($plan->jobs as $job) {
            $reasons = Reasons::of($job, planFrom());
            if ($job->done !== null) {
                expect($reasons->total())->toBe($job->done - planFrom());
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
            [new Person('p0', [WorkKind::JUDGES]), new Person('p1'), new Person('p2', [WorkKind::JUDGES])],
            [new JobToPlan('j0', null, array_map(fn (JobTask $task) => $task->task, $rests[0]->tasks(Minutes::usual(), planFrom(), null)))],
        ))->jobs[0]->done;
        expect($more ?? 0)->toBeLessThanOrEqual($alone ?? 0);
    }
});

it('is kept and read again as it was', function (): void {
    for ($seed = 0; $seed < 40; $seed++) {
        $rest = anyRest($seed);
        $kept = RestOfJob::fromArray((array) json_decode((string) json_encode($rest->toArray()), true));
        expect($kept->tasks(Minutes::usual(), planFrom(), null))->toEqual($rest->tasks(Minutes::usual(), planFrom(), null));
    }
    expect(RestOfJob::fromArray(['pieces' => 'x', 'endless' => 3])->isNothing())->toBeTrue();
});

it('plans by promise, but what was put before another just before it, however far that goes', function (): void {
    expect(Turns::of([1 => 20, 2 => null, 3 => 10, 4 => 30, 5 => 20], [4 => 1, 2 => 4]))->toBe([2 => 20, 4 => 20, 1 => 20, 3 => 10, 5 => 20])
        ->and(Turns::of([1 => 20, 2 => 10], [1 => 99, 98 => 2]))->toBe([1 => 20, 2 => 10]);
    // A circle that two people made at one time is none; what hangs on it stays before what it was put before.
    expect(Turns::of([1 => 3, 2 => 2, 3 => 9], [1 => 2, 2 => 1, 3 => 1]))->toBe([3 => 3, 1 => 3, 2 => 2])
        ->and(Turns::isCircle([1 => 2, 2 => 3], 3, 1))->toBeTrue()->and(Turns::isCircle([1 => 2, 2 => 3], 1, 3))->toBeFalse()
        ->and(Turns::isCircle([1 => 2, 2 => 1], 3, 1))->toBeFalse()->and(Turns::isCircle([], 3, 3))->toBeTrue();
});
