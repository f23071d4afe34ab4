<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Parts\Part\Spider;
use stdClass;

/**
 * Reads what a workshop's catalogue may carry beyond the job document: adapter spiders, batteries, the bolt circles of rings and
 * motors, and what their papers say. A job document ignores all of it.
 */
final class ExtrasReader
{
    /**
     * @return array{spiders: list<Spider>, packs: list<PackPapers>}
     *
     * @throws InvalidDocument with every fault at once; pointers start at the catalogue
     */
    public static function read(stdClass $catalogue): array
    {
        $faults = new Faults;
        $root = Cursor::root($catalogue, $faults);
        $spiders = array_map(
            self::spider(...), array_filter($root->optionalObject('spiders')?->entries() ?? [], fn (Cursor $at) => $at->expectObject()),
        );
        $packs = array_map(
            self::pack(...), array_filter($root->optionalObject('packs')?->entries() ?? [], fn (Cursor $at) => $at->expectObject()),
        );
        self::circles($root->peek('rings'), 'bolt_circle_mm');
        self::circles($root->peek('motors'), 'ring_bolt_circle_mm');
        array_map(PapersReader::ring(...), $root->peek('rings')->entries());
        array_map(fn (Cursor $insert) => $insert->optionalOneOf('press_compound', Compound::class), $root->peek('inserts')->entries());
        array_map(PapersReader::motor(...), $root->peek('motors')->entries());

        $faults->expectNone();

        return ['spiders' => array_values($spiders), 'packs' => array_values($packs)];
    }

    private static function spider(Cursor $at): Spider
    {
        $at->expectShortKey();

        return new Spider(
            $at->key(), $at->length('bolt_circle_mm'), $at->length('thickness_mm'), $at->texts('motors'), $at->optionalText('name'),
        );
    }

    private static function pack(Cursor $at): PackPapers
    {
        $at->expectShortKey();

        return PackReader::read($at);
    }

    private static function circles(Cursor $at, string $key): void
    {
        foreach ($at->entries() as $entry) {
            $entry->optionalLength($key);
        }
    }
}
