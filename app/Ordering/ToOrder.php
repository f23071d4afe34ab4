<?php

declare(strict_types=1);

namespace App\Ordering;

use App\Assembly\ReceivedBox;
use App\Bench\Gathering;
use App\Bench\OpenJob;
use App\Models\Longest;
use App\Models\Movement;
use App\Models\OrderLine;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\Stocked;
use App\Models\StockRows;
use App\Models\Workshop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use LogicException;
use NeatSpindle\Core\Choosing\Order\Asking;
use NeatSpindle\Core\Choosing\Order\JointOrder;
use NeatSpindle\Core\Choosing\Order\Share;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function array_column;
use function array_map;
use function array_values;
use function hash;
use function implode;
use function max;
use function now;
use function serialize;
use function sprintf;

/**
 * What could go on the next order: spacers with which every open job can be built whatever its doubtful readings turn out to be, what else
 * a job has to get, and what fell below its minimum. What is on its way already is not asked for again.
 */
final readonly class ToOrder
{
    private const KEPT_DAYS = 3;

    /** The proof of each job may take a second, the first time. */
    private const SECONDS = 300;

    /**
     * @param  list<Proposed>  $lines
     * @param  list<int>  $beyondHelp  numbers of jobs that no spacers help
     */
    private function __construct(public array $lines, public array $beyondHelp) {}

    public static function of(Workshop $workshop): self
    {
        $jobs = WaitingJobs::of($workshop->id);
        $awaited = OrderLine::awaited($workshop->id)->get();
        $rows = StockRows::all();
        $mark = hash('xxh128', serialize([
            array_map(fn (OpenJob $one) => [$one->job->id, $one->job->version, $one->job->promised_on], $jobs), $jobs === []
                ? '' : $jobs[0]->job->catalogueVersion(),
            $awaited->toArray(), $rows->map(fn (Stocked $row) => $row->shelf())->all(), $rows->map(fn (Stocked $row) => $row->minimum)
                ->all(), Movement::query()->max('id'),
        ]));
        /** @var array{list<Proposed>, list<int>} $kept */
        $kept = Cache::remember("to order {$workshop->id} {$mark}", now()->addDays(self::KEPT_DAYS), function () use ($jobs, $awaited,
            $rows): array {
            set_time_limit(self::SECONDS);
            $known = $rows->whereInstanceOf(Spacer::class)->mapWithKeys(fn (Spacer $spacer) => [$spacer->id => $spacer])->all();
            $coming = self::coming($awaited, $known);
            $joint = self::spacers($jobs, $coming, $known);

            return [[...self::ordered($joint, $jobs, $known), ...self::needs($jobs, $joint, $coming, $awaited), ...self::shelves($rows,
                $awaited)], array_map(fn (Share $share) => self::number($jobs, $share), $joint->beyondHelp())];
        });

        return new self(...$kept);
    }

    /**
     * @param  Collection<int, OrderLine>  $awaited
     * @param  array<int, Spacer>  $known
     * @return list<SpacerRow> what is on its way
     */
    private static function coming(Collection $awaited, array $known): array
    {
        $lines = $awaited->filter(fn (OrderLine $line) => isset($known[$line->spacer_id ?? 0]));

        return array_values($lines->map(fn (OrderLine $line) => self::rowOf($known[$line->spacer_id ?? 0], $line->out()))->all());
    }

    /**
     * @param  list<OpenJob>  $jobs
     * @param  list<SpacerRow>  $coming
     * @param  array<int, Spacer>  $known
     */
    private static function spacers(array $jobs, array $coming, array $known): JointOrder
    {
        $reserved = Reservation::query()->whereIn('job_id', array_map(fn (OpenJob $one) => $one->job->id, $jobs))->where('state',
            ReservationState::Reserved)
            ->get()->groupBy('job_id');
        $free = array_values(array_map(fn (Spacer $spacer) => self::rowOf($spacer, $spacer->shelf()->free()), $known));
        $asking = array_map(fn (OpenJob $one) => self::asking($one, $reserved->get($one->job->id) ?? new Collection, $known), $jobs);

        return JointOrder::of(array_values(array_filter($asking)), new Drawer([...$free, ...$coming]));
    }

    /** @param  list<OpenJob>  $jobs */
    private static function number(array $jobs, Share $share): int
    {
        foreach ($jobs as $open) {
            if ($open->job->id === $share->job) {
                return $open->job->number;
            }
        }

        throw new LogicException("Nobody asked for job {$share->job}.");
    }

    /**
     * @param  Collection<int, Reservation>  $reserved
     * @param  array<int, Spacer>  $known
     */
    private static function asking(OpenJob $open, Collection $reserved, array $known): ?Asking
    {
        $worksheet = $open->worksheet();
        $own = $reserved->filter(fn (Reservation $one) => isset($known[$one->spacer_id]))
            ->map(fn (Reservation $one) => self::rowOf($known[$one->spacer_id], $one->quantity))->values()->all();

        return $worksheet === null ? null : new Asking($open->job->id, $worksheet->recipe, [...ReceivedBox::of($open->job,
            $open->motor())->packed()->rows(), ...$own]);
    }

    private static function rowOf(Spacer $spacer, int $count): SpacerRow
    {
        return new SpacerRow(SpacerRow::hundredths($spacer->thickness_mm), $count, $spacer->uses);
    }

    /**
     * @param  list<OpenJob>  $jobs
     * @param  array<int, Spacer>  $known
     * @return list<Proposed>
     */
    private static function ordered(JointOrder $joint, array $jobs, array $known): array
    {
        $keys = array_column(array_map(fn (Spacer $spacer) => [$spacer->key(), StockRows::keyOf($spacer)], $known), 1, 0);
        $lines = [];
        foreach ($joint->toOrder() as $share) {
            foreach ($share->order->counted() as [$row, $count]) {
                $lines[] = self::spacer($row, $count, $keys[Spacer::keyOf($row->hundredths / 100, $row->uses)] ?? null, $share->job,
                    self::number($jobs, $share));
            }
        }

        return $lines;
    }

    private static function spacer(SpacerRow $row, int $count, ?string $stock, int $job, int $number): Proposed
    {
        $uses = array_column($row->uses, 'value');
        $what = sprintf('Spacer %.2f mm, %s', $row->hundredths / 100, implode(', ', array_map(fn (SpacerUse $use) => $use->label(),
            $row->uses)));

        return new Proposed(
            "job-{$job}-spacer-{$row->hundredths}-".implode('-', $uses), $stock === null ? "{$what}, made to measure" : $what, $count,
            $stock, $stock === null ? [$row->hundredths, $uses] : null, $job, $number,
        );
    }

    /**
     * What each has to get beside spacers, once those that are ordered for it are here.
     *
     * @param  list<OpenJob>  $jobs
     * @param  list<SpacerRow>  $coming
     * @param  Collection<int, OrderLine>  $awaited
     * @return list<Proposed>
     */
    private static function needs(array $jobs, JointOrder $joint, array $coming, Collection $awaited): array
    {
        $onTheWay = $awaited->map(fn (OrderLine $line) => "{$line->job_id} {$line->mark}")->flip();
        $ordered = array_column(array_map(fn (Share $share) => [$share->job, $share->order->pieces ?? []], $joint->shares), 1, 0);
        $lines = [];
        foreach ($jobs as $one) {
            $open = new OpenJob($one->job, $one->catalogue->with([...$coming, ...$ordered[$one->job->id] ?? []]));
            foreach ($open->the(Gathering::class)->away() as $need) {
                $need->isSpacer || $onTheWay->has("{$open->job->id} {$need->mark()}") || $lines[] = new Proposed(
                    "job-{$open->job->id}-need-{$need->mark()}", Longest::cut($need->what, Longest::NEED), $need->count,
                    job: $open->job->id, jobNumber: $open->job->number, mark: $need->mark(),
                );
            }
        }

        return $lines;
    }

    /**
     * @param  Collection<string, covariant Stocked>  $rows
     * @param  Collection<int, OrderLine>  $awaited
     * @return list<Proposed>
     */
    private static function shelves(Collection $rows, Collection $awaited): array
    {
        $coming = $awaited->whereNull('job_id')->groupBy(fn (OrderLine $line) => $line->stockKey() ?? '')
            ->map(fn (Collection $lines) => (int) $lines->sum(fn (OrderLine $line) => $line->out()));
        $lines = [];
        foreach ($rows as $key => $row) {
            $short = max(0, ($row->minimum ?? 0) - $row->shelf()->free()) - ($coming[$key] ?? 0);
            $short > 0 && $lines[] = new Proposed("shelf-{$key}", $row->called(LengthUnit::Millimetre), $short, $key);
        }

        return $lines;
    }
}
