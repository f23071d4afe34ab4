<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Movement;
use App\Models\Row;
use App\Models\Stocked;
use App\Models\StockRows;
use App\Models\User;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Stock\Moved;

/** The book of one thing: each line of how it came to be so many. */
class StockRowPage
{
    private const SHOWN = 100;

    public readonly LengthUnit $unit;

    public function __construct(public readonly User $user, public readonly Row&Stocked $row)
    {
        $this->unit = $user->length_unit;
    }

    public function key(): string
    {
        return StockRows::keyOf($this->row);
    }

    /** @return list<Moved> what can be said of it by hand */
    public function moves(): array
    {
        return Moved::byHand($this->row->isKeptByHand());
    }

    /** @return Collection<int, Movement> the latest first */
    public function lines(): Collection
    {
        return $this->row->movements()->with(['user', 'job'])->limit(self::SHOWN)->get()->toBase();
    }

    /** What a line did, in figures. */
    public function did(Movement $line): string
    {
        $signed = fn (int $count): string => $count > 0 ? "+{$count}" : str_replace('-', '−', (string) $count);

        return implode(', ', array_filter([
            $line->changed === 0 && $line->kept_changed !== 0 ? '' : $signed($line->changed), $line->kept_changed === 0 ? '' : "{$signed($line->kept_changed)} kept",
        ]));
    }
}
