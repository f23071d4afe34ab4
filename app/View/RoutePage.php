<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Models\Stage;
use App\View\Drawings\RouteView;
use NeatSpindle\Core\Frame\FrameRouting;
use NeatSpindle\Core\Route\RouteVerdict;
use NeatSpindle\Core\Route\RunRoute;
use NeatSpindle\Core\Survey\Spot;

use function count;

class RoutePage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Route;
    }

    public function drawing(): RouteView
    {
        return new RouteView($this->opened->shape());
    }

    /** Runs are laid on frames with a down tube; other kinds have no graph of their own yet. */
    public function isKindRouted(): bool
    {
        return $this->opened->shape()->tube('down-tube') !== null;
    }

    /** @return list<array{run: Run, route: RunRoute}> */
    public function rows(): array
    {
        $routes = $this->opened->routePlan()->routes ?? [];

        return array_map(fn (Run $run, RunRoute $route) => ['run' => $run, 'route' => $route], $this->job->runs->take(count($routes))->all(), $routes);
    }

    /** @return list<Spot> what must be measured before a run has a length */
    public function missingSpots(): array
    {
        return FrameRouting::missing($this->opened->findings->lengths());
    }

    public function says(RunRoute $route): string
    {
        return match ($route->verdict) {
            RouteVerdict::Reaches => 'Reaches, '.$this->unit->showCoarse($route->surplus ?? 0.0).' to hide',
            RouteVerdict::NeedsExtension => 'Needs an extension: '.implode(' + ', array_map($this->unit->showCoarse(...), $route->extensions ?? [])),
            RouteVerdict::TooShort => 'Too short by '.$this->unit->showCoarse(($route->needed ?? 0.0) - $route->run->supply).'; no lead in the drawer closes it',
            RouteVerdict::NoRoute => 'No allowed way on this frame',
        };
    }

    /** The mark that goes with it. */
    public function mark(RunRoute $route): string
    {
        return match ($route->verdict) {
            RouteVerdict::Reaches => 'clear',
            RouteVerdict::NeedsExtension => 'tight',
            default => 'fails',
        };
    }
}
