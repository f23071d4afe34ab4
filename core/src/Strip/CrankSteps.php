<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

use NeatSpindle\Core\Turn\Action;
use NeatSpindle\Core\Turn\Hand;
use NeatSpindle\Core\Turn\Side;
use NeatSpindle\Core\Turn\Turn;

/** Taking pedals and cranks off, by how they sit. */
final class CrankSteps
{
    private const PEDAL_SPANNER = '15 mm pedal spanner, or 6/8 mm key from behind';

    /** @return list<StripStep> */
    public static function pedals(): array
    {
        return [
            new StripStep('pedal-right', 'Right pedal off', 'Stand on the drive side, spanner from above.', self::PEDAL_SPANNER,
                self::loosen('Right pedal', Hand::Right, Side::Drive), keep: 'The pedal, marked R'),
            new StripStep('pedal-left', 'Left pedal off', 'Its thread is left-hand: both pedals come off towards the back wheel.', self::PEDAL_SPANNER,
                self::loosen('Left pedal', Hand::Left, Side::NonDrive), keep: 'The pedal, marked L', caution: 'Left-hand thread.'),
        ];
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
        return new StripStep("crank-bolt-{$name}", ucfirst($name).' crank bolt out', 'Bolt out, and the washer behind it.', '14 mm socket or 8 mm key',
            self::loosen("Crank bolt, {$name}", Hand::Right, $side), look: 'The washer is out: a puller would press on it');
    }

    private static function puller(string $name, Side $side, string $tool): StripStep
    {
        return new StripStep("crank-{$name}", ucfirst($name).' crank off', 'Screw the puller’s body fully into the arm by hand; then turn its spindle in until the arm comes.', $tool,
            new Turn('Puller spindle', Hand::Right, Action::Tighten, $side), look: 'Taper or splines: no cracks, no steps',
            caution: 'The arm’s thread is soft. If the body does not go in square and by hand, stop.');
    }

    private static function selfExtracting(string $name, Side $side): StripStep
    {
        return new StripStep("crank-{$name}", ucfirst($name).' crank off by its own bolt', 'One key does it: the bolt pushes against the outer ring and brings the arm along. The ring stays in.', '8 or 10 mm key, long',
            self::loosen("Crank bolt, {$name}", Hand::Right, $side), look: 'The outer ring sits flush and has not turned', caution: 'If the ring turns out instead, stop and tighten it first.');
    }

    /** @return list<StripStep> */
    private static function twoPiece(): array
    {
        return [
            new StripStep('pinch-bolts', 'Pinch bolts of the left arm loose', 'Two bolts, half a turn at a time each, until both are loose.', '5 mm key',
                self::loosen('Pinch bolt', Hand::Right, Side::NonDrive)),
            new StripStep('preload-cap', 'Preload cap out', 'By hand, with its own tool.', 'Preload cap tool', self::loosen('Preload cap', Hand::Right, Side::NonDrive), keep: 'The cap'),
            new StripStep('crank-left', 'Left arm off', 'Lift the safety catch, then pull it straight off.', 'Thumb and a flat screwdriver', look: 'The catch is not bent'),
            new StripStep('crank-right', 'Right arm and spindle out to the drive side', 'Tap the spindle’s end with a soft mallet, straight; the arm comes with it.', 'Soft mallet', look: 'Bearing seats on the spindle'),
        ];
    }

    /** @return list<StripStep> */
    private static function onePiece(): array
    {
        return [
            new StripStep('locknut-left', 'Locknut on the left off', 'Its thread is left-hand.', 'Large adjustable spanner', self::loosen('Locknut', Hand::Left, Side::NonDrive), keep: 'Locknut and keyed washer', caution: 'Left-hand thread.'),
            new StripStep('cone-left', 'Cone on the left off', 'Left-hand as well; unscrew it until the bearing falls free.', 'Pin tool or screwdriver in its slot', self::loosen('Cone', Hand::Left, Side::NonDrive), keep: 'Cone and bearing', caution: 'Left-hand thread.'),
            new StripStep('crank-out', 'The whole crank out to the drive side', 'Tilt it and thread it through the shell: left arm follows through.', 'Both hands', look: 'Frame round the shell: no cracks'),
        ];
    }

    private static function cotter(string $name, Side $side): StripStep
    {
        return new StripStep("crank-{$name}", ucfirst($name).' cotter pin out, arm off', 'Nut off, arm held from below, pin pressed out. A press, not a hammer on the shell.', 'Cotter press, 10 or 11 mm socket',
            self::loosen("Cotter nut, {$name}", Hand::Right, $side), look: 'Which way the pin’s flat lay', caution: 'Support the arm: blows that reach the shell dent the bearings and the frame.');
    }

    private static function loosen(string $part, Hand $hand, Side $side): Turn
    {
        return new Turn($part, $hand, Action::Loosen, $side);
    }
}
