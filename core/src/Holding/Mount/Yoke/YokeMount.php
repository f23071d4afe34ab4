<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Parts\Drawer\Place;

/** The body straddles the shell; a cup threads in from the left, and the yoke is trapped in a slot. */
final readonly class YokeMount implements Mount
{
    public function code(): string
    {
        return 'yoke';
    }

    public function label(): string
    {
        return 'Yoke';
    }

    public function places(): array
    {
        return [Place::Drive, Place::Plate, Place::SlotInner, Place::SlotOuter, Place::Crank];
    }

    public function fillsRoom(Place $place): bool
    {
        return $place !== Place::Drive;
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
        return YokeReader::read($motor);
    }
}
