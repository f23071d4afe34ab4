<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Models\BoxRecord;
use App\Models\Condition;
use App\Models\Customer;
use App\Models\Decision;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Recheck;
use App\Models\RecheckItem;
use App\Models\Setting;
use App\Models\SheetAddress;
use App\Models\StepRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Facades\DB;

/**
 * Erases who a customer is, at their wish: name and telephone, who declined something, and the name wherever it was
 * written into a note. What was measured, built, decided and found stays, and belongs to nobody any more.
 */
class EraseCustomer extends JobAction
{
    /** Where a person writes freely. */
    private const NOTES = [
        Condition::class => ['note', 'lifted_because'], Decision::class => ['reason', 'allowed_because'], StepRecord::class => ['note'],
        HandOver::class => ['note', 'taken_back_because'], Recheck::class => ['note'], Setting::class => ['reason'], BoxRecord::class => ['note'],
    ];

    public function __invoke(Job $job, User $by): void
    {
        ($this->change)($job, $by, 'erase', null, function () use ($job, $by): void {
            $customer = Customer::query()->whereRelation('bikes', 'id', $job->bike_id)->lockForUpdate()->firstOrFail();
            $customer->erased_at === null || $this->refuse('erase', 'Nobody knows any more who that was.');
            $jobs = Job::query()->whereHas('bike', fn (Builder $bike) => $bike->where('customer_id', $customer->id))->pluck('id')->map(intval(...))->values()->all();
            foreach (self::NOTES as $kind => $columns) {
                foreach ($columns as $column) {
                    self::forget((new $kind)->newQuery()->whereIn('job_id', $jobs)->toBase(), $column, $customer->name);
                }
            }
            self::forget(Job::query()->whereKey($jobs)->toBase(), 'ended_because', $customer->name);
            $items = RecheckItem::query()->whereIn('recheck_id', Recheck::query()->whereIn('job_id', $jobs)->select('id'));
            self::forget($items->toBase(), 'note', $customer->name);
            Condition::query()->whereIn('job_id', $jobs)->whereNotNull('declined_by')->update(['declined_by' => 'the customer']);
            SheetAddress::callBack(array_values($jobs), $by);
            $customer->forceFill(['name' => 'Erased', 'phone' => null, 'erased_at' => now()])->save();
        });
    }

    /** Puts other words for a name wherever a column has it. */
    private static function forget(QueryBuilder $rows, string $column, string $name): void
    {
        $rows->where($column, 'like', '%'.addcslashes($name, '%_\\').'%')
            ->update([$column => DB::raw("replace({$column}, ".DB::getPdo()->quote($name).", 'the customer')")]);
    }
}
