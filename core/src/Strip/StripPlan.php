<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Turn\Action;
use NeatSpindle\Core\Turn\Hand;
use NeatSpindle\Core\Turn\Rotation;
use NeatSpindle\Core\Turn\Side;
use NeatSpindle\Core\Turn\Turn;

use function count;

/** The order of taking off square-taper cranks and a threaded bottom bracket. */
final readonly class StripPlan
{
    /** What to try on a stuck part, in this order, each with its wait; after the last, more force is no answer. */
    public const LADDER = [
        'Check the direction once more, against the picture.',
        'Clean the thread; penetrating oil; wait 20 minutes.',
        'Hold the tool captive with the crank bolt or a clamp; longer lever, wheels on the floor, not in the stand.',
        'Shock instead of more bend: a few sharp taps on the lever.',
        'Heat, on metal frames only, away from paint, seals and cells; let it soak 5 minutes.',
        'Stop. Take it to someone with a vice, a slotted cutter or a welder. Write down what was tried.',
    ];

    /** @param  list<StripStep>  $steps */
    private function __construct(public array $steps) {}

    /** @param  ?Identification  $shell what the shell is known to be; the drive cup's direction follows from it */
    public static function forSquareTaper(?Identification $shell): self
    {
        return new self([
            new StripStep('power', 'Power off, battery out', 'If the bike already carries a motor or a battery: off, out, and away from the bench.',
                caution: 'Fingers get pinched in the ring and behind the nut when a motor starts.'),
            new StripStep('pedal-right', 'Right pedal off', 'Stand on the drive side, spanner from above.', '15 mm pedal spanner, or 6/8 mm key from behind',
                self::loosen('Right pedal', Hand::Right, Side::Drive), keep: 'The pedal, marked R'),
            new StripStep('pedal-left', 'Left pedal off', 'Its thread is left-hand: both pedals come off towards the back wheel.', '15 mm pedal spanner, or 6/8 mm key from behind',
                self::loosen('Left pedal', Hand::Left, Side::NonDrive), keep: 'The pedal, marked L', caution: 'Left-hand thread.'),
            new StripStep('chain', 'Chain off', 'Open the joining link if there is one, else push a pin. Count the links before it goes into the bin.', 'Link pliers or chain tool',
                keep: 'The old chain, for comparing link by link'),
            new StripStep('front-mech', 'Front mech, cable and shifter off', 'If there is one: it goes, the motor has one ring.', '5 mm key, cable cutter',
                keep: 'The cable stop and its screw'),
            new StripStep('crank-bolt-right', 'Right crank bolt out', 'Bolt out, and the washer behind it.', '14 mm socket or 8 mm key',
                self::loosen('Crank bolt, right', Hand::Right, Side::Drive), look: 'The washer is out: a puller would press on it'),
            self::puller('right', Side::Drive),
            new StripStep('crank-bolt-left', 'Left crank bolt out', 'Bolt out, and the washer behind it.', '14 mm socket or 8 mm key',
                self::loosen('Crank bolt, left', Hand::Right, Side::NonDrive), look: 'The washer is out: a puller would press on it'),
            self::puller('left', Side::NonDrive),
            new StripStep('cup-left', 'Left cup out', 'Hold the tool on with the crank bolt so that it cannot lift off the splines.', 'Splined cup tool, held captive',
                self::loosen('Left cup', Hand::Right, Side::NonDrive), true, look: 'Thread clean over its whole length', caution: 'A loose tool strips the splines.'),
            self::driveCup($shell),
            new StripStep('look-inside', 'Look inside the shell', 'Lamp in. Plastic sleeve out, burrs off, screw heads that stand proud gone or shortened, drain hole open, faces flat and free of thick paint.', 'Lamp, deburring blade, rag',
                keep: 'The cable guide’s screw', look: 'Bore, thread, faces, guide underneath: then measure them'),
        ]);
    }

    private static function loosen(string $part, Hand $hand, Side $side): Turn
    {
        return new Turn($part, $hand, Action::Loosen, $side);
    }

    private static function puller(string $name, Side $side): StripStep
    {
        return new StripStep(
            "crank-{$name}",
            ucfirst($name).' crank off',
            'Screw the puller’s body fully into the arm by hand; then turn its spindle in until the arm comes.',
            'Crank puller for square taper',
            new Turn('Puller spindle', Hand::Right, Action::Tighten, $side),
            look: 'The taper: no cracks, no steps',
            caution: 'The arm’s thread is soft. If the body does not go in square and by hand, stop.',
        );
    }

    /** A cup that loosens clockwise has a left-hand thread. Before the shell is known the commonest is assumed, and said so. */
    private static function driveCup(?Identification $shell): StripStep
    {
        $rotation = self::driveCupLoosens($shell);
        $hand = ($rotation ?? Rotation::Clockwise) === Rotation::Clockwise ? Hand::Left : Hand::Right;

        return new StripStep(
            'cup-drive',
            'Drive cup out',
            $rotation === null
                ? 'Not known yet which standard this is. Most loosen clockwise, as drawn; Italian and French ones the other way. Try gently both ways before any force, and write down which way it came.'
                : 'Hold the tool on with the crank bolt so that it cannot lift off the splines.',
            'Splined cup tool, held captive',
            self::loosen('Drive cup', $hand, Side::Drive),
            true,
            look: 'Which way it turned: enter it in the survey',
            caution: $rotation === null ? 'Direction assumed, not measured.' : null,
        );
    }

    /** The way every standard left in question agrees on; null when they differ or nothing is known. */
    private static function driveCupLoosens(?Identification $shell): ?Rotation
    {
        if ($shell?->shell->driveCupLoosens !== null) {
            return $shell->shell->driveCupLoosens;
        }
        $ways = [];
        foreach ($shell->candidates ?? [] as $standard) {
            $ways[$standard->driveCupLoosens()->value ?? 'none'] = $standard->driveCupLoosens();
        }

        return count($ways) === 1 ? array_values($ways)[0] : null;
    }
}
