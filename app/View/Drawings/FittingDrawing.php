<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Fitting\Route\PlugShape;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;

use function count;

/**
 * Small drawings of what is fitted around the motor, in the hand of `ChoiceDrawing`: levers from above with the bar across,
 * places on the bike from above with the front up.
 */
final class FittingDrawing
{
    private const PALE = ChoiceDrawing::PALE;

    private const PART = ChoiceDrawing::PART;

    private const LINE = ChoiceDrawing::LINE;

    private const BAR = [self::PALE, 'M2 6 H70 V13 H2 Z'];

    private const BLADE = [self::LINE, 'M19 18 C20 32 36 36 68 34'];

    private const CLAMP = [self::PART, 'M13 3 H25 V19 H13 Z'];

    /** A lead that goes to the motor, with its plug. */
    private const LEAD = [self::LINE, 'M30 21 C40 14 46 26 56 21 M56 18 h7 v6 h-7 Z'];

    public static function of(BrakeSensing|GearSensing|SpeedSite|DisplaySite|PlugShape $what): ChoiceDrawing
    {
        return new ChoiceDrawing(match (true) {
            $what instanceof BrakeSensing => self::brake($what),
            $what instanceof GearSensing => $what === GearSensing::Fitted ? self::inCable() : [[self::LINE, 'M2 24 H70']],
            $what instanceof SpeedSite => self::speed($what),
            $what instanceof DisplaySite => self::display($what),
            $what instanceof PlugShape => [[self::PART, self::larger($what)]],
        });
    }

    /** How something on the bar is made; null where there is but one way. */
    public static function made(FixtureKind $kind, Make $make): ?ChoiceDrawing
    {
        return count($kind->makes()) < 2 ? null : new ChoiceDrawing(match ($make) {
            Make::Plain => [self::BAR, self::BLADE, self::CLAMP],
            Make::Hydraulic => [
                self::BAR, self::BLADE, self::CLAMP, [self::PART, 'M25 15 H44 V24 H25 Z'], [self::LINE, 'M13 10 C8 10 6 16 2 16'],
            ],
            Make::OwnSwitch => [self::BAR, self::BLADE, self::CLAMP, self::LEAD],
            Make::HydraulicSwitch => [self::BAR, self::BLADE, self::CLAMP, [self::PART, 'M25 15 H34 V24 H25 Z'], [self::LINE, 'M13 10 C8 10 6 16 2 16'], self::LEAD],
            Make::Odd => [self::BAR, [self::PART, 'M13 3 H25 V19 C22 26 32 24 40 34 C46 42 58 28 68 34 L66 44 C54 38 46 48 36 40 C28 32 12 36 13 19 Z']],
            Make::Thumb => [self::BAR, [self::PART, 'M28 3 H44 V19 H28 Z M40 19 L54 32 L49 37 L34 22 Z']],
            Make::Twist => [self::BAR, [self::PART, 'M22 2 H52 V18 H22 Z'],
                [self::LINE, 'M28 2 V18 M34 2 V18 M40 2 V18 M46 2 V18 M24 26 C30 36 44 36 50 26 M50 26 L44 27 M50 26 L51 32'],
            ],
            Make::Finger => [self::BAR, [self::PART, 'M26 3 H40 V20 H26 Z'], [self::LINE, 'M36 20 C36 32 46 36 60 30']],
        });
    }

    /** @return list<array{string, string}> */
    private static function brake(BrakeSensing $sensing): array
    {
        $lever = [self::BAR, self::BLADE, self::CLAMP];

        return match ($sensing) {
            BrakeSensing::Lever => [...$lever, self::LEAD],
            BrakeSensing::StickOn => [...$lever, [self::PART, 'M25 17 H33 V25 H25 Z M33 30 H40 V37 H33 Z'], [self::LINE, 'M33 21 C42 15 48 26 56 21 M56 18 h7 v6 h-7 Z']],
            BrakeSensing::InCable => self::inCable(),
            BrakeSensing::NoLever => [
                self::BAR, [self::PART, 'M30 3 H70 V17 H30 Z'], [self::LINE, 'M36 3 V17 M42 3 V17 M48 3 V17 M54 3 V17 M60 3 V17'],
            ],
            BrakeSensing::LeftOff => [...$lever, [self::LINE, 'M40 16 L60 27 M60 16 L40 27']],
        };
    }

    /** @return list<array{string, string}> a barrel that a cable goes through, its lead going off */
    private static function inCable(): array
    {
        return [
            [self::LINE, 'M2 24 H70'], [self::PART, 'M22 15 H50 V33 H22 Z'], [self::LINE, 'M36 33 C36 42 48 38 56 42 M56 39 h7 v6 h-7 Z'],
        ];
    }

    /** @return list<array{string, string}> */
    private static function speed(SpeedSite $site): array
    {
        $rear = [[self::PALE, 'M33 18 H39 V48 H33 Z'], [self::LINE, 'M24 44 L31 4 M48 44 L41 4'], [self::LINE, 'M20 40 H52']];
        $magnet = [self::LINE, ChoiceDrawing::circle(36, 29, 4)];

        return match ($site) {
            SpeedSite::StayLeft => [...$rear, $magnet, [self::PART, 'M14 24 H25 V35 H14 Z']],
            SpeedSite::StayRight => [...$rear, $magnet, [self::PART, 'M47 24 H58 V35 H47 Z']],
            SpeedSite::Boss => [...$rear, $magnet, [self::LINE, 'M14 40 V30 H26'], [self::PART, 'M4 34 H15 V46 H4 Z M22 25 H30 V34 H22 Z']],
            SpeedSite::Front => [
                [self::PALE, 'M33 6 H39 V46 H33 Z'], [self::LINE, 'M10 44 H62 M28 40 L26 12 M44 40 L46 12'], [self::LINE, ChoiceDrawing::circle(36, 20, 4)],
                [self::PART, 'M16 15 H27 V26 H16 Z'],
            ],
            SpeedSite::Boom => [
                [self::PALE, 'M31 4 H41 V48 H31 Z'], [self::LINE, 'M12 10 H60 M12 6 V14 M60 6 V14'], [self::PART, 'M41 16 H52 V27 H41 Z'],
            ],
        };
    }

    /** @return list<array{string, string}> */
    private static function display(DisplaySite $site): array
    {
        $bar = [[self::PALE, 'M4 8 H68 V14 H4 Z'], [self::PALE, 'M32 14 H40 V44 H32 Z']];

        return match ($site) {
            DisplaySite::Bar => [...$bar, [self::PART, 'M44 2 H60 V22 H44 Z']],
            DisplaySite::Stem => [...$bar, [self::PART, 'M27 12 H45 V28 H27 Z']],
            DisplaySite::TopTube => [...$bar, [self::PART, 'M28 30 H44 V46 H28 Z']],
            DisplaySite::Mast => [[self::PALE, 'M32 4 H40 V46 H32 Z'], [self::LINE, 'M40 30 H52 V20'], [self::PART, 'M46 4 H62 V20 H46 Z']],
        };
    }

    /** The outline of a plug, which is drawn in a box of 20, as large as the paper allows. */
    private static function larger(PlugShape $shape): string
    {
        return match ($shape) {
            PlugShape::Barrel => ChoiceDrawing::circle(36, 24, 18),
            PlugShape::Slab => 'M16 12 H56 V36 H16 Z',
            PlugShape::Wedge => 'M36 4 L58 42 H14 Z',
            PlugShape::Lozenge => 'M36 3 L56 24 L36 45 L16 24 Z',
            PlugShape::HalfMoon => 'M14 36 A22 26 0 0 1 58 36 Z',
        };
    }
}
