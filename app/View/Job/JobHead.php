<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Models\Job;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Worksheet\Answer;
use NeatSpindle\Core\Whole\Worksheet\Concern;
use NeatSpindle\Core\Whole\Worksheet\Outlook;

use function array_slice;
use function count;

/** The whole job's verdict as the head of every place shows it: the worst, what it is, and where it is dealt with. */
class JobHead
{
    public function __construct(private readonly Outlook $outlook, private readonly Job $job) {}

    public function verdict(): ?Verdict
    {
        return $this->outlook->worst()->verdict;
    }

    public function words(): string
    {
        $worst = $this->outlook->worst();

        return match ($worst->verdict) {
            Verdict::Clear => 'Clear',
            Verdict::Tight => "Tight: {$worst->concern->label()}",
            Verdict::Fails => $worst->concern === Concern::Stop ? 'Stopped' : "Fails: {$worst->concern->label()}",
            null => "Open: {$worst->concern->label()}",
        };
    }

    /** What else is not clear; empty when nothing is. */
    public function also(): string
    {
        $others = array_slice($this->outlook->unclear(), 1);

        return $others === [] ? '' : 'also '.implode(', ', array_map(fn (Answer $answer) => $answer->concern->label(), $others));
    }

    /** Why it is not clear, all of it. */
    public function why(): string
    {
        $whys = array_filter(array_map(fn (Answer $answer) => $answer->why, $this->outlook->unclear()));

        return count($whys) === 0 ? 'Every margin, the rest, what is tried by hand, the nut’s socket and the chainline' : implode(' ', $whys);
    }

    /** The place of the job where the worst is dealt with. */
    public function place(): string
    {
        return WhereToPutRight::of($this->job, $this->outlook->worst()->concern->putRight())->address;
    }
}
