<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;

use function count;

/** Taking the bottom bracket out, by how it sits. Which of two cups comes first is a rule of the house, where either can. */
final readonly class BracketSteps
{
    private function __construct(private Fitted $fitted, private ?Identification $shell, private HouseRules $house) {}

    /** @return list<StripStep> */
    public static function for(Fitted $fitted, ?Identification $shell, HouseRules $house): array
    {
        $steps = new self($fitted, $shell, $house);

        return match ($fitted->bracket) {
            BracketKind::Cartridge, BracketKind::External => $steps->bothCups(),
            BracketKind::LooseBall => $steps->looseBall(),
            BracketKind::PlainLeft => [self::plain('left', 'Left', 'drive side'), $steps->drive($steps->cupWords())],
            BracketKind::PlainDrive => [self::plain('drive', 'Drive-side', 'left side'), $steps->left('cup-left', 'Left cup', $steps->cupWords())],
            BracketKind::PressFit => self::pressedCups(),
        };
    }

    /** @return list<StripStep> */
    public static function pressedCups(): array
    {
        return array_map(
            fn (string $name, string $title) => StripStep::worded("cup-{$name}", Wording::of(StripWords::PRESSED, title: $title)),
            ['left', 'drive'], ['Left cup driven out', 'Drive-side cup driven out'],
        );
    }

    /** @return list<StripStep> */
    private function bothCups(): array
    {
        $cups = [$this->left('cup-left', 'Left cup', $this->cupWords()), $this->drive($this->cupWords())];

        return $this->house->follows(School::CupDrive) ? array_reverse($cups) : $cups;
    }

    /** @return list<StripStep> */
    private function looseBall(): array
    {
        return [
            $this->left('lockring-left', 'Lock ring', StripWords::LOCKRING_LEFT),
            $this->left('cup-left', 'Adjustable cup', StripWords::CUP_ADJUSTABLE),
            StripStep::worded('spindle-out', Wording::of(StripWords::SPINDLE_OUT)),
            $this->drive(StripWords::CUP_FIXED),
        ];
    }

    private static function plain(string $name, string $cup, string $other): StripStep
    {
        return StripStep::worded("cup-{$name}", Wording::of(StripWords::CUP_PLAIN, cup: $cup, other: $other));
    }

    /** @return array<string, string> how a cup is turned out: what holds the tool on depends on what is still there */
    private function cupWords(): array
    {
        return match (true) {
            $this->fitted->bracket === BracketKind::External => StripWords::CUP_EXTERNAL,
            $this->fitted->leavesSpindle() => StripWords::CUP,
            default => StripWords::CUP_WITHOUT_SPINDLE,
        };
    }

    /** @param  array<string, string>  $words */
    private function left(string $code, string $part, array $words): StripStep
    {
        return StripStep::worded(
            $code, Wording::of($words + ['look' => 'Thread clean over its whole length'], cup: 'Left cup', guess: ''),
            turn: new Turn($part, Hand::Right, Action::Loosen, Side::NonDrive), onTheFloor: true,
        );
    }

    /**
     * A cup that loosens clockwise has a left-hand thread. Before the shell is known the commonest is assumed, and said so.
     *
     * @param  array<string, string>  $words
     */
    private function drive(array $words): StripStep
    {
        $rotation = $this->fitted->driveCupLoosens ?? self::driveCupLoosens($this->shell);
        $words = ['look' => 'Which way it turned'] + $words;

        return StripStep::worded(
            'cup-drive',
            $rotation === null
                ? Wording::of(
                    ['caution' => StripWords::GUESSED.' '.($words['caution'] ?? '')] + $words, cup: 'Drive cup', guess: StripWords::GUESS,
                )
                : Wording::of($words, cup: 'Drive cup', guess: ''),
            turn: new Turn('Drive cup', self::handThatLoosens($rotation ?? Rotation::Clockwise), Action::Loosen, Side::Drive),
            onTheFloor: true, tellsTheWay: $this->fitted->driveCupLoosens === null,
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
