<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;

/** Taking pedals and cranks off, by how they sit. */
final class CrankSteps
{
    private const PEDAL_SPANNER = '15 mm pedal spanner, or 6/8 mm key from behind';

    /** @return list<StripStep> */
    public static function pedals(): array
    {
        return [
            StripStep::worded(
                'pedal-right', Wording::of(StripWords::PEDAL_RIGHT, tool: self::PEDAL_SPANNER),
                turn: self::loosen('Right pedal', Hand::Right, Side::Drive), onTheFloor: true,
            ),
            StripStep::worded(
                'pedal-left', Wording::of(StripWords::PEDAL_LEFT, tool: self::PEDAL_SPANNER),
                turn: self::loosen('Left pedal', Hand::Left, Side::NonDrive), onTheFloor: true,
            ),
        ];
    }

    /** @return list<StripStep> caps that hide the bolts */
    public static function dustCaps(): array
    {
        return array_map(fn (string $name, Side $side) => StripStep::worded(
            "dust-cap-{$name}", Wording::of(StripWords::DUST_CAP, arm: ucfirst($name)),
            turn: self::loosen("Dust cap, {$name}", Hand::Right, $side),
        ), ['right', 'left'], [Side::Drive, Side::NonDrive]);
    }

    /** @return list<StripStep> */
    public static function for(CrankKind $kind): array
    {
        return match ($kind) {
            CrankKind::SquareTaper => self::pulled('Crank puller for square taper'),
            CrankKind::Splined => self::pulled('Crank puller with the wide foot for splines'),
            CrankKind::SelfExtracting => [self::selfExtracting('right', Side::Drive), self::selfExtracting('left', Side::NonDrive)],
            CrankKind::TwoPiece => self::twoPiece(),
            CrankKind::OnePiece => self::onePiece(),
            CrankKind::Cottered => [self::cotter('right', Side::Drive), self::cotter('left', Side::NonDrive)],
        };
    }

    /** @return list<StripStep> */
    private static function pulled(string $puller): array
    {
        return [
            self::bolt('right', Side::Drive), self::puller('right', Side::Drive, $puller),
            self::bolt('left', Side::NonDrive), self::puller('left', Side::NonDrive, $puller),
        ];
    }

    private static function bolt(string $name, Side $side): StripStep
    {
        return StripStep::worded(
            "crank-bolt-{$name}", Wording::of(StripWords::BOLT, arm: ucfirst($name)),
            turn: self::loosen("Crank bolt, {$name}", Hand::Right, $side), onTheFloor: true,
        );
    }

    private static function puller(string $name, Side $side, string $tool): StripStep
    {
        return StripStep::worded(
            "crank-{$name}", Wording::of(StripWords::PULLER, arm: ucfirst($name), tool: $tool),
            turn: new Turn('Puller spindle', Hand::Right, Action::Tighten, $side),
        );
    }

    private static function selfExtracting(string $name, Side $side): StripStep
    {
        return StripStep::worded(
            "crank-{$name}", Wording::of(StripWords::SELF_EXTRACTING, arm: ucfirst($name)),
            turn: self::loosen("Crank bolt, {$name}", Hand::Right, $side), onTheFloor: true,
        );
    }

    /** @return list<StripStep> */
    private static function twoPiece(): array
    {
        return [
            StripStep::worded(
                'pinch-bolts', Wording::of(StripWords::PINCH_BOLTS),
                turn: self::loosen('Pinch bolt', Hand::Right, Side::NonDrive),
            ),
            StripStep::worded(
                'preload-cap', Wording::of(StripWords::PRELOAD_CAP),
                turn: self::loosen('Preload cap', Hand::Right, Side::NonDrive),
            ),
            StripStep::worded('crank-left', Wording::of(StripWords::CRANK_LEFT)),
            StripStep::worded('crank-right', Wording::of(StripWords::CRANK_RIGHT)),
        ];
    }

    /** @return list<StripStep> */
    private static function onePiece(): array
    {
        return [
            StripStep::worded(
                'locknut-left', Wording::of(StripWords::LOCKNUT_LEFT),
                turn: self::loosen('Locknut', Hand::Left, Side::NonDrive),
            ),
            StripStep::worded(
                'cone-left', Wording::of(StripWords::CONE_LEFT),
                turn: self::loosen('Cone', Hand::Left, Side::NonDrive),
            ),
            StripStep::worded('crank-out', Wording::of(StripWords::CRANK_OUT)),
        ];
    }

    private static function cotter(string $name, Side $side): StripStep
    {
        return StripStep::worded(
            "crank-{$name}", Wording::of(StripWords::COTTER, arm: ucfirst($name)),
            turn: self::loosen("Cotter nut, {$name}", Hand::Right, $side),
        );
    }

    private static function loosen(string $part, Hand $hand, Side $side): Turn
    {
        return new Turn($part, $hand, Action::Loosen, $side);
    }
}
