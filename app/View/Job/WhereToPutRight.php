<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Models\Job;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Measuring\Survey\Subject;

use function route;

/** The place of a job where something that holds it is put right, and what is done there. */
final readonly class WhereToPutRight
{
    private function __construct(public string $address, public string $does) {}

    /** @param  ?string  $step code of the step of the build that comes first */
    public static function of(Job $job, PutRight $at, ?string $step = null): self
    {
        return new self(match ($at) {
            PutRight::Step => route('job.build', [$job, 'step' => $step]),
            PutRight::Measure => route('job.survey', $job),
            PutRight::Strip => route('job.strip', $job),
            PutRight::Stack => route('job.stack', $job),
            PutRight::Rest => route('job.rest', $job),
            PutRight::Get => route('job.order', $job),
            PutRight::Route => route('job.route', $job),
            PutRight::Battery => route('job.battery', $job),
            PutRight::Cockpit => route('job.cockpit', $job),
            PutRight::Sensors => route('job.sensors', $job),
            PutRight::Condition => route('job.condition', $job),
            PutRight::Line => route('job.line', $job),
            PutRight::OtherHands => route('calendar', ['change' => $job->number])."#dates-{$job->number}",
            PutRight::HandOver => route('job.hand-over', $job),
            PutRight::ComeBack => route('job.come-back', $job),
            PutRight::Choose => route('job.match', $job),
            PutRight::Check => route('job.prove', [$job, 'step' => $step]),
            PutRight::Settings => route('job.settings', $job),
            PutRight::Brakes => route('job.condition', [$job, 'subject' => Subject::BrakesEnough->value]),
        }, $at->does());
    }
}
