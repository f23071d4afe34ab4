<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsKept;
use App\Models\Scopes\OwnWorkshop;
use App\Models\Values\InOtherHands;
use Database\Factories\JobFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Holding\Build\PutRight;

use function is_string;

/**
 * @property Stage $stage
 * @property WaitsFor $waits_for
 * @property ?Carbon $promised_on
 * @property ?JobEnd $ended_as
 * @property ?Carbon $ended_at
 * @property ?Carbon $handed_over_at while it stands; nothing of the job is changed then
 * @property-read ?string $changed_by_name who changed it last, where that was asked for
 * @property-read string $customer_name whose bike it is, where that was asked for
 * @property ?array<string, string> $house the rules of the house as they stood when it began, schools by question
 * @property ?array<string, mixed> $rest what is still to be done, counted in pieces of work
 * @property ?Carbon $waits_since
 * @property ?Carbon $parts_on
 * @property ?int $before_id the job it is done before, where somebody has put it there
 * @property ?InOtherHands $elsewhere what of it lies in other hands, and what did
 * @property ?array<string, int> $hands who does which kind of work, by kind, where somebody is named
 * @property ?PutRight $next_at the place where its next thing is done, where that is not the one of its stage
 * @property ?Carbon $comes_back_on when its next re-check is due
 * @property Bike $bike
 */
#[ScopedBy(OwnWorkshop::class)]
class Job extends Row
{
    /** @use HasFactory<JobFactory> */
    use HasFactory;

    use HasItsTime;
    use KeepsRecords;

    protected $fillable = [
        'bike_id',
        'assignee_id',
        'number',
        'promised_on',
        'stage',
        'waits_for',
        'next_step', 'next_at',
        'stopped_for',
        'house',
        'rest',
        'waits_since',
        'parts_on',
        'before_id',
        'elsewhere',
        'hands',
        'comes_back_on',
    ];

    protected $attributes = ['stage' => 'survey', 'waits_for' => 'measurement', 'next_step' => '', 'version' => 0];

    protected $casts = [
        'stage' => Stage::class,
        'waits_for' => WaitsFor::class,
        'promised_on' => 'date',
        'handed_over_at' => 'datetime',
        'ended_as' => JobEnd::class,
        'ended_at' => 'datetime',
        'version' => 'int',
        'house' => 'array',
        'rest' => 'array',
        'waits_since' => 'datetime',
        'parts_on' => 'date',
        'before_id' => 'int',
        'elsewhere' => AsKept::class.':'.InOtherHands::class,
        'hands' => 'array',
        'comes_back_on' => 'date',
        'next_at' => PutRight::class,
    ];

    /**
     * To be looked at it is read with all it is computed from; to be changed it is read anew inside the change; a poll for
     * news only wants to know who was here last.
     */
    public function resolveRouteBinding(mixed $value, $field = null): ?self
    {
        $query = self::query();

        return match (true) {
            request()->routeIs('job.news') => $query->whereKey($value)->withChanger()->first(),
            request()->isMethodSafe() => StandingRows::read($query, (int) $value),
            default => $query->whereKey($value)->first(),
        };
    }

    /**
     * Read anew with all it is computed from; locked, so that nobody else writes to it, where it is to be changed.
     *
     * @throws ModelNotFoundException when there is none
     */
    public static function opened(int $id, bool $isToBeChanged = false): self
    {
        $job = $isToBeChanged ? StandingRows::readLocked(self::query(), $id) : StandingRows::read(self::query(), $id);

        return $job ?? throw (new ModelNotFoundException)->setModel(self::class, [$id]);
    }

    /** @param  Builder<self>  $query */
    public function scopeWithChanger(Builder $query): void
    {
        $query->addSelect(['jobs.*', 'changed_by_name' => User::query()->select('name')->whereColumn('users.id', 'jobs.changed_by_id')]);
    }

    /** @param  Builder<self>  $query */
    public function scopeWithCustomer(Builder $query): void
    {
        $customer = DB::table('customers')->join('bikes', 'bikes.customer_id', '=', 'customers.id')->whereColumn('bikes.id', 'jobs.bike_id');
        $query->addSelect(['jobs.*', 'customer_name' => $customer->select('customers.name')]);
    }

    /** Of its workshop's catalogue, as it stood when the job was read. */
    public function catalogueVersion(): string
    {
        $version = $this->getAttributes()['catalogue_version'] ?? DB::table('workshops')->where('id', $this->workshop_id)->value('catalogue_version');

        return is_string($version) ? $version : '';
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return BelongsTo<Bike, $this> */
    public function bike(): BelongsTo
    {
        return $this->belongsTo(Bike::class);
    }

    /** @return BelongsTo<User, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Reading, $this> the readings that stand; superseded ones stay in the table */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class)->whereNull('superseded_at')->orderBy('id');
    }

    /** @return HasMany<Reading, $this> also those that no longer count */
    public function everyReading(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<Obstacle, $this> also those that no longer count */
    public function everyObstacle(): HasMany
    {
        return $this->hasMany(Obstacle::class);
    }

    /** A reading or an obstacle in an address may be one that no longer counts. */
    protected function childRouteBindingRelationshipName($childType): string
    {
        return match ($childType) {
            'reading' => 'everyReading',
            'obstacle' => 'everyObstacle',
            default => parent::childRouteBindingRelationshipName($childType),
        };
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->whereNull('superseded_at');
    }

    /** @return HasOne<Kit, $this> */
    public function kit(): HasOne
    {
        return $this->hasOne(Kit::class)->withDefault(['by_hand' => []]);
    }

    /** @return HasMany<Reservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(Reservation::class);
    }

    /** @return HasMany<Spacer, $this> the drawer's kinds in use, as this job can count on them */
    public function spacers(): HasMany
    {
        return $this->hasMany(Spacer::class, 'workshop_id', 'workshop_id')->countedFor($this)->inOrder();
    }

    /** @return HasMany<Lead, $this> the drawer's */
    public function leads(): HasMany
    {
        return $this->hasMany(Lead::class, 'workshop_id', 'workshop_id')->inOrder();
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class)->whereNull('removed_at')->orderBy('position');
    }

    /** @return HasMany<StepRecord, $this> */
    public function stepRecords(): HasMany
    {
        return $this->hasMany(StepRecord::class)->whereNull('superseded_at');
    }

    /** @return HasMany<FastenerBand, $this> bands typed from papers, those that stand */
    public function bands(): HasMany
    {
        return $this->hasMany(FastenerBand::class)->whereNull('superseded_at');
    }

    /** @return HasMany<Obstacle, $this> what stands out around the shell */
    public function obstacles(): HasMany
    {
        return $this->hasMany(Obstacle::class)->whereNull('superseded_at')->orderBy('angle_deg')->orderBy('id');
    }

    /** @return HasMany<Track, $this> */
    public function tracks(): HasMany
    {
        return $this->hasMany(Track::class);
    }

    /** @return HasOne<Track, $this> the road that was kept last */
    public function lastTrack(): HasOne
    {
        return $this->hasOne(Track::class)->whereNull('dropped_at')->latest('id');
    }

    /** @return HasMany<Motor, $this> the motors of its workshop's catalogue */
    public function motors(): HasMany
    {
        return $this->hasMany(Motor::class, 'workshop_id', 'workshop_id');
    }
}
