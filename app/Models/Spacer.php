<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\EnumList;
use App\Models\Scopes\OwnWorkshop;
use Database\Factories\SpacerFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function in_array;

/**
 * @property float $thickness_mm
 * @property list<SpacerUse> $uses
 * @property int $quantity what lies in the drawer, reserved or not
 * @property int $kept how many of them are reserved for jobs
 * @property ?int $minimum below which it is ordered
 * @property ?string $lies_in
 * @property ?Carbon $retired_at since when nothing is chosen from it any more
 */
#[ScopedBy(OwnWorkshop::class)]
class Spacer extends Row implements Stocked
{
    /** @use HasFactory<SpacerFactory> */
    use HasFactory;

    use HasMovements;

    public const MOST_KINDS = 300;

    protected $fillable = ['thickness_mm', 'quantity', 'uses', 'lies_in', 'minimum', 'retired_at', 'retired_by_id'];

    protected $casts = [
        'thickness_mm' => 'float', 'uses' => EnumList::class.':'.SpacerUse::class, 'quantity' => 'int', 'kept' => 'int',
        'minimum' => 'int', 'price' => 'float', 'retired_at' => 'datetime',
    ];

    protected $attributes = ['quantity' => 0, 'kept' => 0];

    public static function movementKey(): string
    {
        return 'spacer_id';
    }

    public function called(LengthUnit $unit): string
    {
        return 'Spacer '.$unit->show($this->thickness_mm).', '.implode(', ', array_map(fn (SpacerUse $use) => $use->label(), $this->uses));
    }

    public function counted(): string
    {
        return 'pieces';
    }

    public function isKeptByHand(): bool
    {
        return false;
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }

    /** @return Builder<self> the kinds a workshop works with */
    public static function inUse(Workshop $workshop): Builder
    {
        return self::query()->where('workshop_id', $workshop->id)->whereNull('retired_at');
    }

    public static function tooMany(): string
    {
        return 'The drawer works with '.self::MOST_KINDS.' kinds at most. Take one out of use first.';
    }

    /**
     * A kind as it is written, in use.
     *
     * @param  list<SpacerUse>  $uses
     * @return array<string, mixed>
     */
    public static function rowOf(Workshop $workshop, float $mm, array $uses, int $quantity): array
    {
        return (new self)->forceFill([
            'workshop_id' => $workshop->id, 'thickness_mm' => $mm, 'uses' => $uses, 'uses_key' => self::usesKey($uses),
            'quantity' => $quantity,
            'retired_at' => null, 'retired_by_id' => null,
        ])->getAttributes();
    }

    /**
     * Counts with each row what is reserved for other jobs and what a job has taken out already.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeCountedFor(Builder $query, ?Job $job): Builder
    {
        return $query
            ->withSum([
                'reservations as kept_elsewhere' => fn (Builder $kept) => $kept
                    ->where('state', ReservationState::Reserved)->where('job_id', '!=', $job->id ?? 0),
                'reservations as taken_here' => fn (Builder $taken) => $taken
                    ->where('state', ReservationState::Taken)->where('job_id', $job->id ?? 0),
            ], 'quantity');
    }

    /**
     * The kinds in use, the thinnest first.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInOrder(Builder $query): void
    {
        $query->whereNull('retired_at')->orderBy('thickness_mm')->orderBy('spacers.id');
    }

    /** How many a job can count on: what lies there and is not kept for others, and what it has taken. */
    public function available(): int
    {
        $counted = $this->getAttributes();

        return max(0, $this->quantity - (int) ($counted['kept_elsewhere'] ?? 0)) + (int) ($counted['taken_here'] ?? 0);
    }

    public function serves(Place $place): bool
    {
        return in_array($place->use(), $this->uses, true);
    }

    /** What a job can count on of it, as the core's drawer has it. */
    public function row(): SpacerRow
    {
        return new SpacerRow(SpacerRow::hundredths($this->thickness_mm), $this->available(), $this->uses);
    }

    /** What makes a kind: its thickness and what it is good for. */
    public function key(): string
    {
        return self::keyOf($this->thickness_mm, $this->uses);
    }

    /** @param  list<SpacerUse>  $uses */
    public static function keyOf(float $mm, array $uses): string
    {
        return sprintf('%.2f %s', $mm, self::usesKey($uses));
    }

    /** @param  list<SpacerUse>  $uses */
    public static function usesKey(array $uses): string
    {
        $names = array_unique(array_column($uses, 'value'));
        sort($names);

        return implode(' ', $names);
    }

    protected static function booted(): void
    {
        static::saving(function (self $spacer): void {
            $spacer->setAttribute('uses_key', self::usesKey($spacer->uses));
        });
    }
}
