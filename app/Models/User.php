<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Values\MailAddress;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/**
 * @property Role $role
 * @property Workshop $workshop
 * @property LengthUnit $length_unit
 * @property TorqueUnit $torque_unit
 * @property Light $light
 * @property ?Carbon $shut_out_at
 * @property ?Carbon $lettered_on
 * @property bool $wants_letter whether a letter tells them once a day what somebody should look at
 */
class User extends Authenticatable
{
    use BootsByName;
    use HasApiTokens;

    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use Notifiable;
    use PlainAttributes;

    protected $fillable = ['name', 'email', 'password', 'role', 'length_unit', 'torque_unit', 'light', 'wants_letter'];

    protected $hidden = ['password', 'remember_token'];

    protected $attributes = [
        'length_unit' => 'mm',
        'torque_unit' => 'N·m',
        'light' => 'bright',
        'shut_out_at' => null,
        'remember_token' => null,
        'wants_letter' => false,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'length_unit' => LengthUnit::class,
            'torque_unit' => TorqueUnit::class,
            'light' => Light::class,
            'shut_out_at' => 'datetime',
            'wants_letter' => 'bool',
            'lettered_on' => 'date',
        ];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return HasMany<HandDoubt, $this> what they took as the doubt of their own hands */
    public function handDoubts(): HasMany
    {
        return $this->hasMany(HandDoubt::class)->whereNull('superseded_at');
    }

    /** The doubt of one careful reading with an instrument in these hands, in mm. */
    public function doubtMm(Instrument $instrument): float
    {
        $own = $this->handDoubts->first(fn (HandDoubt $one) => $one->instrument === $instrument);

        return $own->doubt_mm ?? $instrument->doubtMm();
    }

    /** @return Attribute<string, string> */
    protected function email(): Attribute
    {
        return Attribute::make(set: fn (string $typed): string => MailAddress::normal($typed));
    }

    public function firstName(): string
    {
        return explode(' ', $this->name)[0];
    }

    public function isShutOut(): bool
    {
        return $this->shut_out_at !== null;
    }

    /** Whether the workshop would have an owner who may come in, were it not for this person. */
    public static function anotherOwnerThan(self $person): bool
    {
        return self::query()->where('workshop_id', $person->workshop_id)->where('role', Role::Owner)
            ->whereNull('shut_out_at')->whereKeyNot($person->id)->lockForUpdate()->exists();
    }
}
