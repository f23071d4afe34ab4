<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;

/**
 * A way to hold a motor in a frame. All that is particular to one lies in its own folder; this is the door to it, and
 * `Mounts` lists the doors.
 */
interface Mount
{
    /** As documents name it. */
    public function code(): string;

    public function label(): string;

    /** @return list<Place> where spacers can go, in the order the drawer is asked */
    public function places(): array;

    /** Whether a place is filled up to the room there is, rather than from what is needed. */
    public function fillsRoom(Place $place): bool;

    /** How much less than needed the drive spacers may be, in mm, where they bring something into line. */
    public function driveTolerance(): float;

    /** Whether the ring's place follows from the stack, and with it a chainline. */
    public function placesTheRing(): bool;

    /** Whether the frame's own spindle and cups can stay in while the motor hangs there. */
    public function canKeepTheBracket(): bool;

    /** The part of a bike's document that is measured for this mount alone; null when there is none. */
    public function measuresKey(): ?string;

    /** @return list<Spot> what is measured and looked at for this mount alone, in walking order */
    public function spots(): array;

    /** A motor's figures for this mount, from the motor's place in a document. */
    public function read(Cursor $motor): Held;
}
