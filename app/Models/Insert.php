<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\EnumList;
use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Parts\Part\Insert as CatalogueInsert;

use function is_string;

/**
 * @property string $code
 * @property list<ShellStandard> $shells
 * @property list<string> $motors
 * @property float $flange_mm
 * @property float $bore_mm
 * @property array<string, mixed>|null $details what the contract does not know
 */
#[ScopedBy(OwnWorkshop::class)]
class Insert extends Row
{
    use NamedInDetails;

    /** A workshop keeps at most so many. */
    public const MOST = 200;

    protected $fillable = ['code', 'shells', 'motors', 'flange_mm', 'bore_mm', 'details'];

    protected $casts = [
        'shells' => EnumList::class.':'.ShellStandard::class,
        'motors' => 'array',
        'flange_mm' => 'float',
        'bore_mm' => 'float',
        'details' => 'array',
    ];

    /** What its papers want between it and the bore; null where they do not say. */
    public function film(): ?Compound
    {
        $film = $this->details['press_compound'] ?? null;

        return is_string($film) ? Compound::tryFrom($film) : null;
    }

    public function inCatalogue(): CatalogueInsert
    {
        return new CatalogueInsert(
            $this->code, $this->shells, $this->motors, $this->flange_mm, $this->bore_mm, $this->name(),
        );
    }
}
