<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Bench\Progress;
use App\Models\Job;
use App\Models\Stage;
use App\Models\WaitsFor;
use Closure;

use function route;

/** The next thing of a job and the place where it is done, as it is kept with the job: every place leads on to it. */
final readonly class Onward
{
    private function __construct(public string $address, public string $words) {}

    /**
     * @param  Closure(): WhereToPutRight  $stopPlace  where what stops the job is dealt with
     * @return ?self null once a job has ended
     */
    public static function of(Job $job, Closure $stopPlace): ?self
    {
        $isAtTheEnd = $job->stage === Stage::Prove && ($job->waits_for === WaitsFor::Decision || $job->next_step === Progress::HAND_OVER);
        $isStopped = $job->stage === Stage::Survey && $job->waits_for === WaitsFor::Decision;
        $route = match (true) {
            $job->handed_over_at !== null => 'job.come-back',
            $isAtTheEnd => 'job.hand-over',
            $job->stage === Stage::Stack && $job->waits_for === WaitsFor::Parts => 'job.order',
            default => "job.{$job->stage->value}",
        };

        return match (true) {
            $job->ended_at !== null => null,
            $job->waits_for === WaitsFor::OtherHands => new self(
                route('calendar', ['change' => $job->number])."#dates-{$job->number}", $job->next_step,
            ),
            $isStopped => new self($stopPlace()->address, $job->next_step),
            default => new self(route($route, $job), $job->next_step),
        };
    }
}
