<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

use NeatSpindle\Core\Catalogue\Body;
use NeatSpindle\Core\Catalogue\BossBolt;
use NeatSpindle\Core\Catalogue\Catalogue;
use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Lockring;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\Nut;
use NeatSpindle\Core\Catalogue\Plate;
use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Catalogue\TorqueBand;
use NeatSpindle\Core\Catalogue\TwinPlate;
use NeatSpindle\Core\Catalogue\Yoke;
use NeatSpindle\Core\Measure\Tolerance;
use NeatSpindle\Core\Shell\ShellStandard;
use NeatSpindle\Core\Stack\Drawer;
use NeatSpindle\Core\Stack\SpacerRow;
use NeatSpindle\Core\Stack\SpacerUse;

use function count;

/** Reads a catalogue: the whole of it, chosen or not. */
final class CatalogueReader
{
    private const MOST_MOTORS = 2_000;

    private const MOST_SPACER_ROWS = 300;

    private const MOST_PIECES = 1_000;

    public static function read(Node $at): Catalogue
    {
        return new Catalogue(
            self::byCode($at->object('motors'), self::motor(...), self::MOST_MOTORS),
            self::byCode($at->object('rings'), self::ring(...)),
            new Drawer(self::spacers($at)),
            $at->has('inserts') ? self::byCode($at->object('inserts'), self::insert(...)) : [],
        );
    }

    /**
     * @template T of object
     *
     * @param  callable(Node): (T|null)  $read
     * @return array<array-key, T>
     */
    private static function byCode(Node $at, callable $read, int $most = PHP_INT_MAX): array
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
    private static function motor(Node $at): ?Motor
    {
        $name = $at->text('name');
        $native = $at->listOf('native_shells', ShellStandard::class);
        $ratedRpm = $at->positive('rated_crank_rpm');
        $maxRpm = $at->positive('max_crank_rpm');
        $continuousW = $at->positive('continuous_w');
        $maxTorqueNm = $at->positive('max_torque_nm');
        $held = match ($at->oneOfOrNull('mount', Mount::class)) {
            Mount::Sleeve => self::sleeve($at),
            Mount::Yoke => self::yoke($at->object('yoke')),
            Mount::TwinPlate => self::twinPlate($at->object('twin_plate')),
            null => null,
        };

        return $held === null ? null : new Motor($at->key(), $name, $native, $ratedRpm, $maxRpm, $continuousW, $maxTorqueNm, $held);
    }

    private static function sleeve(Node $motor): Sleeve
    {
        $at = $motor->object('sleeve');
        $length = $at->length('sleeve_length_mm');
        $thread = $at->length('thread_length_mm');
        if ($at->isSound() && $thread >= $length) {
            $at->faultAt('thread_length_mm', 'The thread must be shorter than the sleeve.');
        }

        return new Sleeve(
            self::body($at, $at->length('sleeve_od_mm')),
            $length,
            $thread,
            $at->length('thread_pitch_mm'),
            $at->length('boss_plane_mm'),
            $at->length('spindle_left_mm'),
            $at->length('spindle_right_mm'),
            self::plate($motor->object('plate')),
            self::nut($motor->object('nut')),
            self::lockring($motor->object('lockring')),
            self::bossBolt($motor->object('boss_bolt')),
        );
    }

    private static function body(Node $at, float $boreFill): Body
    {
        return new Body(
            $at->offset('case_standoff_mm'),
            $at->length('case_radius_mm'),
            $at->length('ring_face_mm'),
            $at->length('body_gap_mm'),
            $boreFill,
        );
    }

    private static function plate(Node $at): Plate
    {
        return new Plate($at->length('thickness_mm'), $at->optionalLengthOrNone('tooth_height_mm') ?? 0.0);
    }

    private static function nut(Node $at): Nut
    {
        return new Nut(
            $at->length('thickness_mm'),
            $at->length('min_engagement_mm'),
            self::torque($at),
            $at->length('thread_major_mm'),
        );
    }

    private static function lockring(Node $at): Lockring
    {
        return new Lockring($at->length('thickness_mm'), $at->length('min_engagement_mm'), self::torque($at));
    }

    private static function torque(Node $at): TorqueBand
    {
        $ends = $at->items('torque_nm', 2, 2);
        $figures = array_map(fn (Node $end) => $end->here()->positive() ?? NAN, $ends);
        if (count($figures) !== 2) {
            return new TorqueBand(1.0, 1.0);
        }
        if ($figures[0] > $figures[1]) {
            $at->faultAt('torque_nm', 'The lower torque must come first.');
        }

        return new TorqueBand(...$figures);
    }

    private static function bossBolt(Node $at): BossBolt
    {
        return new BossBolt($at->text('thread'), $at->length('depth_mm'), $at->length('min_engagement_mm'));
    }

    private static function yoke(Node $at): Yoke
    {
        $start = $at->length('slot_start_mm');
        $end = $at->length('slot_end_mm');
        if ($at->isSound() && $start >= $end) {
            $at->faultAt('slot_start_mm', 'The slot must start before it ends.');
        }

        return new Yoke(
            self::body($at, $at->length('cup_od_mm')),
            $at->length('base_mm'),
            $start,
            $end,
            $at->length('yoke_thickness_mm'),
            $at->length('cup_reach_mm'),
            $at->length('cup_min_engagement_mm'),
            $at->length('body_thread_end_mm'),
            $at->length('body_thread_depth_mm'),
            $at->length('collar_thickness_mm'),
            $at->length('crank_marker_mm'),
        );
    }

    private static function twinPlate(Node $at): TwinPlate
    {
        return new TwinPlate(
            $at->length('plate_thickness_mm'),
            $at->length('motor_width_mm'),
            $at->length('min_insertion_mm'),
            $at->number('min_bolt_turns'),
        );
    }

    private static function ring(Node $at): Ring
    {
        return new Ring(
            $at->key(),
            $at->whole('teeth', 20, 80),
            $at->offset('dish_mm'),
            $at->optionalLength('thickness_mm') ?? 3.0,
        );
    }

    /** @return list<SpacerRow> */
    private static function spacers(Node $at): array
    {
        $rows = [];
        foreach ($at->items('spacers', 0, self::MOST_SPACER_ROWS) as $row) {
            if ($row->expectObject()) {
                $rows[] = self::spacerRow($row);
            }
        }

        return $rows;
    }

    private static function spacerRow(Node $at): SpacerRow
    {
        $thickness = $at->length('thickness_mm');
        $hundredths = round($thickness * 100);
        if ($at->isSound() && ($hundredths < 1 || abs($thickness * 100 - $hundredths) > 100 * Tolerance::EPSILON)) {
            $at->faultAt('thickness_mm', 'Expected a whole number of hundredths of a millimetre.');
        }

        return new SpacerRow(
            max(1, (int) $hundredths),
            $at->whole('quantity', 0, self::MOST_PIECES),
            $at->listOf('use', SpacerUse::class),
        );
    }

    private static function insert(Node $at): Insert
    {
        return new Insert(
            $at->key(),
            $at->listOf('shells', ShellStandard::class),
            $at->texts('motors'),
            $at->lengthOrNone('flange_mm'),
            $at->length('bore_mm'),
        );
    }
}
