<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Longest;
use App\Models\Ring;
use NeatSpindle\Core\Holding\Catalogue\RingPapers;
use NeatSpindle\Core\Parts\Part\RingMounting;
use NeatSpindle\Core\Parts\Part\Spider;
use NeatSpindle\Core\Whole\Measured\MeasuredPart;

/** A ring of a workshop's catalogue: which row it is, its figures in mm, and every way it can be put on. */
readonly class KnownRing
{
    /**
     * @param  float  $dish  as it comes
     * @param  ?float  $boltCircle  null where nobody has said
     * @param  array<string, RingMounting>  $ways  by the words of each
     */
    private function __construct(
        public int $id,
        public string $code,
        public int $teeth,
        public float $dish,
        public float $thickness,
        public ?float $boltCircle,
        public bool $isNarrowWide,
        public bool $takesGuard,
        public array $ways,
        public RingPapers $papers,
        public bool $isMeasuredHere,
        private string $name,
    ) {}

    /** @param  list<Spider>  $spiders */
    public static function of(Ring $row, array $spiders): self
    {
        return new self(
            id: $row->id,
            code: $row->code,
            teeth: $row->teeth,
            dish: $row->dish_mm,
            thickness: $row->thickness_mm,
            boltCircle: $row->boltCircle(),
            isNarrowWide: $row->says('narrow_wide'),
            takesGuard: $row->says('guard'),
            ways: $row->mountings($spiders),
            papers: $row->papers(),
            isMeasuredHere: isset($row->details[MeasuredPart::MARK]),
            name: $row->name() ?: $row->code,
        );
    }

    /** As people call it, with how it goes on after it. */
    public function label(?RingMounting $mounting = null): string
    {
        $how = $mounting === null ? '' : $mounting->says();

        return mb_substr($this->name.($how === '' ? '' : ", {$how}"), 0, Longest::CODE);
    }

    /** With how it goes on after it, as a job's document names it. */
    public function mountedCode(string $mounting): string
    {
        return rtrim("{$this->code} {$mounting}");
    }
}
