<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Holding\Mount\Body;
use NeatSpindle\Core\Holding\Mount\BodyInFrame;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Parts\Drawer\Picker;

/** A motor whose body straddles the shell, with a cup from the left and a trapped yoke. All in mm. */
final readonly class Yoke implements Held
{
    /** @param  ?float  $spindleRight from the shoulder to the right crank's outer face; null where nobody has said */
    public function __construct(
        public Body $body,
        public float $base,
        public float $slotStart,
        public float $slotEnd,
        public float $thickness,
        public float $cupReach,
        public float $cupMinEngagement,
        public float $bodyThreadEnd,
        public float $bodyThreadDepth,
        public float $collarThickness,
        public float $crankMarker,
        public ?float $spindleRight = null,
    ) {}

    public function mount(): Mount
    {
        return new YokeMount;
    }

    public function on(Site $site, Entry $entry): Recipe
    {
        return new YokeStack(new BodyInFrame($site, $entry, $this->body), $this);
    }

    public function begun(callable $measured, Picker $picker): null
    {
        return null;
    }

    public function nut(): null
    {
        return null;
    }

    public function bodyGap(): float
    {
        return $this->body->gap;
    }

    public function insertFor(Shell $shell): null
    {
        return null;
    }
}
