<?php

declare(strict_types=1);

namespace App\View\Pictures;

use App\Bench\OpenJob;
use App\Models\Picture;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

use function is_numeric;

/** One picture, large, and beside it another of the same thing: before and after, or of a bike like it. */
class PicturePage extends PicturesPage
{
    private const MOST_LIKE = 12;

    public readonly ?Picture $beside;

    /** @param  mixed  $beside  the number of another one, from the address */
    public function __construct(OpenJob $opened, public readonly Picture $picture, mixed $beside)
    {
        parent::__construct($opened);
        $this->beside = is_numeric($beside) ? $this->others()->firstWhere('id', (int) $beside) : null;
    }

    /** The one so many further on in the order of the job; null past its ends. */
    public function next(int $further): ?Picture
    {
        $at = $this->pictures()->search(fn (Picture $one) => $one->id === $this->picture->id);

        return $at === false ? null : $this->pictures()->get($at + $further);
    }

    /** @return Collection<int, Picture> of the same thing: of this job, and of bikes of this kind that have left */
    public function others(): Collection
    {
        return Picture::query()->with('job.bike')->where('of', $this->picture->of)->where('code', $this->picture->code)
            ->whereKeyNot($this->picture->id)
            ->where(fn (Builder $one) => $one->where('job_id', $this->job->id)
                ->orWhere(fn (Builder $like) => $like->where('shows_person', false)->whereHas(
                    'job', fn ($job) => $job->whereNotNull('handed_over_at')->whereHas('bike', fn ($bike) => $bike->where('kind',
                        $this->job->bike->kind)),
                )))->orderByRaw('job_id = ? desc', [$this->job->id])->orderByDesc('id')->limit(self::MOST_LIKE)->get()->toBase();
    }
}
