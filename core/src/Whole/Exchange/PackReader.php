<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Fitting\Battery\Pack;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use stdClass;

/** Reads a battery of a catalogue. Every length, mass, voltage and current is above 0 where it is given. */
final class PackReader
{
    public static function read(Cursor $at): PackPapers
    {
        return new PackPapers(
            code: $at->key(),
            name: $at->text('name'),
            length: $at->length('length_mm'),
            height: $at->length('height_mm'),
            width: $at->length('width_mm'),
            mass: $at->positive('mass_kg'),
            volts: $at->positive('voltage_v'),
            wattHours: $at->positive('energy_wh'),
            gap: $at->optionalLength('gap_mm') ?? Pack::USUAL_GAP,
            lift: $at->optionalLength('lift_mm'),
            slide: $at->optionalLength('slide_mm'),
            rail: $at->optionalLength('rail_mm'),
            mostAmps: $at->optionalPositive('most_a'),
            fuseAmps: $at->optionalPositive('fuse_a'),
            connectorAmps: $at->optionalPositive('connector_a'),
        );
    }

    /**
     * One by itself, as a catalogue keeps it.
     *
     * @param  array<string, mixed>  $figures
     *
     * @throws InvalidDocument with every fault; pointers start at the battery
     */
    public static function from(string $code, array $figures): PackPapers
    {
        $faults = new Faults;
        /** @var stdClass $document */
        $document = json_decode(json_encode((object) $figures, JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);
        $pack = self::read(Cursor::root($document, $faults, $code));
        $faults->expectNone();

        return $pack;
    }

    /** @return array<string, mixed> as a catalogue has it */
    public static function write(PackPapers $pack): array
    {
        return array_filter([
            'name' => $pack->name, 'length_mm' => $pack->length, 'height_mm' => $pack->height, 'width_mm' => $pack->width,
            'mass_kg' => $pack->mass, 'voltage_v' => $pack->volts, 'energy_wh' => $pack->wattHours, 'gap_mm' => $pack->gap,
            'lift_mm' => $pack->lift, 'slide_mm' => $pack->slide, 'rail_mm' => $pack->rail, 'most_a' => $pack->mostAmps,
            'fuse_a' => $pack->fuseAmps, 'connector_a' => $pack->connectorAmps,
        ], fn (mixed $figure) => $figure !== null);
    }
}
