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

/** Taking the bottom bracket out, by how it sits. */
final class BracketSteps
{
    /** @return list<StripStep> */
    public static function for(BracketKind $kind, ?Identification $shell): array
    {
        return match ($kind) {
            BracketKind::Threaded => [self::leftCup(), self::driveCup($shell)],
            BracketKind::PressFit => self::pressedCups(),
        };
    }

    /** @return list<StripStep> */
    public static function pressedCups(): array
    {
        return [
            self::pressed('left', Side::NonDrive),
            self::pressed('drive', Side::Drive),
        ];
    }

    private static function pressed(string $name, Side $side): StripStep
    {
        return new StripStep("cup-{$name}", ucfirst($name).($side === Side::Drive ? '-side' : '').' cup driven out', 'Drift through the shell from the other side, square, little by little, all round the edge.', 'Cup drift that spreads, soft mallet',
            look: 'The bore: no score, no flake', caution: 'Skew or hard blows crack a shell. On carbon let someone do it who has the maker’s tool.');
    }

    private static function leftCup(): StripStep
    {
        return new StripStep('cup-left', 'Left cup out', 'Hold the tool on with the crank bolt so that it cannot lift off the splines.', 'Splined cup tool, held captive',
            new Turn('Left cup', self::handThatLoosens(Rotation::Anticlockwise), Action::Loosen, Side::NonDrive), true, look: 'Thread clean over its whole length', caution: 'A loose tool strips the splines.');
    }

    /** A cup that loosens clockwise has a left-hand thread. Before the shell is known the commonest is assumed, and said so. */
    private static function driveCup(?Identification $shell): StripStep
    {
        $rotation = self::driveCupLoosens($shell);

        return new StripStep(
            'cup-drive',
            'Drive cup out',
            $rotation === null
                ? 'Not known yet which standard this is. Most loosen clockwise, as drawn; Italian and French ones the other way. Try gently both ways before any force, and write down which way it came.'
                : 'Hold the tool on with the crank bolt so that it cannot lift off the splines.',
            'Splined cup tool, held captive',
            new Turn('Drive cup', self::handThatLoosens($rotation ?? Rotation::Clockwise), Action::Loosen, Side::Drive),
            true,
            look: 'Which way it turned: enter it in the survey',
            caution: $rotation === null ? 'Direction assumed, not measured.' : null,
        );
    }

    /** The hand of a thread that loosens this way. */
    private static function handThatLoosens(Rotation $loosens): Hand
    {
        return $loosens === Rotation::Clockwise ? Hand::Left : Hand::Right;
    }

    /** The way every standard left in question agrees on; null when they differ or nothing is known. */
    private static function driveCupLoosens(?Identification $shell): ?Rotation
    {
        if ($shell?->shell->driveCupLoosens !== null) {
            return $shell->shell->driveCupLoosens;
        }
        $ways = [];
        foreach ($shell->candidates ?? [] as $standard) {
            if ($standard->isThreaded()) {
                $ways[$standard->driveCupLoosens()->value ?? ''] = $standard->driveCupLoosens();
            }
        }

        return count($ways) === 1 ? array_values($ways)[0] : null;
    }
}
