<?php

declare(strict_types=1);

namespace App\View\Line;

use App\Bench\OpenJob;
use App\Models\Stage;
use App\View\Drawings\GearsView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Gearing\Gears;

use function is_string;

/** The gears as a picture, one ring or two. */
class GearsPage extends JobPage
{
    /** @param  mixed  $with  the code of a second ring, from the address */
    public function __construct(OpenJob $opened, private readonly mixed $with = null)
    {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Line;
    }

    public function gears(): ?Gears
    {
        return $this->opened->worksheet()?->gears;
    }

    public function motor(): Motor
    {
        return $this->opened->worksheet()->job->kit->motor ?? abort(404);
    }

    public function ring(): Ring
    {
        return $this->opened->worksheet()->job->kit->ring ?? abort(404);
    }

    /** @return array<array-key, Ring> as they come: how a ring is put on makes no gear */
    public function otherRings(): array
    {
        $asTheyCome = array_flip(array_column($this->opened->catalogue->parts->rings, 'code'));
        $rings = array_intersect_key($this->opened->worksheet()->job->catalogue->rings ?? [], $asTheyCome);

        return array_filter($rings, fn (Ring $ring) => $ring->code !== $this->ring()->code);
    }

    /** @return array<array-key, string> labels by code */
    public function ringsToSetBeside(): array
    {
        return array_map(fn (Ring $ring) => "{$ring->teeth}, {$ring->label()}", $this->otherRings());
    }

    public function with(): ?Ring
    {
        return is_string($this->with) ? $this->otherRings()[$this->with] ?? null : null;
    }

    public function drawing(): ?GearsView
    {
        $worksheet = $this->opened->worksheet();
        if ($worksheet === null) {
            return null;
        }
        $second = $this->with();

        return new GearsView(
            $worksheet->gears, $this->motor()->maxCrankRpm, $second === null ? null : Gears::of($worksheet->job->bike, $second),
        );
    }
}
