<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\Departure;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\HandOverDocument;
use App\Models\HandOver as HandOverRow;
use App\Models\Picture;
use App\Models\Sheet;
use App\Models\SheetAddress;
use App\Models\Stage;
use App\Models\StandingRows;
use App\Models\Values\HandOverSheet;
use App\View\Job\JobPage;
use App\View\Job\WhereToPutRight;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Whole\Prove\HandOver;

use function in_array;

/** Whether a bike may leave, and the sheet that leaves with it. */
class HandOverPage extends JobPage
{
    /** So much of what was decided a sheet on paper has room for; all of it is a list of its own. */
    public const ON_PAPER = 60;

    private const USUAL_DAYS = 14;

    /** What is shown of a job only here. */
    private const SHOWN = ['handOvers', 'rechecks', 'sheetAddresses'];

    private ?HandOverSheet $sheet = null;

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        StandingRows::also($this->job, self::SHOWN);
    }

    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function handedOver(): ?HandOverRow
    {
        return $this->opened->the(Departure::class)->handOver;
    }

    /** @return Collection<int, SheetAddress> addresses of the sheet that still open */
    public function addresses(): Collection
    {
        return $this->job->sheetAddresses;
    }

    /** @return array<int, string> where the pictures of the sheet lie, by their numbers */
    public function pictures(): array
    {
        $on = array_keys($this->sheet()->pictures);
        $there = $on === [] ? new Collection : Picture::query()->where('job_id', $this->job->id)->whereKey($on)->get();

        return $there->mapWithKeys(fn (Picture $one) => [$one->id => route('job.picture.file', [$this->job, $one, 'small'])])->all();
    }

    public function handOver(): HandOver
    {
        return $this->opened->the(Proving::class)->handOver;
    }

    /** @return list<Lack> what the job goes without, and nobody answers for */
    public function lacks(): array
    {
        return $this->opened->the(Lacking::class)->open;
    }

    /** @return list<Hold> what else stands against it */
    public function against(): array
    {
        $lacking = array_map(fn (Lack $lack) => $lack->says, $this->lacks());

        return array_values(array_filter($this->handOver()->objections, fn (Hold $hold) => ! in_array($hold->says, $lacking, true)));
    }

    public function putRight(Hold $hold): WhereToPutRight
    {
        return WhereToPutRight::of($this->job, $hold->at, $hold->step);
    }

    public function cureOf(Lack $lack): WhereToPutRight
    {
        return WhereToPutRight::of($this->job, $lack->kind->putRight());
    }

    public function mayDecide(): bool
    {
        return $this->user()->can('decide', $this->job);
    }

    public function usualRecheck(): string
    {
        return today()->addDays(self::USUAL_DAYS)->format('Y-m-d');
    }

    /** What leaves with the bike: kept as it left, or a draft. */
    public function sheet(): HandOverSheet
    {
        return $this->sheet ??= HandOverDocument::of($this->opened, $this->user());
    }
}
