<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Pictures\TakePictureAway;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Picture;
use App\Models\SheetAddress;
use App\Models\User;
use App\Models\Values\NameInText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

use function array_filter;
use function array_map;
use function array_unique;
use function array_values;

/**
 * Forgets who a customer is, at their wish: name and telephone, who declined something, and the name wherever somebody has
 * written it. What was measured, built, decided and found stays, and belongs to nobody any more.
 */
class ForgetCustomer extends JobAction
{
    public function __construct(ChangeJob $change, private readonly LeaveNoTrace $leaveNoTrace)
    {
        parent::__construct($change);
    }

    /**
     * @param  list<string>  $also  what else the customer is called
     * @param  bool  $everywhere  whether the name goes from other customers' jobs too
     */
    public function __invoke(Job $job, User $by, array $also = [], bool $everywhere = true): void
    {
        ($this->change)($job, $by, 'erase', null, function (OpenJob $open) use ($by, $also, $everywhere): void {
            $customer = self::of($open->job, isToBeChanged: true);
            $customer->erased_at === null || $this->refuse('erase', 'Nobody knows any more who that was.');
            $names = self::names($customer, $also);
            foreach (iterator_to_array(self::mentions($open->job, $also, $everywhere), false) as $mention) {
                DB::table($mention->table)->where('id', $mention->id)->update([$mention->column => $mention->after]);
            }
            $jobs = self::jobs($customer, false);
            Condition::query()->whereIn('job_id', $jobs)->whereNotNull('declined_by')->update(['declined_by' => Mentions::INSTEAD]);
            SheetAddress::callBack($jobs, $by);
            TakePictureAway::away(self::pictures($customer)->get());
            $customer->forceFill(['name' => 'Erased', 'phone' => null, 'email' => null, 'erased_at' => now()])->save();
            Job::query()->whereKey(self::jobs($customer, $everywhere))->whereKeyNot($open->job->id)->increment('version');
            $open->job->forceFill(Job::query()->findOrFail($open->job->id)->only(['next_step', 'stopped_for', 'ended_because']));
            DB::afterCommit(fn () => ($this->leaveNoTrace)($by->workshop_id, $names));
        });
    }

    /** @return Builder<Picture> those that show a person, and go with the customer */
    public static function pictures(Customer $customer): Builder
    {
        return Picture::query()->whereIn('job_id', self::jobs($customer, false))->where('shows_person', true);
    }

    /**
     * Where the name stands that would be forgotten.
     *
     * @param  list<string>  $also
     * @return iterable<Mention>
     */
    public static function mentions(Job $job, array $also, bool $everywhere): iterable
    {
        $customer = self::of($job);

        return Mentions::of($job->workshop_id, self::jobs($customer, $everywhere), self::names($customer, $also));
    }

    /** Whose bike it is. */
    public static function of(Job $job, bool $isToBeChanged = false): Customer
    {
        $customers = Customer::query()->whereRelation('bikes', 'id', $job->bike_id);

        return ($isToBeChanged ? $customers->lockForUpdate() : $customers)->firstOrFail();
    }

    /** @return list<int> the customer's own, or the whole workshop's */
    private static function jobs(Customer $customer, bool $everywhere): array
    {
        $jobs = Job::query()->where('workshop_id', $customer->workshop_id);
        $everywhere ?: $jobs->whereHas('bike', fn (Builder $bike) => $bike->where('customer_id', $customer->id));

        return array_values($jobs->pluck('id')->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all());
    }

    /**
     * @param  list<string>  $also
     * @return list<NameInText> the longest first: a part of it would leave the rest behind
     */
    private static function names(Customer $customer, array $also): array
    {
        $names = array_unique([$customer->name, ...$also]);
        usort($names, fn (string $one, string $other) => mb_strlen($other) <=> mb_strlen($one));

        return array_values(array_filter(array_map(NameInText::of(...), $names)));
    }
}
