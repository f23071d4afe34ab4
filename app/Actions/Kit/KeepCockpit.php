<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use App\Models\Values\CockpitWish;
use LogicException;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;

use function count;
use function in_array;

/** Keeps what goes on the bar; a throttle and a keypad that are put on bring their runs with them, and take them away again. */
class KeepCockpit extends JobAction
{
    /** What brings its run with it when it is put on. */
    private const WITH_RUNS = [FixtureKind::Throttle, FixtureKind::Keypad];

    public function __invoke(Job $job, User $by, int $seen, CockpitWish $cockpit): void
    {
        ($this->change)($job, $by, 'work', $seen, function (OpenJob $open) use ($cockpit): void {
            $was = $open->the(FittingOut::class)->cockpitWish;
            if (count($cockpit->fixtures) > CockpitWish::MOST) {
                $this->refuse('kinds', 'A bar has room for '.CockpitWish::MOST.' things at the most.');
            }
            if (! in_array(
                $cockpit->display, [null, CockpitWish::ANOTHER, $was->display, ...$open->motor()->papers->displays ?? []], true,
            )) {
                $this->refuse('display', 'The motor’s papers do not name it: choose one of theirs, or another one.');
            }
            Kit::of($open->job)->fill(['cockpit' => $cockpit])->save();
            foreach (self::WITH_RUNS as $kind) {
                $run = $kind->run() ?? throw new LogicException("{$kind->value} brings no run");
                FollowingRuns::follow($open, $run, self::has($was, $kind), self::has($cockpit, $kind));
            }
        });
    }

    private static function has(CockpitWish $cockpit, FixtureKind $kind): bool
    {
        return array_filter($cockpit->fixtures, fn (Fixture $one) => $one->kind === $kind) !== [];
    }
}
