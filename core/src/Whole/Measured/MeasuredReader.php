<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use stdClass;

use function array_column;
use function array_filter;
use function count;
use function implode;

/** Reads what a catalogue carries of parts that are not measured to the end: `measured {code: {kind, figures {code: value}}}`. */
final class MeasuredReader
{
    private const MOST = 300;

    /**
     * @return array<array-key, MeasuredPart> by code
     *
     * @throws InvalidDocument with every fault at once; pointers start at the catalogue
     */
    public static function read(stdClass $catalogue): array
    {
        $faults = new Faults;
        $root = Cursor::root($catalogue, $faults);
        $parts = [];
        foreach ($root->optionalObject('measured')?->entries() ?? [] as $entry) {
            $entry->expectShortKey();
            $parts[$entry->key()] = $entry->expectObject() ? self::part($entry) : null;
        }
        if (count($parts) > self::MOST) {
            $root->faultAt('measured', 'Expected at most '.self::MOST.' entries, found '.count($parts).'.');
        }
        $faults->expectNone();

        return array_filter($parts);
    }

    private static function part(Cursor $at): ?MeasuredPart
    {
        $kind = PartKind::tryFrom($at->textOrNull('kind') ?? '');
        if ($kind === null) {
            $at->faultAt('kind', 'Expected one of: '.implode(', ', array_column(PartKind::cases(), 'value')).'.');

            return null;
        }
        $figures = $at->object('figures');
        $values = [];
        foreach ($kind->figures() as $figure) {
            if ($figures->has($figure->code)) {
                $values[$figure->code] = self::value($figures, $figure);
            }
        }

        return MeasuredPart::of($kind, $values);
    }

    private static function value(Cursor $at, PartFigure $figure): mixed
    {
        return match ($figure->kind) {
            FigureKind::Text, FigureKind::Choice => $at->text($figure->code),
            FigureKind::Length => $at->length($figure->code),
            FigureKind::Offset => $at->offset($figure->code),
            FigureKind::LengthOrNone => $at->lengthOrNone($figure->code),
            FigureKind::Torques => self::band($at, $figure->code),
            FigureKind::Figure => $at->positive($figure->code),
            FigureKind::Whole => $at->whole($figure->code, 1, 999),
            FigureKind::YesNo => $at->flag($figure->code),
            FigureKind::Choices, FigureKind::Names => $at->texts($figure->code),
        };
    }

    /** @return list<float> in N·m */
    private static function band(Cursor $at, string $code): array
    {
        $band = $at->torqueBand($code);

        return [$band->low, $band->high];
    }
}
