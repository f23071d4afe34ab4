<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\MeasuredPart;
use App\Models\User;
use App\View\Drawings\PartView;
use NeatSpindle\Core\Whole\Measured\FigureGroup;
use NeatSpindle\Core\Whole\Measured\FigureKind;
use NeatSpindle\Core\Whole\Measured\MeasuredPart as Measured;
use NeatSpindle\Core\Whole\Measured\PartFigure;

use function array_filter;
use function count;
use function implode;
use function in_array;
use function is_array;
use function is_bool;
use function is_string;

/** One part on the bench, figure by figure. */
class PartPage
{
    public readonly Measured $part;

    /** @var array<string, int> the number of each figure, by its code */
    private readonly array $numbers;

    /** @param  ?array<string, mixed>  $values  what is typed just now; null for what is kept */
    public function __construct(private readonly User $user, public readonly MeasuredPart $row, ?array $values = null)
    {
        $this->part = $values === null ? $row->part() : Measured::of($row->kind, $values);
        $codes = array_map(fn (PartFigure $figure) => $figure->code, $row->kind->figures());
        $this->numbers = array_combine($codes, range(1, count($codes)));
    }

    public function drawing(): PartView
    {
        return new PartView($this->part, $this->numbers);
    }

    /** @return list<FigureGroup> those with figures, in the order of the hand */
    public function groups(): array
    {
        return array_values(array_filter(FigureGroup::cases(), fn (FigureGroup $group) => $this->in($group) !== []));
    }

    /** @return list<PartFigure> */
    public function in(FigureGroup $group): array
    {
        return array_values(array_filter($this->row->kind->figures(), fn (PartFigure $figure) => $figure->group === $group));
    }

    public function number(PartFigure $figure): int
    {
        return $this->numbers[$figure->code];
    }

    /** How many of the figures that are needed are missing. */
    public function missing(): int
    {
        return count($this->part->missing());
    }

    public function isMissing(PartFigure $figure): bool
    {
        return in_array($figure, $this->part->missing(), false);
    }

    /** What stands at a figure, as one would type it. */
    public function shown(PartFigure $figure): string
    {
        $value = $this->part->values[$figure->code] ?? null;

        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            $figure->kind === FigureKind::Torques && is_array($value) => $this->torques($value),
            is_array($value) => implode(', ', array_filter($value, is_string(...))),
            is_string($value) => $value,
            $figure->kind->isLength() => $this->user->length_unit->show((float) $this->part->number($figure->code)),
            default => trim(($this->part->number($figure->code) + 0)." {$figure->unit}"),
        };
    }

    /** @return array<string, string> */
    public function choices(PartFigure $figure): array
    {
        return $this->row->choices($figure);
    }

    public function isChosen(PartFigure $figure, string $value): bool
    {
        $stands = $this->part->values[$figure->code] ?? null;

        return is_array($stands) ? in_array($value, $stands, true) : $stands === $value;
    }

    public function mayMeasure(): bool
    {
        return $this->user->can('measureParts', $this->user->workshop);
    }

    /** @param  array<array-key, mixed>  $band  in N·m */
    private function torques(array $band): string
    {
        [$low, $high] = array_map(fn (mixed $nm) => is_numeric($nm) ? (float) $nm : 0.0, [$band[0] ?? 0, $band[1] ?? 0]);

        return "{$this->user->torque_unit->figure($low)}-{$this->user->torque_unit->show($high)}";
    }
}
