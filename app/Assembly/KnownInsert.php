<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Insert;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Parts\Part\Insert as CatalogueInsert;

/** An insert of a workshop's catalogue: which row it is, and what the core knows of it. */
readonly class KnownInsert
{
    /** @param  ?Compound  $film  what goes between it and the bore; null where nobody has said */
    private function __construct(public int $id, public CatalogueInsert $part, public ?Compound $film) {}

    public static function of(Insert $row): self
    {
        return new self($row->id, $row->inCatalogue(), $row->film());
    }
}
