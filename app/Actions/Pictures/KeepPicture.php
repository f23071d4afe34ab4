<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\Photograph;
use App\Models\Job;
use App\Models\Longest;
use App\Models\Picture;
use App\Models\PictureOf;
use App\Models\User;
use Illuminate\Support\Facades\Storage;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Prove\Check;
use Throwable;

use function array_values;

/** Keeps a picture beside what it shows. */
class KeepPicture extends JobAction
{
    public function __invoke(Job $job, User $by, PictureOf $of, string $code, Photograph $photograph, ?string $note,
        bool $showsPerson): Picture
    {
        $file = $photograph->keepFor($job->id);
        try {
            return ($this->change)($job, $by, $of->ability(), null, function (OpenJob $open) use ($by, $of, $code, $photograph, $note,
                $showsPerson, $file): Picture {
                Picture::query()->where('job_id', $open->job->id)->count() < Picture::MOST || $this->refuse('picture',
                    'A job has '.Picture::MOST.' pictures at most. Take one away first.');
                $title = self::title($open, $of, $code) ?? $this->refuse('picture',
                    'What it should show is not on the sheet any more. Keep it from the page of what it shows.');

                return Picture::query()->create([
                    'job_id' => $open->job->id, 'user_id' => $by->id, 'of' => $of, 'code' => $code, 'title' => Longest::cut($title,
                        Longest::SHORT_NOTE), 'note' => $note, 'file' => $file,
                    'width' => $photograph->width, 'height' => $photograph->height, 'shows_person' => $showsPerson, 'kept_at' => now(),
                ]);
            });
        } catch (Throwable $e) {
            Storage::delete([Picture::pathOf($job->id, $file), Picture::pathOf($job->id, $file, isSmall: true)]);

            throw $e;
        }
    }

    /** What it shows is called; null where there is no such thing on this bike. */
    private static function title(OpenJob $open, PictureOf $of, string $code): ?string
    {
        return match ($of) {
            PictureOf::Intake => $code === '' ? 'As it came' : null,
            PictureOf::Recheck => $code === '' ? 'When it came back' : null,
            PictureOf::Spot => Spot::tryFrom($code)?->label(),
            PictureOf::Condition => Subject::tryFrom($code)?->label(),
            PictureOf::Strip => $open->stripPlan()->step($code)?->title,
            PictureOf::Build => $open->buildSheet()?->step($code)?->title,
            PictureOf::Check => array_values(array_filter($open->the(Proving::class)->plan->checks,
                fn (Check $check) => $check->code === $code))[0]->title ?? null,
        };
    }
}
