<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\OrderLine;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\StockItem;
use App\Models\StockRows;
use App\Models\User;
use App\View\Shared\Finder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** All that a workshop keeps: how many, where, for whom, and what is below its minimum. */
class StockPage
{
    /** So many days before it is no good any more it is said. */
    private const SOON_DAYS = 30;

    public readonly LengthUnit $unit;

    public readonly Finder $find;

    /** @var Collection<string, Row&Stocked>|null */
    private ?Collection $rows = null;

    /** @var Collection<string, Collection<int, OrderLine>>|null what is on its way, by what it is */
    private ?Collection $awaited = null;

    /** @param  mixed  $find  words from the address */
    public function __construct(public readonly User $user, mixed $find = null)
    {
        $this->unit = $user->length_unit;
        $this->find = new Finder($find);
    }

    /** @return Collection<string, Row&Stocked> by the key of each, those that are looked for */
    public function rows(): Collection
    {
        return $this->rows ??= StockRows::all()->filter(
            fn (Row&Stocked $row) => $this->find->finds($row->called($this->unit), $row->lies_in),
        );
    }

    /** @return Collection<string, Collection<string, Row&Stocked>> by where they lie, as one walks along the shelves */
    public function places(): Collection
    {
        return $this->rows()->sortBy(fn (Row&Stocked $row) => ($row->lies_in === null ? '1 ' : '0 ').$row->lies_in, SORT_NATURAL)
            ->groupBy(fn (Row&Stocked $row) => $row->lies_in ?? '', true);
    }

    /** How many to order so that as many are free as there should be at the least, beside those on their way to the shelf; 0 where none. */
    public function short(Row&Stocked $row): int
    {
        return max(0, ($row->minimum ?? 0) - $row->shelf()->free() - $this->coming($row, isForTheShelf: true));
    }

    /** How many are ordered and not here yet. */
    public function coming(Row&Stocked $row, bool $isForTheShelf = false): int
    {
        $this->awaited ??= OrderLine::awaited($this->user->workshop_id)->get()->toBase()->groupBy(fn (OrderLine $line) => $line->stockKey() ?? '');
        $lines = $this->awaited->get(StockRows::keyOf($row)) ?? new Collection;

        return (int) ($isForTheShelf ? $lines->whereNull('job_id') : $lines)->sum(fn (OrderLine $line) => $line->out());
    }

    /** @return Collection<string, Row&Stocked> what is below its minimum */
    public function toOrder(): Collection
    {
        return $this->rows()->filter(fn (Row&Stocked $row) => $this->short($row) > 0);
    }

    /** What is said of a date after which it is no good; null where there is none, or it is far off. */
    public function spoils(Row&Stocked $row): ?string
    {
        $until = $row instanceof StockItem ? $row->good_until : null;

        return match (true) {
            $until === null || $until->greaterThan(today()->addDays(self::SOON_DAYS)) => null,
            $until->lessThan(today()) => "no good since {$until->format('j M Y')}",
            default => "good until {$until->format('j M Y')}",
        };
    }

    public function mayChange(): bool
    {
        return $this->user->can('countDrawer', $this->user->workshop);
    }
}
