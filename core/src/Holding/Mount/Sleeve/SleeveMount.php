<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Parts\Drawer\Place;

/** A hollow threaded sleeve passes through the shell, and a nut pulls the motor against it. */
final readonly class SleeveMount implements Mount
{
    public function code(): string
    {
        return 'sleeve';
    }

    public function label(): string
    {
        return 'Sleeve';
    }

    public function places(): array
    {
        return [Place::Drive, Place::Plate, Place::Boss, Place::Nut];
    }

    public function fillsRoom(Place $place): bool
    {
        return $place === Place::Boss;
    }

    public function driveTolerance(): float
    {
        return 0.0;
    }

    public function placesTheRing(): bool
    {
        return true;
    }

    public function canKeepTheBracket(): bool
    {
        return false;
    }

    public function measuresKey(): null
    {
        return null;
    }

    public function spots(): array
    {
        return [];
    }

    public function read(Cursor $motor): Held
    {
        return SleeveReader::read($motor);
    }
}
