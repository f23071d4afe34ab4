<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use LogicException;
use NeatSpindle\Core\Holding\Catalogue\Motor as CatalogueMotor;
use NeatSpindle\Core\Holding\Catalogue\Mounts;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Whole\Exchange\CatalogueReader;

/**
 * @property string $mount the mount’s code
 * @property array<string, mixed> $figures
 */
#[ScopedBy(OwnWorkshop::class)]
class Motor extends Row
{
    /** A workshop keeps at most so many. */
    public const MOST = 2_000;

    protected $fillable = ['code', 'name', 'mount', 'continuous_w', 'max_torque_nm', 'figures'];

    protected $casts = ['figures' => 'array', 'continuous_w' => 'float', 'max_torque_nm' => 'float'];

    private ?CatalogueMotor $inCatalogue = null;

    /** As the core knows it; read from its figures once. */
    public function inCatalogue(): CatalogueMotor
    {
        return $this->inCatalogue ??= CatalogueReader::motorFrom($this->code, $this->document());
    }

    /** @return array<string, mixed> as the open catalogue has it */
    public function document(): array
    {
        return ['name' => $this->name, 'mount' => $this->mount, 'continuous_w' => $this->continuous_w, 'max_torque_nm' => $this->max_torque_nm] + $this->figures;
    }

    public function mount(): Mount
    {
        return Mounts::named($this->mount) ?? throw new LogicException("No mount is called {$this->mount}.");
    }

    /** The bolt circle of its own ring face, in mm; null where nobody has said. */
    public function ringBoltCircle(): ?float
    {
        $circle = $this->figures['ring_bolt_circle_mm'] ?? null;

        return is_numeric($circle) ? (float) $circle : null;
    }

    /** In volts, as written; null where nobody has said. */
    public function voltage(): ?string
    {
        $volts = $this->figures['voltage_v'] ?? null;

        return is_numeric($volts) ? (string) ($volts + 0) : null;
    }
}
