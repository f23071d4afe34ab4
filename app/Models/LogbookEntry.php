<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\PiecesByPlace;
use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Whole\Logbook\FramePrint;

/**
 * A job as it was done, for the next builder of such a frame: written when a bike leaves, ends or comes back. It names nobody.
 *
 * @property BikeKind $kind
 * @property ?string $mount
 * @property ?string $motor its code
 * @property ?string $motor_name
 * @property ?string $ring as people call it
 * @property array<string, float> $measures in mm, by the spot's code
 * @property array<string, list<float>> $pieces thicknesses in mm by place
 * @property list<string> $left_over what was got for it and not needed, in words
 * @property array<string, string> $found what was found twice or more when it came back, in words, by the step's code
 * @property Carbon $written_at
 * @property-read int $number of the job, where it was asked for
 */
#[ScopedBy(OwnWorkshop::class)]
class LogbookEntry extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'workshop_id', 'job_id', 'kind', 'mount', 'motor', 'motor_name', 'ring', 'measures', 'pieces', 'left_over', 'found', 'written_at',
    ];

    protected $casts = [
        'kind' => BikeKind::class, 'measures' => 'array', 'pieces' => PiecesByPlace::class, 'left_over' => 'array', 'found' => 'array', 'written_at' => 'datetime',
    ];

    public function frame(): FramePrint
    {
        return new FramePrint($this->kind, array_map(floatval(...), $this->measures));
    }

    /**
     * Those another job of the workshop may learn from, the latest first: of bikes that have left, or that got their motor
     * elsewhere; what was given up is proposed to nobody.
     *
     * @param  Builder<self>  $query
     */
    public function scopeFor(Builder $query, Job $job): void
    {
        $query->join('jobs', 'jobs.id', '=', 'logbook_entries.job_id')->where('logbook_entries.workshop_id', $job->workshop_id)->where('job_id', '!=', $job->id)
            ->where(fn (Builder $done) => $done->whereNotNull('jobs.handed_over_at')->orWhere('jobs.ended_as', JobEnd::Elsewhere))
            ->select(['logbook_entries.*', 'jobs.number'])->orderByDesc('written_at');
    }
}
