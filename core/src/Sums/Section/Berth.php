<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;

use function in_array;

/**
 * Where the spacers of one place sit along the axis, whether any do or not: they are laid from a face
 * leftwards, thickest first. In mm; x from the frame's centre plane.
 */
final readonly class Berth
{
    /** @param  float  $face the face they are laid against */
    public function __construct(
        public Place $place,
        public float $face,
        public float $inner,
        public float $outer,
        public PartSide $side = PartSide::Both,
    ) {}

    /** @return list<Part> */
    public function parts(?Spacers $spacers): array
    {
        $parts = [];
        $from = $this->face;
        foreach ($spacers->pieces ?? [] as $piece) {
            $parts[] = new Part(
                kind: $this->kind(),
                label: $this->place->label(),
                x0: $from - $piece,
                x1: $from,
                inner: $this->inner,
                outer: $this->outer,
                side: $this->side,
                piece: $piece,
                place: $this->place,
            );
            $from -= $piece;
        }

        return $parts;
    }

    private function kind(): string
    {
        return in_array($this->place, [Place::Boss, Place::SlotInner, Place::SlotOuter], true) ? 'washer' : 'spacer';
    }
}
