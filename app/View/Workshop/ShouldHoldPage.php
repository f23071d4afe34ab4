<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Spacer;
use App\Models\User;
use App\Ordering\DrawerShould;
use NeatSpindle\Core\Choosing\Hold\DrawerToHold;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function array_map;
use function implode;
use function is_numeric;
use function max;

/** What a drawer should hold, against what lies there. */
class ShouldHoldPage
{
    public const USUAL = 95;

    public readonly LengthUnit $unit;

    public readonly int $percent;

    private readonly DrawerShould $should;

    /** @param  mixed  $percent  from the address */
    public function __construct(User $user, mixed $percent)
    {
        $this->unit = $user->length_unit;
        $this->percent = is_numeric($percent) && $percent >= 1 && $percent <= 100 ? (int) $percent : self::USUAL;
        $this->should = new DrawerShould($user->workshop, $this->percent);
    }

    public function hasJobs(): bool
    {
        return $this->should->hasJobs();
    }

    /** Null while it is not worked out. */
    public function found(): ?DrawerToHold
    {
        return $this->should->known();
    }

    /** @return list<array{mm: float, uses: string, should: int, there: int, get: int}> thickest first */
    public function rows(): array
    {
        $there = $this->should->there();

        return array_map(function (SpacerRow $row) use ($there): array {
            $lies = $there[Spacer::keyOf($row->hundredths / 100, $row->uses)] ?? 0;

            return [
                'mm' => $row->hundredths / 100, 'uses' => implode(', ', array_map(fn (SpacerUse $use) => $use->label(), $row->uses)),
                'should' => $row->quantity, 'there' => $lies, 'get' => max(0, $row->quantity - $lies),
            ];
        }, $this->found()->rows ?? []);
    }

    /** @return list<list<string>> the headings first */
    public function table(): array
    {
        return [['thickness_mm', 'use', 'should_hold', 'there', 'to_get'], ...array_map(
            fn (array $row) => [number_format($row['mm'], 2, '.', ''), $row['uses'], (string) $row['should'], (string) $row['there'],
                (string) $row['get']], $this->rows(),
        )];
    }
}
