<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Shell;

use NeatSpindle\Core\Ground\Turn\Rotation;

/** The shell standards we know, in the order they are tried. Lengths in mm. */
enum ShellStandard: string
{
    case Bsa = 'bsa';
    case Italian = 'italian';
    case French = 'french';
    case Swiss = 'swiss';
    case T47 = 't47';
    case Bb30 = 'bb30';
    case Pf30 = 'pf30';
    case Pf46Wide = 'pf46-wide';
    case Pf41 = 'pf41';
    case Pf41Fat = 'pf41-fat';
    case OnePiece = 'one-piece';
    case Mid = 'mid';
    case Spanish = 'spanish';

    /** Thread pitch of 24 turns to the inch, in mm. */
    private const TPI_24 = 1.0583;

    /** widths, bore (low, high), then for threaded shells pitch and the way the drive cup loosens */
    private const TABLE = [
        'bsa' => [[68, 73, 83, 100, 120], [33.3, 34.0], self::TPI_24, Rotation::Clockwise],
        'italian' => [[70], [34.6, 35.3], self::TPI_24, Rotation::Anticlockwise],
        'french' => [[68], [33.7, 34.3], 1.0, Rotation::Anticlockwise],
        'swiss' => [[68], [33.7, 34.3], 1.0, Rotation::Clockwise],
        't47' => [[68, 73, 77, 85.5], [45.6, 46.3], 1.0, Rotation::Clockwise],
        'bb30' => [[68, 73], [41.9, 42.1], null, null],
        'pf30' => [[68, 73, 83], [45.9, 46.1], null, null],
        'pf46-wide' => [[86.5], [45.9, 46.1], null, null],
        'pf41' => [[86.5, 89.5, 92], [40.9, 41.1], null, null],
        'pf41-fat' => [[104.5, 107, 121, 132], [40.9, 41.1], null, null],
        'one-piece' => [[68], [51.0, 51.6], null, null],
        'mid' => [[73], [41.15, 41.35], null, null],
        'spanish' => [[68], [36.9, 37.2], null, null],
    ];

    /** @return list<int|float> nominal widths, rising */
    public function widths(): array
    {
        return self::TABLE[$this->value][0];
    }

    /** @return array{float, float} what a caliper reads across the crests, or the plain bore */
    public function bore(): array
    {
        return self::TABLE[$this->value][1];
    }

    public function pitch(): ?float
    {
        return self::TABLE[$this->value][2];
    }

    public function driveCupLoosens(): ?Rotation
    {
        return self::TABLE[$this->value][3];
    }

    public function isThreaded(): bool
    {
        return self::TABLE[$this->value][2] !== null;
    }

    /** The nominal width nearest to the measured one, the smaller of two equally near. */
    public function nearestWidth(float $widthMm): int|float
    {
        $nearest = $this->widths()[0];
        foreach ($this->widths() as $width) {
            if (abs($width - $widthMm) < abs($nearest - $widthMm) - 1e-9) {
                $nearest = $width;
            }
        }

        return $nearest;
    }

    /** The name as it is said at the bench. */
    public function label(): string
    {
        return match ($this) {
            self::Bsa => 'BSA thread',
            self::Italian => 'Italian thread',
            self::French => 'French thread',
            self::Swiss => 'Swiss thread',
            self::T47 => 'T47 thread',
            self::Bb30 => 'BB30 plain bore',
            self::Pf30 => 'PF30 press-fit',
            self::Pf46Wide => 'wide 46 press-fit',
            self::Pf41 => '41 press-fit',
            self::Pf41Fat => 'fat 41 press-fit',
            self::OnePiece => 'one-piece crank shell',
            self::Mid => 'mid plain bore',
            self::Spanish => 'Spanish plain bore',
        };
    }
}
