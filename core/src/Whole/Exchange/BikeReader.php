<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\Chainstay;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Donor\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Turn\Rotation;

use function count;
use function in_array;

/** Reads what is known of the donor bike. */
final class BikeReader
{
    private const MIN_CLEARANCE_DEFAULT = 2.0;

    private const MIN_CLEARANCE_MOST = 20.0;

    public static function read(Cursor $at): Bike
    {
        return new Bike(
            $at->oneOf('kind', BikeKind::class, BikeKind::ALIASES),
            $at->oneOf('frame_material', FrameMaterial::class),
            self::shell($at->object('shell')),
            self::chainstay($at->optionalObject('chainstay')),
            self::rear($at->object('rear')),
            $at->length('wheel_circumference_mm'),
            $at->optionalNumber('min_clearance_mm', 0.0, self::MIN_CLEARANCE_MOST) ?? self::MIN_CLEARANCE_DEFAULT,
            self::twinPlate($at->optionalObject('twin_plate_measures')),
        );
    }

    public static function shell(Cursor $at): Shell
    {
        return new Shell(
            $at->measurement('width_mm'),
            $at->optionalMeasurement('bore_mm'),
            $at->flag('threaded'),
            $at->optionalMeasurement('thread_pitch_mm'),
            $at->optionalOneOf('drive_cup_loosens', Rotation::class),
            $at->optionalOffset('offset_mm') ?? 0.0,
            $at->optionalDepth('guide_depth_mm'),
        );
    }

    private static function chainstay(?Cursor $at): Chainstay
    {
        $isNone = $at?->flag('none') === true;
        $profile = [];
        $before = 0.0;
        $points = $at === null || ($isNone && ! $at->has('profile')) ? [] : $at->items('profile');
        if ($isNone && $points !== []) {
            $at->faultAt('none', 'Where there is no stay, nothing is measured along it.');
        }
        foreach ($points as $point) {
            if (! $point->expectObject()) {
                continue;
            }
            $radius = $point->length('radius_mm');
            if ($point->isSound() && $radius <= $before) {
                $point->faultAt('radius_mm', 'Each radius must be larger than the one before.');
            }
            $before = $radius;
            $profile[] = new ProfilePoint($radius, $point->offsetMeasurement('outboard_mm'));
        }

        return $isNone ? Chainstay::none() : new Chainstay($profile);
    }

    private static function rear(Cursor $at): RearEnd
    {
        $cogs = self::cogs($at);

        return new RearEnd(
            chainstayLength: $at->measurement('chainstay_length_mm'),
            overLocknuts: $at->measurement('old_mm'),
            smallestCogInset: $at->measurement('smallest_cog_inset_mm'),
            cogs: $cogs,
            cogPitch: $at->optionalLengthOrNone('cog_pitch_mm') ?? 0.0,
            use: self::use($at),
            hubRatios: self::hubRatios($at),
            measuredChainWidth: $at->optionalLength('chain_width_mm'),
            chainPath: $at->optionalMeasurement('chain_path_mm'),
            oldChainLinks: $at->optionalWhole('old_chain_links', 1, 10_000),
            twelveLinks: $at->optionalMeasurement('chain_12_links_mm'),
        );
    }

    /** @return non-empty-list<int> */
    private static function cogs(Cursor $at): array
    {
        $cogs = [];
        $before = 0;
        foreach ($at->items('cogs', 1, 16) as $item) {
            $teeth = $item->here()->whole(9, 60);
            if ($teeth !== null && $teeth <= $before) {
                $item->fault('Each cog must be larger than the one before.');
            }
            $before = $teeth ?? 0;
            $cogs[] = $teeth ?? 9;
        }

        return $cogs ?: [9];
    }

    /** @return non-empty-list<float> */
    private static function use(Cursor $at): array
    {
        $cogs = $at->peek('cogs')->size();
        if (! $at->has('use')) {
            return array_fill(0, max(1, $cogs ?? 1), 1.0);
        }
        $weights = array_map(fn (Cursor $item) => $item->here()->number(0.0), $at->items('use'));
        if ($cogs !== null && $at->peek('use')->size() !== null && count($weights) !== $cogs) {
            $at->faultAt('use', "Expected a weight for each of the {$cogs} cogs, found ".count($weights).'.');
        } elseif ($weights !== [] && ! in_array(null, $weights, true) && array_sum($weights) <= 0.0) {
            $at->faultAt('use', 'At least one weight must be above 0.');
        }

        return array_map(fn (?float $weight) => $weight ?? 1.0, $weights) ?: [1.0];
    }

    /** @return non-empty-list<float> */
    private static function hubRatios(Cursor $at): array
    {
        $ratios = array_map(fn (Cursor $item) => $item->here()->positive() ?? 1.0, $at->has('hub_ratios') ? $at->items('hub_ratios', 1, 30) : []);

        return $ratios ?: [1.0];
    }

    private static function twinPlate(?Cursor $at): ?TwinPlateMeasures
    {
        return $at === null ? null : new TwinPlateMeasures(
            $at->measurement('ring_to_plate_mm'),
            $at->measurement('pinion_to_face_mm'),
            $at->measurement('crank_gap_mm'),
        );
    }
}
