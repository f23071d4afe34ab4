<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Longest;
use App\Models\Spacer;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function count;

/** The drawer of spacers as a table: `thickness_mm, quantity, use, lies_in`, uses parted by spaces. */
class DrawerTable
{
    private const HEADINGS = ['thickness_mm', 'quantity', 'use', 'lies_in'];

    private const NEEDED = ['thickness_mm', 'quantity', 'use'];

    /** @param  array<int, array<string, string>>  $cells  by the line they start in */
    private function __construct(private readonly array $cells) {}

    public static function read(string $text): self
    {
        return new self(CsvTable::read($text));
    }

    /** @param  Collection<int, Spacer>  $spacers */
    public static function write(Collection $spacers): string
    {
        $rows = $spacers->map(fn (Spacer $spacer) => [
            number_format($spacer->thickness_mm, 2, '.', ''), (string) $spacer->quantity, implode(' ', array_column($spacer->uses, 'value')), (string) $spacer->lies_in,
        ])->all();

        return CsvTable::write([self::HEADINGS, ...array_values($rows)]);
    }

    /**
     * What is wrong with the table, line by line; nothing when it can be kept.
     *
     * @return list<string>
     */
    public function faults(): array
    {
        $first = array_key_first($this->cells);
        if ($first === null) {
            return ['The table has no rows.'];
        }
        $missing = array_diff(self::NEEDED, array_keys($this->cells[$first]));
        if ($missing !== []) {
            return ['The first line must name the columns; missing: '.implode(', ', $missing).'.'];
        }

        return [...(count($this->cells) > Spacer::MOST_KINDS ? ['At most '.Spacer::MOST_KINDS.' rows of spacers are kept.'] : []), ...$this->faultsOfRows()];
    }

    /** @return list<array{thickness: float, quantity: int, uses: list<SpacerUse>, lies_in: ?string}> of a table without faults */
    public function rows(): array
    {
        return array_values(array_map(fn (array $row) => [
            'thickness' => (float) self::number($row['thickness_mm']),
            'quantity' => (int) $row['quantity'],
            'uses' => array_map(SpacerUse::from(...), self::uses($row['use'])),
            'lies_in' => ($row['lies_in'] ?? '') === '' ? null : Longest::cut($row['lies_in'], Longest::DRAWER_PLACE),
        ], $this->cells));
    }

    /** @return list<string> */
    private function faultsOfRows(): array
    {
        $faults = [];
        $seen = [];
        foreach ($this->cells as $line => $row) {
            $uses = self::uses($row['use']);
            sort($uses);
            $key = sprintf('%.2f %s', self::number($row['thickness_mm']), implode(' ', $uses));
            $fault = self::fault($row) ?? (isset($seen[$key]) ? "the same thickness and uses as line {$seen[$key]}. Add them up in one row." : null);
            if ($fault !== null) {
                $faults[] = "Line {$line}: {$fault}";
            }
            $seen[$key] ??= $line;
        }

        return $faults;
    }

    /** @param  array<string, string>  $row */
    private static function fault(array $row): ?string
    {
        $thickness = self::number($row['thickness_mm']);
        $known = array_column(SpacerUse::cases(), 'value');

        return match (true) {
            $thickness === null => "“{$row['thickness_mm']}” is no thickness in mm.",
            $thickness < 0.01 || $thickness > SpacerRow::THICKEST_MM => 'A spacer is thicker than 0 and at most '.SpacerRow::THICKEST_MM.' mm.',
            ! SpacerRow::isWhole($thickness) => 'A thickness is a whole number of hundredths of a millimetre.',
            preg_match('/^\d{1,4}$/', $row['quantity']) !== 1 || (int) $row['quantity'] > 1000 => 'A quantity is a whole number from 0 to 1000.',
            self::uses($row['use']) === [] => 'Say what it is good for.',
            array_diff(self::uses($row['use']), $known) !== [] => 'Uses are: '.implode(', ', $known).'.',
            default => null,
        };
    }

    private static function number(string $typed): ?float
    {
        $typed = str_replace(',', '.', trim($typed));

        return is_numeric($typed) ? (float) $typed : null;
    }

    /** @return list<string> */
    private static function uses(string $typed): array
    {
        return array_values(array_unique(array_filter(preg_split('/[\s,;|]+/', strtolower($typed)) ?: [], fn (string $use) => $use !== '')));
    }
}
