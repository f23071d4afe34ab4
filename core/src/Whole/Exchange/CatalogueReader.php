<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Holding\Catalogue\Mounts;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Parts\Part\Ring;
use stdClass;

use function count;

/** Reads a catalogue: the whole of it, chosen or not. */
final class CatalogueReader
{
    private const MOST_MOTORS = 2_000;

    private const MOST_SPACER_ROWS = 300;

    private const MOST_PIECES = 1_000;

    public static function read(Cursor $at): Catalogue
    {
        return new Catalogue(
            self::byCode($at->object('motors'), self::motor(...), self::MOST_MOTORS),
            self::byCode($at->object('rings'), self::ring(...)),
            new Drawer(self::spacers($at)),
            $at->has('inserts') ? self::byCode($at->object('inserts'), self::insert(...)) : [],
        );
    }

    /**
     * One motor by itself, as a catalogue keeps it.
     *
     * @param  array<string, mixed>  $figures
     *
     * @throws InvalidDocument with every fault; pointers start at the motor
     */
    public static function motorFrom(string $code, array $figures): Motor
    {
        $faults = new Faults;
        /** @var stdClass $document */
        $document = json_decode(json_encode($figures, JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);
        $motor = self::motor(Cursor::root($document, $faults, $code));

        $faults->expectNone();

        return $motor ?? throw InvalidDocument::becauseOf([new Fault('', 'This motor cannot be read.')]);
    }

    /**
     * @template T of object
     *
     * @param  callable(Cursor): (T|null)  $read
     * @return array<array-key, T>
     */
    private static function byCode(Cursor $at, callable $read, int $most = PHP_INT_MAX): array
    {
        $entries = $at->entries();
        if (count($entries) > $most) {
            $at->fault("Expected at most {$most} entries, found ".count($entries).'.');
        }
        $byCode = [];
        foreach ($entries as $entry) {
            $entry->expectShortKey();
            if ($entry->expectObject()) {
                $byCode[$entry->key()] = $read($entry);
            }
        }

        return array_filter($byCode);
    }

    /** Null where it cannot be told how it is mounted. */
    private static function motor(Cursor $at): ?Motor
    {
        $name = $at->text('name');
        $native = $at->listOf('native_shells', ShellStandard::class);
        $ratedRpm = $at->positive('rated_crank_rpm');
        $maxRpm = $at->positive('max_crank_rpm');
        $continuousW = $at->positive('continuous_w');
        $maxTorqueNm = $at->positive('max_torque_nm');
        $code = $at->textOrNull('mount');
        $mount = $code === null ? null : Mounts::named($code);
        if ($code !== null && $mount === null) {
            $at->faultAt('mount', 'Expected one of: '.implode(', ', array_keys(Mounts::all())).'.');
        }
        $held = $mount?->read($at);

        return $held === null ? null : new Motor($at->key(), $name, $native, $ratedRpm, $maxRpm, $continuousW, $maxTorqueNm, $held);
    }

    private static function ring(Cursor $at): Ring
    {
        return new Ring(
            $at->key(),
            $at->whole('teeth', 20, 80),
            $at->offset('dish_mm'),
            $at->optionalLength('thickness_mm') ?? 3.0,
            $at->optionalText('name'),
        );
    }

    /** @return list<SpacerRow> */
    private static function spacers(Cursor $at): array
    {
        $rows = [];
        foreach ($at->items('spacers', 0, self::MOST_SPACER_ROWS) as $row) {
            if ($row->expectObject()) {
                $rows[] = self::spacerRow($row);
            }
        }

        return $rows;
    }

    private static function spacerRow(Cursor $at): SpacerRow
    {
        $thickness = $at->length('thickness_mm');
        $hundredths = SpacerRow::hundredths($thickness);
        if ($at->isSound() && ($hundredths < 1 || ! SpacerRow::isWhole($thickness))) {
            $at->faultAt('thickness_mm', 'Expected a whole number of hundredths of a millimetre.');
        }

        return new SpacerRow(
            max(1, $hundredths),
            $at->whole('quantity', 0, self::MOST_PIECES),
            $at->listOf('use', SpacerUse::class),
        );
    }

    private static function insert(Cursor $at): Insert
    {
        return new Insert(
            $at->key(),
            $at->listOf('shells', ShellStandard::class),
            $at->texts('motors'),
            $at->lengthOrNone('flange_mm'),
            $at->length('bore_mm'),
            $at->optionalText('name'),
        );
    }
}
