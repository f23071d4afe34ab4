<?php

declare(strict_types=1);

namespace App\View\Pictures;

use App\Models\Picture;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;

/** All pictures of a job, in the order in which it goes. */
class PicturesPage extends JobPage
{
    /** @var Collection<int, Picture>|null */
    private ?Collection $pictures = null;

    public function stage(): Stage
    {
        return $this->job->stage;
    }

    /** @return Collection<string, Collection<int, Picture>> by what kind of thing they show */
    public function parts(): Collection
    {
        return $this->pictures()->groupBy(fn (Picture $picture) => $picture->of->label());
    }

    /** @return Collection<int, Picture> */
    public function pictures(): Collection
    {
        return $this->pictures ??= $this->job->pictures()->get()->toBase();
    }
}
