<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;

/**
 * A picture of a job: turned upright, drawn anew without place and device, in two sizes outside what the web serves.
 *
 * @property int $job_id
 * @property PictureOf $of
 * @property string $code of what it shows
 * @property string $title what that is called
 * @property ?string $note
 * @property string $file
 * @property int $width
 * @property int $height
 * @property bool $shows_person goes with the customer
 * @property bool $on_sheet leaves with the bike
 * @property Carbon $kept_at
 * @property User $user
 * @property Job $job
 */
class Picture extends Row
{
    /** A job has at most so many. */
    public const MOST = 200;

    /** And so many of them leave with the bike. */
    public const MOST_ON_SHEET = 12;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'of', 'code', 'title', 'note', 'file', 'width', 'height', 'shows_person', 'on_sheet',
        'kept_at'];

    protected $casts = [
        'job_id' => 'int', 'of' => PictureOf::class, 'width' => 'int', 'height' => 'int', 'shows_person' => 'bool',
        'on_sheet' => 'bool', 'kept_at' => 'datetime',
    ];

    protected $attributes = ['code' => '', 'shows_person' => false, 'on_sheet' => false];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** Where it lies on the disk of what is kept. */
    public function path(bool $isSmall = false): string
    {
        return self::pathOf($this->job_id, $this->file, $isSmall);
    }

    public static function pathOf(int $jobId, string $file, bool $isSmall = false): string
    {
        return "pictures/{$jobId}/{$file}".($isSmall ? '-small' : '').'.jpg';
    }

    /** Small, as it stands within a page that fetches nothing; null where it is gone. */
    public function inline(): ?string
    {
        $small = Storage::get($this->path(isSmall: true));

        return $small === null ? null : 'data:image/jpeg;base64,'.base64_encode($small);
    }

    /** By which it is known whether somebody has said something else of it. */
    public function mark(): string
    {
        return hash('xxh128', serialize([$this->note, $this->shows_person, $this->on_sheet]));
    }

    /** What it shows, in words. */
    public function says(): string
    {
        return $this->note === null ? $this->title : "{$this->title}: {$this->note}";
    }
}
