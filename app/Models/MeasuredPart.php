<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Measured\InsertFigures;
use NeatSpindle\Core\Whole\Measured\MeasuredPart as MeasuredCore;
use NeatSpindle\Core\Whole\Measured\NutFigures;
use NeatSpindle\Core\Whole\Measured\PartFigure;
use NeatSpindle\Core\Whole\Measured\PartKind;

use function is_string;

/**
 * A part without papers, as far as it has been measured here.
 *
 * @property PartKind $kind
 * @property string $code
 * @property array<string, mixed> $figures
 * @property ?Carbon $in_catalogue_at since when it stands in the catalogue; null while something of it is missing
 * @property User $user
 */
#[ScopedBy(OwnWorkshop::class)]
class MeasuredPart extends Row
{
    /** A workshop keeps at most so many. */
    public const MOST = 300;

    protected $fillable = ['workshop_id', 'user_id', 'kind', 'code', 'figures', 'in_catalogue_at'];

    protected $casts = ['kind' => PartKind::class, 'figures' => 'array', 'in_catalogue_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function part(): MeasuredCore
    {
        return MeasuredCore::of($this->kind, $this->figures);
    }

    public function name(): string
    {
        $name = $this->figures['name'] ?? null;

        return is_string($name) ? $name : "{$this->kind->label()}, {$this->code}";
    }

    /** @return array<string, string> what may be chosen at a figure, labels by value: of motors those of the catalogue, for a nut those that have one */
    public function choices(PartFigure $figure): array
    {
        $motors = fn (): Collection => Motor::query()->where('workshop_id', $this->workshop_id)
            ->where('code', '!=', $this->code)->orderBy('code')->get();

        return match ($figure->code) {
            NutFigures::FOR_MOTOR => $motors()->where('mount', PartKind::Sleeve->value)->pluck('name', 'code')->all(),
            InsertFigures::MOTORS => $motors()->where('mount', '!=', PartKind::TwinPlate->value)->pluck('name', 'code')->all(),
            default => $figure->choices,
        };
    }

    /** By which it is known again as it stood. */
    public function mark(): string
    {
        return hash('xxh128', serialize($this->figures));
    }
}
