<?php

declare(strict_types=1);

use App\Documents\CsvTable;

it('reads back what it wrote, whatever stood in the cells', function (): void {
    $cells = [
        'tray A, cup 1', "two\nlines", "three\n\nlines", '"quoted"', 'a "word" in it', 'semi;colon', '=1+1', '-2', '+49 x', '@home', "'tis",
        '  padded  ', '', "\ttab",
        'ünïcode', '＝1+1', '＠x', "two\r\nlines", "'", "''=x", '\\', 'ends in \\',
    ];
    mt_srand(9);
    foreach (range(1, 60) as $ignored) {
        $rows = array_map(fn () => array_map(fn () => $cells[mt_rand(0, count($cells) - 1)], range(1, 3)), range(1, mt_rand(1, 6)));
        $written = CsvTable::write([['a', 'b', 'c'], ...$rows]);
        expect(array_map(array_values(...), array_values(CsvTable::read($written))))->toBe($rows, $written);
    }
});

it('knows in which line a row starts, past line breaks in quotes', function (): void {
    $table = "thickness_mm;lies_in\r\n1.0;\"tray A\r\ncup 2\"\r\n2.0;tray B\r\n";

    expect(CsvTable::read($table))
        ->toBe([2 => ['thickness_mm' => '1.0', 'lies_in' => "tray A\r\ncup 2"], 4 => ['thickness_mm' => '2.0', 'lies_in' => 'tray B']]);
});

it('leaves out empty lines and forgives missing cells', function (): void {
    expect(CsvTable::read("\xEF\xBB\xBFA, b\n\n1\n"))->toBe([3 => ['a' => '1', 'b' => '']]);
});

it('keeps a spreadsheet from computing a cell', function (string $cell): void {
    expect(CsvTable::write([['a'], [$cell]]))->toContain("'{$cell}");
})->with(['=1+1', '+x', '-x', '@x', '＝1+1', '＋x', '－x', '＠x']);

it('reads a table whose lines end as they did long ago', function (): void {
    expect(CsvTable::read("a,b\r1,2\r3,4"))->toBe([2 => ['a' => '1', 'b' => '2'], 3 => ['a' => '3', 'b' => '4']]);
});
