<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

use NeatSpindle\Core\Prose\Wording;
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
        return StripStep::worded(
            "cup-{$name}",
            Wording::of(StripWords::PRESSED, title: ucfirst($name).($side === Side::Drive ? '-side' : '').' cup driven out'),
        );
    }

    private static function leftCup(): StripStep
    {
        return StripStep::worded(
            'cup-left', Wording::of(StripWords::CUP_LEFT),
            turn: new Turn('Left cup', self::handThatLoosens(Rotation::Anticlockwise), Action::Loosen, Side::NonDrive),
            onTheFloor: true,
        );
    }

    /** A cup that loosens clockwise has a left-hand thread. Before the shell is known the commonest is assumed, and said so. */
    private static function driveCup(?Identification $shell): StripStep
    {
        $rotation = self::driveCupLoosens($shell);

        return StripStep::worded(
            'cup-drive', Wording::of($rotation === null ? StripWords::CUP_DRIVE_GUESSED : StripWords::CUP_DRIVE),
            turn: new Turn('Drive cup', self::handThatLoosens($rotation ?? Rotation::Clockwise), Action::Loosen, Side::Drive),
            onTheFloor: true,
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
