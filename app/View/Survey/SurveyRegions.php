<?php

declare(strict_types=1);

namespace App\View\Survey;

use App\Bench\OpenJob;
use App\Bench\StripProgress;
use App\View\Drawings\RegionMarks;
use App\View\Drawings\RegionView;
use Closure;
use NeatSpindle\Core\Measuring\Frame\CloseViews;
use NeatSpindle\Core\Measuring\Survey\Region;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;

use function count;

/** The regions of a bike as one walks round it: their close-ups, what of each is known, what is needed. */
class SurveyRegions
{
    /** @param  Closure(string): int  $numberOf  the number of a spot in the walk, by its code */
    public function __construct(private readonly OpenJob $open, private readonly Closure $numberOf) {}

    public function marks(): RegionMarks
    {
        return new RegionMarks($this->open->shape(), $this->views(), $this->open->walk()->regions());
    }

    public function close(Region $region): RegionView
    {
        $numbers = [];
        foreach ($this->open->walk()->in($region) as $spot) {
            $numbers[$spot->value] = ($this->numberOf)($spot->value);
        }

        return new RegionView($region, $this->views()->of($region), $this->open->shape(), $numbers);
    }

    /** @return list<Region> in walking order */
    public function regions(): array
    {
        return $this->open->walk()->regions();
    }

    /** @return list<Spot> of a region, in walking order */
    public function spotsIn(Region $region): array
    {
        return $this->open->walk()->in($region);
    }

    /** How many spots of a region are needed and open. */
    public function neededOpen(Region $region): int
    {
        return count(array_filter($this->open->walk()->in($region), $this->open->walk()->isOpen(...)));
    }

    /** What of a region is answered and what is needed, in words. */
    public function told(Region $region): string
    {
        $spots = $this->open->walk()->in($region);
        $open = $this->neededOpen($region);
        $known = count(array_filter($spots, $this->open->walk()->isKnown(...)));

        return $open === 0 ? "{$known} of ".count($spots).' known' : "{$open} needed";
    }

    private function views(): CloseViews
    {
        return new CloseViews(
            $this->open->shape(), $this->open->findings->lengths(), $this->open->findings->teeth(Spot::Cogs),
            SurveyPlan::hasStay($this->open->job->bike->kind), StripProgress::cupsStillIn($this->open),
        );
    }
}
