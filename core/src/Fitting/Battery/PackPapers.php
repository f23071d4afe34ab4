<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** A battery of the catalogue, as its papers have it: lengths in mm, mass in kg, currents in A. Null for what they do not say. */
final readonly class PackPapers
{
    /**
     * @param  float  $length along the tube that carries it
     * @param  float  $height away from that tube
     * @param  ?float  $lift how far it is lifted to come off its rail
     * @param  ?float  $slide how far it is slid forward to come off its rail
     * @param  ?float  $rail between the outermost holes its rail may be fixed by
     * @param  ?float  $mostAmps what it gives for as long as it is asked
     * @param  ?float  $fuseAmps what its fuse lets through
     * @param  ?float  $connectorAmps what its plug is made for
     */
    public function __construct(
        public string $code,
        public string $name,
        public float $length,
        public float $height,
        public float $width,
        public float $mass,
        public float $volts,
        public float $wattHours,
        public float $gap = Pack::USUAL_GAP,
        public ?float $lift = null,
        public ?float $slide = null,
        public ?float $rail = null,
        public ?float $mostAmps = null,
        public ?float $fuseAmps = null,
        public ?float $connectorAmps = null,
    ) {}

    public function box(): Pack
    {
        return new Pack($this->length, $this->height, $this->gap);
    }

    /** @return list<Pack> the room it takes on its way out: slid forward first, then lifted */
    public function comingOut(): array
    {
        return [new Pack($this->length + ($this->slide ?? 0.0), $this->height, $this->gap), new Pack(
            $this->length, $this->height + ($this->lift ?? 0.0), $this->gap,
        )];
    }
}
