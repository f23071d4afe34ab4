<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Holding\Mount\Body;
use NeatSpindle\Core\Holding\Mount\BodyInFrame;
use NeatSpindle\Core\Holding\Mount\Entry;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Part\Nut;
use NeatSpindle\Core\Sums\Adapter\InsertToMeasure;

/** A motor held by a threaded sleeve through the shell, with its plate, nut, lock ring and bolts. All in mm. */
final readonly class Sleeve implements Held
{
    /**
     * @param  float  $length from the shoulder to the sleeve's end
     * @param  float  $threadLength how much of that end is threaded
     * @param  float  $bossPlane from the shoulder to the threaded face the plate bolts to
     * @param  float  $spindleLeft from the shoulder to the left crank's end of the spindle
     * @param  float  $spindleRight from the shoulder to the right crank's end of the spindle
     * @param  ?Lockring  $lockring null for a kit with a single nut
     * @param  ?float  $spindleOuter the spindle's diameter where the nut's socket passes over it; null where nobody has said
     */
    public function __construct(
        public Body $body,
        public float $length,
        public float $threadLength,
        public float $threadPitch,
        public float $bossPlane,
        public float $spindleLeft,
        public float $spindleRight,
        public Plate $plate,
        public Nut $nut,
        public ?Lockring $lockring,
        public BossBolt $bossBolt,
        public ?float $spindleOuter = null,
        public bool $doesSpindleComeOut = true,
    ) {}

    /** From the shoulder to where the thread begins. */
    public function threadStart(): float
    {
        return $this->length - $this->threadLength;
    }

    /** How much of the thread nut and lock ring take together. */
    public function nutsThickness(): float
    {
        return $this->nut->thickness + ($this->lockring->thickness ?? 0.0);
    }

    public function mount(): Mount
    {
        return new SleeveMount;
    }

    public function on(Site $site, Entry $entry): Recipe
    {
        return new SleeveStack(new BodyInFrame($site, $entry, $this->body), $this);
    }

    public function begun(callable $measured, Picker $picker): null
    {
        return null;
    }

    public function nut(): Nut
    {
        return $this->nut;
    }

    public function bodyGap(): float
    {
        return $this->body->gap;
    }

    public function insertFor(Shell $shell): ?InsertToMeasure
    {
        return InsertToMeasure::for($shell, $this->body->boreFill, $this->bossPlane);
    }
}
