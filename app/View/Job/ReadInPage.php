<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Bench\OpenJob;
use App\Documents\JobReadIn;
use App\Documents\UploadStash;
use App\Models\Stage;
use NeatSpindle\Core\Ground\Document\InvalidDocument;

use function count;
use function file_get_contents;
use function is_string;

/** A job’s document out, and one in: what it says otherwise, before anything of it is kept. */
class ReadInPage extends JobPage
{
    public readonly ?string $stashed;

    public readonly ?JobReadIn $difference;

    /** @param  mixed  $look  the key of a document that was put aside, from the address */
    public function __construct(OpenJob $opened, mixed $look)
    {
        parent::__construct($opened);
        $path = is_string($look) ? (new UploadStash($this->user(), 'jobs'))->path($look) : null;
        $difference = null;
        try {
            $difference = $path === null ? null : JobReadIn::of($opened, (string) file_get_contents($path));
        } catch (InvalidDocument) {
            $path = null;
        }
        $this->difference = $difference;
        $this->stashed = $path === null ? null : $look;
    }

    public function stage(): Stage
    {
        return $this->job->stage;
    }

    /** How many of the differences would be taken over. */
    public function taken(): int
    {
        return count($this->difference?->takenOver() ?? []);
    }
}
