<?php

declare(strict_types=1);

namespace App\View\Build;

use App\Bench\Gathering;
use App\Models\Movement;
use App\Models\Row;
use App\Models\Stage;
use App\Models\Stocked;
use App\Models\StockRows;
use App\Planning\Estimate;
use App\View\Job\JobPage;
use NeatSpindle\Core\Whole\Needs\Need;

use function array_map;
use function max;
use function number_format;

/** Minutes and parts of a job as planned and as it really was; what it costs where the workshop has said what things cost. */
class EstimatePage extends JobPage
{
    private ?Estimate $estimate = null;

    /** @var list<array{Row&Stocked, int}>|null */
    private ?array $taken = null;

    public function stage(): Stage
    {
        return Stage::Build;
    }

    public function estimate(): Estimate
    {
        return $this->estimate ??= Estimate::of($this->opened);
    }

    /** The longest bar of its picture, in minutes. */
    public function longest(): float
    {
        return max(1.0, ...array_map(fn ($row) => max((float) $row->planned, $row->took), $this->estimate()->rows ?: []));
    }

    /** @return list<Need> */
    public function needs(): array
    {
        return $this->opened->the(Gathering::class)->needs;
    }

    /** @return list<array{Row&Stocked, int}> what was really taken for it out of the book of stock, and how many */
    public function taken(): array
    {
        return $this->taken ??= Movement::takenFor($this->job);
    }

    public function hourPrice(): ?float
    {
        return $this->job->workshop?->hour_price;
    }

    /** What so many minutes cost; null where nobody has said what an hour does. */
    public function cost(float $minutes): ?float
    {
        return $this->hourPrice() === null ? null : $minutes / 60 * $this->hourPrice();
    }

    /** What was taken costs, as far as somebody has said what each does. */
    public function costOfTaken(): float
    {
        return array_sum(array_map(fn (array $one) => ($one[0]->price ?? 0.0) * $one[1], $this->taken()));
    }

    public function figure(?float $price): string
    {
        return $price === null ? '–' : number_format($price, 2);
    }

    public function key(Row&Stocked $row): string
    {
        return StockRows::keyOf($row);
    }

    /** @return list<list<string>> the headings first */
    public function table(): array
    {
        return [
            ['what', 'kind', 'pieces', 'planned_minutes', 'took_minutes', 'of_pieces', 'price'],
            ...array_map(fn ($row) => [
                $row->kind->label(), 'work', (string) $row->pieces, (string) $row->planned, number_format($row->took, 1, '.', ''),
                (string) $row->known,
                $this->hourPrice() === null ? '' : number_format((float) $this->cost($row->took), 2, '.', ''),
            ], $this->estimate()->rows),
            ...array_map(fn (Need $need) => [$need->what, "planned, {$need->origin->value}", (string) $need->count, '', '', '', ''],
                $this->needs()),
            ...array_map(fn (array $one) => [
                $one[0]->called($this->unit), 'taken', (string) $one[1], '', '', '', $one[0]->price === null
                    ? '' : number_format($one[0]->price * $one[1], 2, '.', ''),
            ], $this->taken()),
        ];
    }
}
