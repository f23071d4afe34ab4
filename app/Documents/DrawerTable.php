<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Spacer;
use App\Models\Workshop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Stack\SpacerUse;

use function count;

/** The drawer of spacers as a table: `thickness_mm, quantity, use, lies_in`, uses parted by spaces. */
class DrawerTable
{
    private const HEADINGS = ['thickness_mm', 'quantity', 'use', 'lies_in'];

    private const MOST_ROWS = 300;

    /** @param  Collection<int, Spacer>  $spacers */
    public static function write(Collection $spacers): string
    {
        $rows = $spacers->map(fn (Spacer $spacer) => [
            number_format($spacer->thickness_mm, 2, '.', ''), (string) $spacer->quantity, implode(' ', $spacer->uses), (string) $spacer->lies_in,
        ])->all();

        return CsvTable::write([self::HEADINGS, ...array_values($rows)]);
    }

    /**
     * What is wrong with a table, line by line; nothing when it can be kept.
     *
     * @return list<string>
     */
    public static function faults(string $text): array
    {
        $rows = CsvTable::read($text);
        $first = array_key_first($rows);
        if ($first === null) {
            return ['The table has no rows.'];
        }
        $missing = array_diff(['thickness_mm', 'quantity', 'use'], array_keys($rows[$first]));
        if ($missing !== []) {
            return ['The first line must name the columns; missing: '.implode(', ', $missing).'.'];
        }
        $faults = count($rows) > self::MOST_ROWS ? ['At most '.self::MOST_ROWS.' rows of spacers are kept.'] : [];
        $seen = [];
        foreach ($rows as $line => $row) {
            $fault = self::fault($row);
            $key = self::key((float) self::number($row['thickness_mm']), self::uses($row['use']));
            $faults = [...$faults, ...($fault === null ? [] : ["Line {$line}: {$fault}"]), ...(isset($seen[$key]) ? ["Line {$line}: the same thickness and uses as line {$seen[$key]}. Add them up in one row."] : [])];
            $seen[$key] ??= $line;
        }

        return $faults;
    }

    /** Adds new rows and counts known ones anew; a row is known by thickness and uses. */
    public static function keep(Workshop $workshop, string $text): int
    {
        $rows = CsvTable::read($text);
        DB::transaction(function () use ($workshop, $rows): void {
            $known = $workshop->spacers()->lockForUpdate()->get()->keyBy(fn (Spacer $spacer) => self::key($spacer->thickness_mm, $spacer->uses));
            foreach ($rows as $row) {
                [$thickness, $uses] = [(float) self::number($row['thickness_mm']), self::uses($row['use'])];
                $spacer = $known->get(self::key($thickness, $uses)) ?? $workshop->spacers()->make(['thickness_mm' => $thickness, 'uses' => $uses]);
                $spacer->fill(['quantity' => (int) $row['quantity'], 'lies_in' => ($row['lies_in'] ?? '') === '' ? $spacer->lies_in : mb_substr($row['lies_in'], 0, 60)])->save();
            }
        });

        return count($rows);
    }

    /** @param  list<string>  $uses */
    public static function key(float $thickness, array $uses): string
    {
        sort($uses);

        return sprintf('%.2f %s', $thickness, implode(' ', $uses));
    }

    /** @param  array<string, string>  $row */
    private static function fault(array $row): ?string
    {
        $thickness = self::number($row['thickness_mm']);

        return match (true) {
            $thickness === null => "“{$row['thickness_mm']}” is no thickness in mm.",
            $thickness < 0.01 || $thickness > 200 => 'A spacer is thicker than 0 and at most 200 mm.',
            abs($thickness * 100 - round($thickness * 100)) > 1e-6 => 'A thickness is a whole number of hundredths of a millimetre.',
            preg_match('/^\d{1,4}$/', $row['quantity']) !== 1 || (int) $row['quantity'] > 1000 => 'A quantity is a whole number from 0 to 1000.',
            self::uses($row['use']) === [] => 'Say what it is good for.',
            array_diff(self::uses($row['use']), array_column(SpacerUse::cases(), 'value')) !== [] => 'Uses are: '.implode(', ', array_column(SpacerUse::cases(), 'value')).'.',
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
