<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Values\OpeningTimes;
use App\Models\Values\Skills;
use Database\Factories\WorkshopFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Parts\Part\NutSocket;

/**
 * @property ?float $nut_socket_bore_mm
 * @property ?float $nut_socket_depth_mm
 * @property ?OpeningTimes $hours
 * @property string $time_zone
 * @property ?float $hour_price what an hour of work costs; null where nobody has said
 * @property ?int $stands so many bikes hang at a time; null where nobody has said
 * @property ?Skills $skills
 */
class Workshop extends Row
{
    /** @use HasFactory<WorkshopFactory> */
    use HasFactory;

    /** What its catalogue consists of, beside the drawer. */
    public const CATALOGUE = ['motors', 'rings', 'inserts', 'spiders', 'packs'];

    protected $fillable = ['name', 'place', 'first_number', 'hours', 'time_zone', 'stands', 'skills'];

    protected $casts = [
        'nut_socket_bore_mm' => 'float', 'nut_socket_depth_mm' => 'float', 'hours' => AsKept::class.':'.OpeningTimes::class,
        'stands' => 'int', 'hour_price' => 'float', 'skills' => AsKept::class.':'.Skills::class,
    ];

    /** The socket for a sleeve's nut; null where it has none. */
    public function nutSocket(): ?NutSocket
    {
        return $this->nut_socket_bore_mm === null || $this->nut_socket_depth_mm === null
            ? null : new NutSocket($this->nut_socket_bore_mm, $this->nut_socket_depth_mm);
    }

    /** By which its socket is known again. */
    public function socketMark(): string
    {
        return "{$this->nut_socket_bore_mm}/{$this->nut_socket_depth_mm}";
    }

    /** By which its hours are known again. */
    public function hoursMark(): string
    {
        return hash('xxh128', serialize([$this->hours?->toArray(), $this->time_zone, $this->stands]));
    }

    /** By which its drawer is known again, as it was counted. */
    public function drawerMark(): string
    {
        return hash(
            'xxh128', serialize($this->spacers()->orderBy('id')->toBase()->get(['id', 'quantity', 'lies_in', 'retired_at'])->all()),
        );
    }

    /** Whoever changes its catalogue says so, in the same transaction: what was made from it is made anew. */
    public function renewCatalogue(): void
    {
        $this->forceFill(['catalogue_version' => Str::ulid()])->save();
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Customer, $this> */
    public function customers(): HasMany
    {
        return $this->hasMany(Customer::class);
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return HasMany<Motor, $this> */
    public function motors(): HasMany
    {
        return $this->hasMany(Motor::class)->orderBy('code');
    }

    /** @return HasMany<Ring, $this> */
    public function rings(): HasMany
    {
        return $this->hasMany(Ring::class)->orderBy('teeth')->orderBy('code');
    }

    /** @return HasMany<Insert, $this> */
    public function inserts(): HasMany
    {
        return $this->hasMany(Insert::class)->orderBy('code');
    }

    /** @return HasMany<Spider, $this> */
    public function spiders(): HasMany
    {
        return $this->hasMany(Spider::class)->orderBy('code');
    }

    /** @return HasMany<Pack, $this> */
    public function packs(): HasMany
    {
        return $this->hasMany(Pack::class)->orderBy('code');
    }

    /** @return HasMany<MeasuredPart, $this> */
    public function measuredParts(): HasMany
    {
        return $this->hasMany(MeasuredPart::class)->orderBy('id');
    }

    /** @return HasMany<Spacer, $this> */
    public function spacers(): HasMany
    {
        return $this->hasMany(Spacer::class)->orderBy('thickness_mm')->orderBy('id');
    }

    /** @return HasMany<HouseRule, $this> its answers that stand */
    public function houseRules(): HasMany
    {
        return $this->hasMany(HouseRule::class)->whereNull('superseded_at')->orderBy('id');
    }

    /** How it goes about what others do differently. */
    public function house(): HouseRules
    {
        return $this->houseRules->reduce(
            fn (HouseRules $rules, HouseRule $rule): HouseRules => $rules->with($rule->school), HouseRules::default(),
        );
    }

    /** @return HasMany<Lead, $this> */
    public function leads(): HasMany
    {
        return $this->hasMany(Lead::class)->orderBy('connector')->orderBy('length_mm');
    }
}
