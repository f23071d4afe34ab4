<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Catalogue;

use NeatSpindle\Core\Fitting\Battery\VoltageRange;
use NeatSpindle\Core\Fitting\Route\Harness;
use NeatSpindle\Core\Fitting\Sensor\SpeedSensor;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;

/** What a motor's papers say beyond the sums: torques, how its cranks sit, what lies in its box. */
final readonly class MotorPapers
{
    /**
     * @param  list<Piece>  $contents of its box; empty where nobody has listed them
     * @param  ?float  $mostAmps the most it draws, in A
     * @param  ?SpeedSensor  $speedSensor how its speed sensor is set
     * @param  ?VoltageRange  $voltage what it may be run on
     * @param  ?Hand  $cupHand of the thread its cup goes in by; null where its papers do not say
     * @param  ?float  $bodyReach from the axis to the body’s farthest point, in mm; null where its papers do not say
     * @param  list<string>  $displays it talks to, by name; empty where nobody has said
     * @param  bool  $hasHanger whether its body hangs at bolts that find their place while others are drawn tight
     * @param  ?Harness  $harness what hangs at it and what at the bar; null where nobody has written that down
     */
    public function __construct(
        public Bands $bands,
        public CrankSeat $crankSeat,
        public Compound $crankCompound,
        public array $contents,
        public ?float $mostAmps = null,
        public ?SpeedSensor $speedSensor = null,
        public ?VoltageRange $voltage = null,
        public ?Harness $harness = null,
        public ?Hand $cupHand = null,
        public bool $hasHanger = false,
        public ?float $bodyReach = null,
        public array $displays = [],
    ) {}
}
