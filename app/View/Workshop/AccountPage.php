<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Bench\Hands;
use App\Models\HandDoubt;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Repeatability;

/** A person's account, with what their readings tell of their hands. */
class AccountPage
{
    private const MICRONS = 1000.0;

    public readonly LengthUnit $unit;

    public function __construct(public readonly User $user)
    {
        $this->unit = $user->length_unit;
    }

    /** @return array<string, Repeatability> by instrument */
    public function hands(): array
    {
        return Hands::of($this->user);
    }

    public function instrument(string $code): Instrument
    {
        return Instrument::from($code);
    }

    /** What they took as their own; null where the usual doubt holds. */
    public function taken(string $code): ?HandDoubt
    {
        return $this->user->handDoubts->first(fn (HandDoubt $one) => $one->instrument->value === $code && $one->doubt_mm !== null);
    }

    /** With a digit more than lengths have: it is small. */
    public function show(float $mm): string
    {
        return $this->unit === LengthUnit::Millimetre ? sprintf('%.3f mm', $mm) : sprintf(
            '%.1f thousandths of an inch', $mm / LengthUnit::MM_PER_INCH * self::MICRONS,
        );
    }
}
