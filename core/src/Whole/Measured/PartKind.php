<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What may lie on the bench without papers, and is entered by measuring it. */
enum PartKind: string
{
    case Sleeve = 'sleeve';
    case Yoke = 'yoke';
    case TwinPlate = 'twin-plate';
    case Nut = 'nut';
    case Ring = 'ring';
    case Insert = 'insert';
    case Pack = 'pack';

    public function label(): string
    {
        return match ($this) {
            self::Sleeve => 'Motor on a sleeve through the shell',
            self::Yoke => 'Motor with a yoke and a cup',
            self::TwinPlate => 'Motor between two plates',
            self::Nut => 'Another nut for a motor',
            self::Ring => 'Chainring',
            self::Insert => 'Press-in insert',
            self::Pack => 'Battery',
        };
    }

    /** How one knows that it is this. */
    public function looks(): string
    {
        return match ($this) {
            self::Sleeve => 'A hollow tube with a thread at its end goes through the shell; a nut pulls the body against it.',
            self::Yoke => 'The body straddles the shell; a cup threads in from the left through a plate in a slot.',
            self::TwinPlate => 'It hangs between two plates beside a shell that keeps its own spindle.',
            self::Nut => 'Turned, or squeezed shut by screws: of other thickness than the one it came with.',
            self::Ring => 'From a shop, or the bike’s own, on its spider.',
            self::Insert => 'Two halves with a lip that narrow a bore without thread.',
            self::Pack => 'Cells in a case, with or without a rail.',
        };
    }

    public function isMotor(): bool
    {
        return $this === self::Sleeve || $this === self::Yoke || $this === self::TwinPlate;
    }

    /** The part of a catalogue it goes into. */
    public function table(): string
    {
        return match ($this) {
            self::Ring => 'rings',
            self::Insert => 'inserts',
            self::Pack => 'packs',
            default => 'motors',
        };
    }

    /** @return list<PartFigure> what is measured of it, in the order of the hand */
    public function figures(): array
    {
        return match ($this) {
            self::Sleeve => [...MotorFigures::named(), ...SleeveFigures::all(), ...MotorFigures::label(), ...MotorFigures::later()],
            self::Yoke => [...MotorFigures::named(), ...YokeFigures::all(), ...MotorFigures::label(), ...MotorFigures::later()],
            self::TwinPlate => [...MotorFigures::named(), ...TwinPlateFigures::all(), ...MotorFigures::label(), ...MotorFigures::later()],
            self::Nut => NutFigures::all(),
            self::Ring => RingFigures::all(),
            self::Insert => InsertFigures::all(),
            self::Pack => PackFigures::all(),
        };
    }

    public function figure(string $code): ?PartFigure
    {
        foreach ($this->figures() as $figure) {
            if ($figure->code === $code) {
                return $figure;
            }
        }

        return null;
    }
}
