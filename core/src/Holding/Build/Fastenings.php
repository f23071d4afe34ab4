<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;
use NeatSpindle\Core\Parts\Part\RingFitting;

/** How things are made fast: on what the body rests, how the ring goes on, what papers say of fasteners and cranks, how the house goes about it. */
final readonly class Fastenings
{
    public Bands $bands;

    public HouseRules $house;

    /**
     * @param  ?RestPlan  $rest null while nobody has chosen what the body rests on
     * @param  ?Bands  $bands what is known of fasteners beyond the sums
     * @param  ?Hand  $cupHand of a yoke's cup, by its papers; null where they do not say
     * @param  bool  $hasHanger whether the body hangs at bolts that find their place
     * @param  ?Compound  $insertFilm what goes between insert and bore, by its papers; null where they do not say
     * @param  Compound  $crankCompound what the crank's maker wants on its seat
     */
    public function __construct(
        public ?RestPlan $rest = null,
        public RingFitting $ringFitting = new RingFitting,
        ?Bands $bands = null,
        public CrankSeat $crankSeat = CrankSeat::Taper,
        public Compound $crankCompound = Compound::Grease,
        ?HouseRules $house = null,
        public ?Hand $cupHand = null,
        public bool $hasHanger = false,
        public ?Compound $insertFilm = null,
    ) {
        $this->bands = $bands ?? Bands::none();
        $this->house = $house ?? HouseRules::default();
    }

    public function inHouse(HouseRules $house): self
    {
        return new self(
            $this->rest, $this->ringFitting, $this->bands, $this->crankSeat, $this->crankCompound, $house,
            cupHand: $this->cupHand, hasHanger: $this->hasHanger, insertFilm: $this->insertFilm,
        );
    }
}
