<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\About;

/** Decides how brake levers and gear cable tell the motor, and where its speed sensor sits: all that was chosen, or nothing of it. */
class DecideSensors extends JobAction
{
    public function __construct(ChangeJob $change, private readonly SensorDecider $decider)
    {
        parent::__construct($change);
    }

    /**
     * @param  array<string, string>  $choices  by what is decided; what stands like that already stays as it is
     * @param  array<string, ?string>  $reasons  by what is decided
     */
    public function __invoke(Job $job, User $by, int $seen, array $choices, array $reasons): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $choices, $reasons): void {
            foreach ($choices as $code => $choice) {
                $about = About::read($code) ?? $this->refuse('choices', 'There is no such thing to decide on this bike.');
                $stands = $open->decisions->about($about);
                $reason = $reasons[$code] ?? null;
                if ($stands === null || $stands->choice !== $choice || $stands->reason !== $reason) {
                    $this->decider->decide($open, $by, $about, $choice, $reason, "choices.{$code}");
                }
            }
        });
    }
}
