<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Assembly\ReceivedBox;
use App\Models\Job;
use App\Models\User;
use App\Ordering\WaitingJobs;
use App\View\Shared\Shopping;
use NeatSpindle\Core\Choosing\Order\Purchase;
use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Box\Packed;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\Spacers;

/**
 * What is missing across all open jobs: a bike that has left lacks nothing, nor does a job that was given up. The jobs are
 * served in the order they are promised; what one uses the next no longer finds in the drawer.
 */
class MissingPage
{
    public readonly LengthUnit $unit;

    /** @var list<array{job: Job, shortage: Shortage}>|null */
    private ?array $jobs = null;

    public function __construct(private readonly User $user)
    {
        $this->unit = $user->length_unit;
    }

    /** @return list<array{job: Job, shortage: Shortage}> jobs with a motor and a ring, the first promised first */
    public function jobs(): array
    {
        return $this->jobs ??= $this->read();
    }

    /** @return list<array{thickness: float, use: string, count: int, made: bool, jobs: list<int>}> thickest first */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->jobs() as ['job' => $job, 'shortage' => $shortage]) {
            foreach ($shortage->purchases as $purchase) {
                $key = self::key($purchase);
                $missing[$key] ??= ['thickness' => $purchase->mm(), 'use' => $purchase->place->use()->value, 'count' => 0,
                    'made' => $purchase->isMade, 'jobs' => []];
                $missing[$key]['count']++;
                $missing[$key]['jobs'] = array_values(array_unique([...$missing[$key]['jobs'], $job->number]));
            }
        }
        usort($missing, fn (array $a, array $b) => [$b['thickness'], $a['use']] <=> [$a['thickness'], $b['use']]);

        return $missing;
    }

    /** What a job lacks, in words. */
    public function lacks(Shortage $shortage): string
    {
        return $shortage->isNone() ? 'nothing' : Shopping::words($shortage, $this->unit);
    }

    /** @return list<list<string>> */
    public function table(): array
    {
        return [['thickness_mm', 'quantity', 'use', 'to_be_made', 'jobs'], ...array_map(fn (array $row) => [
            number_format($row['thickness'], 2, '.', ''), (string) $row['count'], $row['use'], $row['made'] ? 'yes' : 'no',
            implode(' ', $row['jobs']),
        ], $this->missing())];
    }

    private static function key(Purchase $purchase): string
    {
        return "{$purchase->hundredths} {$purchase->place->use()->value}";
    }

    /** @return list<array{job: Job, shortage: Shortage}> */
    private function read(): array
    {
        $drawer = null;
        $read = [];
        foreach (WaitingJobs::of($this->user->workshop_id) as $open) {
            $worksheet = $open->worksheet();
            if ($worksheet === null) {
                continue;
            }
            $job = $open->job;
            $drawer ??= $worksheet->job->catalogue->drawer;
            $box = ReceivedBox::of($job, $open->motor())->packed();
            $shortage = Shortage::of($worksheet->recipe, $drawer->with($box->rows()), $worksheet->job->kit->byHand);
            $drawer = self::less($drawer, $shortage, $box);
            $read[] = ['job' => $job, 'shortage' => $shortage];
        }

        return $read;
    }

    /** The drawer once a job has had what lies there for it, after what came in its own motor's box. */
    private static function less(Drawer $drawer, Shortage $shortage, Packed $box): Drawer
    {
        $rest = $box->rest(array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $shortage->stack->spacers));
        foreach ($shortage->stack->mount->places() as $place) {
            $bought = array_map(
                fn (Purchase $one) => $one->hundredths, array_filter($shortage->purchases, fn (Purchase $one) => $one->place === $place),
            );
            $used = array_map(SpacerRow::hundredths(...), $rest[$place->value] ?? []);
            foreach ($bought as $piece) {
                $at = array_search($piece, $used, true);
                if ($at !== false) {
                    unset($used[$at]);
                }
            }
            $drawer = $drawer->without(array_values($used), $place);
        }

        return $drawer;
    }
}
