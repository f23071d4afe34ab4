<?php

declare(strict_types=1);

namespace App\View\Route;

use App\Bench\FittingOut;
use App\Bench\OpenJob;
use App\Models\Stage;
use App\Models\Values\CockpitWish;
use App\View\Drawings\BarView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Fitting\Cockpit\BarHalf;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function in_array;

/** The bar from above: what is on it, what goes on it, and whether there is room. */
class CockpitPage extends JobPage
{
    private readonly CockpitWish $wish;

    private readonly Cockpit $cockpit;

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        $this->wish = $opened->the(FittingOut::class)->cockpitWish;
        $this->cockpit = $opened->the(FittingOut::class)->cockpit;
    }

    public function stage(): Stage
    {
        return Stage::Route;
    }

    public function cockpit(): Cockpit
    {
        return $this->cockpit;
    }

    public function displayBore(): ?float
    {
        return $this->wish->displayBore;
    }

    public function displayAt(): DisplaySite
    {
        return $this->wish->displayAt;
    }

    /** @return array<string, string> the displays that the motor's papers name, by name; none where they do not say */
    public function displays(): array
    {
        $named = $this->opened->motor()->papers->displays ?? [];

        return $named === [] ? [] : ['' => 'not said yet'] + array_combine($named, $named) + [CockpitWish::ANOTHER => 'another one, which its papers do not name'];
    }

    public function display(): ?string
    {
        return $this->wish->display;
    }

    /** Why the display may stay dark; null where the motor's papers name it, or nothing is said. */
    public function displayDoubt(): ?string
    {
        $named = $this->opened->motor()->papers->displays ?? [];

        return $this->display() === null || in_array($this->display(), $named, true) ? null
            : 'The motor’s papers do not name it. It may stay dark or show nonsense: ask its seller, or take one of '.implode(', ', $named).'.';
    }

    public function drawing(): BarView
    {
        return new BarView($this->cockpit, $this->job->runs);
    }

    /** @return array<int, Fixture> of one side, from the grip in, each by its number in the form */
    public function fixtures(BarSide $side): array
    {
        return array_filter($this->wish->fixtures, fn (Fixture $one) => $one->side === $side);
    }

    public function half(BarSide $side): BarHalf
    {
        return $this->cockpit->half($side);
    }

    public function spot(BarSide $side): Spot
    {
        return $side === BarSide::Left ? Spot::BarLeft : Spot::BarRight;
    }

    public function says(BarHalf $half): string
    {
        $left = $half->left();

        return match (true) {
            $left === null => 'Not measured yet: takes '.$this->unit->showCoarse($half->taken()),
            $left < 0 => 'Too full by '.$this->unit->showCoarse(-$left),
            default => $this->unit->showCoarse($left).' left',
        };
    }

    /** @param  list<Fixture>  $fixtures */
    public function order(array $fixtures): string
    {
        return implode(' → ', array_map(fn (Fixture $one) => $one->name(), $fixtures));
    }
}
