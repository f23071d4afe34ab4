<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Actions\People\ForgetCustomer;
use App\Actions\People\Mention;
use App\Bench\OpenJob;
use App\Models\Customer;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use SplFileInfo;

use function array_filter;
use function array_map;
use function array_slice;
use function count;
use function iterator_to_array;
use function max;
use function min;

/** What would be forgotten of a customer, place by place, before anybody says yes. */
class ForgetPage extends JobPage
{
    private const SHOWN = 60;

    private const LONGEST_SNIPPET = 160;

    /** @var list<Mention> */
    private readonly array $mentions;

    public readonly Customer $customer;

    /** @param  list<string>  $also  what else the customer is called */
    public function __construct(OpenJob $opened, private readonly array $also, public readonly bool $isEverywhere)
    {
        parent::__construct($opened);
        $this->customer = ForgetCustomer::of($this->job);
        $this->mentions = iterator_to_array(ForgetCustomer::mentions($this->job, $also, $isEverywhere), false);
    }

    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function also(): string
    {
        return implode(', ', $this->also);
    }

    /** How many pictures show a person, and go too. */
    public function pictures(): int
    {
        return ForgetCustomer::pictures($this->customer)->count();
    }

    public function count(): int
    {
        return count($this->mentions);
    }

    /** @return list<array{label: string, job: ?int, says: string}> the first of them */
    public function places(): array
    {
        return array_map(
            fn (Mention $one) => [
                'label' => $one->label, 'job' => $one->jobNumber, 'says' => mb_strimwidth($one->says, 0, self::LONGEST_SNIPPET, '…'),
            ],
            array_slice($this->mentions, 0, self::SHOWN),
        );
    }

    public function more(): int
    {
        return max(0, $this->count() - self::SHOWN);
    }

    /** How many customers here are called the same. */
    public function namesakes(): int
    {
        return Customer::query()->where('workshop_id', $this->job->workshop_id)->where('name', $this->customer->name)
            ->whereKeyNot($this->customer->id)->count();
    }

    /** What was written away before, and since when; null where nothing was. A backup keeps what stood then. */
    public function backups(): ?string
    {
        $folder = base_path('backups');
        $files = File::isDirectory($folder) ? array_filter(
            File::files($folder), fn (SplFileInfo $file) => str_ends_with($file->getFilename(), '.sql.gz'),
        ) : [];
        $times = array_map(fn (SplFileInfo $file) => (int) $file->getMTime(), $files);

        return $times === [] ? null : count($times).' kept here, the oldest of '.Carbon::createFromTimestamp(min($times))->format('j F Y')
            .', the newest of '.Carbon::createFromTimestamp(max($times))->format('j F Y');
    }
}
