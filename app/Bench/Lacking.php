<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Condition;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Values\About;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Needs\Lacks;

use function in_array;

/** What a job goes without: what of it holds, and what an owner answers for. */
final readonly class Lacking implements FromJob
{
    /**
     * @param  list<Lack>  $open  what nobody answers for
     * @param  list<array{Lack, Decision}>  $answered
     */
    private function __construct(public array $open, public array $answered) {}

    public static function of(OpenJob $open): static
    {
        [$worksheet, $build, $gathering] = [$open->worksheet(), $open->buildSheet(), $open->the(Gathering::class)];
        $outlook = $open->the(Checks::class)->outlook;
        [$still, $answered] = [[], []];
        $lacks = $worksheet === null || $build === null || $outlook === null ? []
            : Lacks::of(
                $worksheet,
                $outlook,
                $build,
                $open->circumstances(),
                $gathering->needs,
                $gathering->here,
                self::unseen($open->job),
                $open->the(Braked::class)->holds,
            );
        foreach ($lacks as $lack) {
            $decision = $open->decisions->about(About::without($lack->code));
            if ($decision?->choice === $lack->mark()) {
                $answered[] = [$lack, $decision];
            } else {
                $still[] = $lack;
            }
        }

        return new self($still, $answered);
    }

    /** @return list<Subject> what of a bike's condition nobody has looked at */
    public static function unseen(Job $job): array
    {
        $seen = $job->conditions->map(fn (Condition $condition) => $condition->subject)->all();

        return array_values(array_filter(Subject::on($job->bike->kind, $job->bike->frame_material), fn (Subject $subject) => ! in_array($subject, $seen, true)));
    }

    /** What is wanting by this code and nobody answers for; null where nothing is. */
    public function lack(string $code): ?Lack
    {
        foreach ($this->open as $lack) {
            if ($lack->code === $code) {
                return $lack;
            }
        }

        return null;
    }
}
