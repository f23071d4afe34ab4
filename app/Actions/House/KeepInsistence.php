<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\JobAction;
use App\Bench\JobHouse;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\About;
use NeatSpindle\Core\Ground\House\School;

/** Writes down what a customer insists on against advice; whether that is done at all is a rule of the house. */
class KeepInsistence extends JobAction
{
    /** @param  ?string  $signedBy who signed for it */
    public function __invoke(Job $job, User $by, int $seen, string $what, string $reason, ?string $signedBy): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($job, $by, $what, $reason, $signedBy): void {
            $house = $open->the(JobHouse::class)->rules;
            $house->follows(School::InsistenceRefused) && $this->refuse(
                'what', 'This house refuses it: the rule stands under House rules.',
            );
            $house->follows(School::InsistenceSigned) && $signedBy === null && $this->refuse(
                'signed_by', 'This house wants a name that signs for it.',
            );
            Decision::record(
                $job, $by, About::insistence($what), 'as wished', $signedBy === null ? $reason : "{$reason} Signed: {$signedBy}.",
            );
        });
    }
}
