<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\JobAction;
use App\Actions\StandsOtherwise;
use App\Bench\OpenJob;
use App\Models\Customer;
use App\Models\Job;
use App\Models\User;

/** Keeps how the customer of a bike can be reached. */
class KeepContact extends JobAction
{
    /** @param  string  $seen  the mark of what the person saw: a customer may have several bikes here */
    public function __invoke(Job $job, User $by, string $seen, ?string $phone, ?string $email): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($seen, $phone, $email): void {
            $customer = Customer::query()->lockForUpdate()->findOrFail($open->job->bike->customer_id);
            if ($customer->contactMark() !== $seen) {
                throw StandsOtherwise::told('Somebody has changed how they are reached', 'contact');
            }
            $customer->fill(['phone' => $phone, 'email' => $email])->save();
        });
    }
}
