<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use App\Models\Values\NameInText;
use Database\Factories\CustomerFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/** @property ?Carbon $erased_at since when nobody here knows any more who it was */
#[ScopedBy(OwnWorkshop::class)]
class Customer extends Row
{
    /** @use HasFactory<CustomerFactory> */
    use HasFactory;

    protected $fillable = ['name', 'phone', 'email'];

    protected $casts = ['erased_at' => 'datetime'];

    /**
     * Who is called so in a workshop, in any case and with or without accents; a customer is chosen among them, or new.
     *
     * @return Collection<int, self>
     */
    public static function named(string $name, int $workshop): Collection
    {
        $sought = NameInText::of($name);
        $isSo = fn (self $one): bool => $sought !== null && NameInText::of($one->name)?->isSameAs($sought) === true;

        return self::query()->where('workshop_id', $workshop)->whereNull('erased_at')->orderBy('id')->get()->filter($isSo)->values();
    }

    /** By which how they are reached is known again. */
    public function contactMark(): string
    {
        return hash('xxh128', "{$this->phone}/{$this->email}");
    }

    /** @return HasMany<Bike, $this> */
    public function bikes(): HasMany
    {
        return $this->hasMany(Bike::class);
    }
}
