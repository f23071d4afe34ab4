<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Ground\Document\Cursor;

/**
 * What every motor body brings to the frame's drive side, whichever way it is held. All in mm.
 */
final readonly class Body
{
    /**
     * @param  float  $caseStandoff inner side of the reduction case, outboard of the motor's shoulder
     * @param  float  $caseRadius how far from the axis the case reaches
     * @param  float  $ringFace the ring's mounting face, outboard of the shoulder
     * @param  float  $gap room between shell and body for what runs under the shell
     * @param  float  $boreFill outer diameter of what passes through the shell
     */
    public function __construct(
        public float $caseStandoff,
        public float $caseRadius,
        public float $ringFace,
        public float $gap,
        public float $boreFill,
    ) {}

    /** From the place in a document that holds the mount's figures. */
    public static function read(Cursor $at, float $boreFill): self
    {
        return new self(
            $at->offset('case_standoff_mm'),
            $at->length('case_radius_mm'),
            $at->length('ring_face_mm'),
            $at->length('body_gap_mm'),
            $boreFill,
        );
    }
}
