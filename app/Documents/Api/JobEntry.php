<?php

declare(strict_types=1);

namespace App\Documents\Api;

use App\Models\Job;

/** A job as a program is told of it. */
final class JobEntry
{
    /** @return array<string, mixed> */
    public static function of(Job $job): array
    {
        return [
            'number' => $job->number, 'bike' => $job->bike->label, 'kind' => $job->bike->kind->value,
            'frame_material' => $job->bike->frame_material->value,
            'stage' => $job->stage->value, 'waits_for' => $job->waits_for->value, 'next' => $job->next_step,
            'stopped_for' => $job->stopped_for,
            'promised_on' => $job->promised_on?->format('Y-m-d'), 'handed_over_at' => $job->handed_over_at?->toIso8601ZuluString(),
            'ended_at' => $job->ended_at?->toIso8601ZuluString(), 'version' => $job->version,
        ];
    }
}
