<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Motor;
use NeatSpindle\Core\Holding\Catalogue\Motor as CatalogueMotor;
use NeatSpindle\Core\Holding\Catalogue\MotorPapers;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Whole\Exchange\PapersReader;
use NeatSpindle\Core\Whole\Measured\MeasuredPart;

/** A motor of a workshop's catalogue: which row it is, what the core knows of it, and what only lists show. */
readonly class KnownMotor
{
    public string $code;

    public string $name;

    /**
     * @param  ?float  $ringBoltCircle  of its own ring face, in mm; null where nobody has said
     * @param  ?string  $voltage  in volts, as written; null where nobody has said
     */
    private function __construct(
        public int $id,
        public CatalogueMotor $part,
        public ?float $ringBoltCircle,
        public ?string $voltage,
        public MotorPapers $papers,
        public bool $isMeasuredHere,
    ) {
        $this->code = $part->code;
        $this->name = $part->name;
    }

    public static function of(Motor $row): self
    {
        return new self(
            $row->id,
            $row->inCatalogue(),
            $row->ringBoltCircle(),
            $row->voltage(),
            PapersReader::motorFrom($row->figures),
            isset($row->figures[MeasuredPart::MARK]),
        );
    }

    /** What it runs on, as a figure. */
    public function volts(): ?float
    {
        return is_numeric($this->voltage) ? (float) $this->voltage : null;
    }

    public function mount(): Mount
    {
        return $this->part->mount();
    }
}
