<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

use NeatSpindle\Core\Donor\Bike\ProfilePoint;

/** Where the parts of one mount lie in the section, once its stack is solved. */
interface Layout
{
    /** @return non-empty-list<Part> what is no spacer, back to front */
    public function parts(): array;

    /** @return list<Berth> where spacers sit, for every place of the mount */
    public function berths(): array;

    /** @return list<Gap> the margins that can be shown where they are */
    public function gaps(): array;

    /** @return list<ProfilePoint> the chainstay's outer side, as far as it matters here */
    public function stay(): array;

    /** The shell's drive face, from the frame's centre plane. */
    public function driveFace(): float;
}
