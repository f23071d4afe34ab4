<?php

declare(strict_types=1);

namespace App\View\Route;

use App\Bench\OpenJob;
use App\Models\Run;
use App\Models\Stage;
use App\View\Drawings\RouteView;
use App\View\Drawings\RouteZoom;
use App\View\Job\JobPage;
use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\Leg;
use NeatSpindle\Core\Fitting\Route\Loss;
use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Measuring\Frame\Ways;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function is_string;

class RoutePage extends JobPage
{
    /** @var list<array{run: Run, route: RunRoute}>|null */
    private ?array $rows = null;

    /**
     * @param  mixed  $asked  the number of the run that is moved, from the address
     * @param  mixed  $askedPlace  the place it is moved to or off
     * @param  mixed  $askedZoom  how near it is looked at
     * @param  mixed  $askedPlug  the number of the run whose plug is looked at
     */
    public function __construct(
        OpenJob $opened, private readonly mixed $asked = null, private readonly mixed $askedPlace = null, private readonly mixed $askedZoom = null,
        private readonly mixed $askedPlug = null,
    ) {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Route;
    }

    public function ways(): Ways
    {
        return $this->opened->laying()->ways;
    }

    public function drawing(): RouteView
    {
        return new RouteView($this->opened->shape(), $this->ways(), $this->rows(), $this->opened->laying()->routing(), $this->zoom());
    }

    public function isAboutThePlug(Run $run): bool
    {
        return is_string($this->askedPlug) && $this->askedPlug === (string) $run->id;
    }

    public function zoom(): RouteZoom
    {
        return is_string($this->askedZoom) ? RouteZoom::tryFrom($this->askedZoom) ?? RouteZoom::Whole : RouteZoom::Whole;
    }

    /** @return list<array{run: Run, route: RunRoute}> the runs that can be laid, in order */
    public function rows(): array
    {
        return $this->rows ??= array_map(
            fn (Run $run, RunRoute $route) => ['run' => $run, 'route' => $route],
            $this->opened->laying()->laid, $this->opened->routePlan()->routes ?? [],
        );
    }

    /** @return list<Run> those that cannot be laid yet, or not on this frame */
    public function waiting(): array
    {
        return $this->opened->laying()->waiting();
    }

    /** @return array<int, Run> plugs with nothing on them */
    public function unused(): array
    {
        return $this->opened->laying()->unused();
    }

    /** @return list<Spot> what must be measured before a run has a length */
    public function missingFor(Run $run): array
    {
        return $this->ways()->missingFor($run->toLay());
    }

    /** The run that is moved; null while none is. */
    public function moved(): ?Run
    {
        foreach (is_string($this->asked) ? $this->opened->laying()->laid : [] as $run) {
            if ((string) $run->id === $this->asked) {
                return $run;
            }
        }

        return null;
    }

    /** @return array<string, string> what the places of this bike are called, by their own names */
    public function placeNames(): array
    {
        $names = array_keys($this->ways()->places);

        return array_combine($names, array_map(fn (string $name) => ucfirst(PlaceName::of($name)), $names));
    }

    /** The place the moved run is asked about; null while none is. */
    public function place(): ?string
    {
        return is_string($this->askedPlace) && isset($this->ways()->places[$this->askedPlace]) ? $this->askedPlace : null;
    }

    /** What the rest that was chosen does to the gap, in words. */
    public function pinch(): string
    {
        $rest = $this->opened->bracing()?->rest;

        return match (true) {
            $rest === null => 'Nobody has chosen yet what the body rests on: the gap under it counts as closed for leads.',
            $rest->closesThePinch() => "{$rest->label()}: the body closes the gap, so no lead goes through it afterwards.",
            default => "{$rest->label()}: the body is held off the frame, so leads may pass the gap.",
        };
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

    /** As which of all that go in before the body it goes in; null where it may go in later. */
    public function threadedAs(Run $run): ?int
    {
        $before = $this->job->runs->filter(
            fn (Run $other) => $other->position <= $run->position && ! $other->is_unused && $other->toLay()->endsAtMotor(),
        );

        return $run->toLay()->endsAtMotor() ? $before->count() : null;
    }

    /** What the pack's lead loses; null for any other run, and while current, copper or the motor's voltage is not known. */
    public function loss(RunRoute $route): ?Loss
    {
        return Loss::on($route, $this->opened->motor()?->volts());
    }

    public function lossWords(Loss $loss): string
    {
        $share = sprintf('Loses %.1f %% of the motor’s %s V', $loss->percent(), (string) $loss->ofVolts);

        return $loss->isTooMuch() ? "{$share}, more than ".Loss::MOST_PERCENT." %: copper of {$loss->thicker()} or more, by its maker fit for {$loss->run->currentA} A" : $share;
    }

    /** How long each leg of a run is, and the loops, which together with the dressing make what it needs. */
    public function legByLeg(RunRoute $route): string
    {
        $legs = array_map(
            fn (Leg $leg) => $this->unit->showCoarse($leg->length).($leg->slack > 0.0 ? ' and a loop of '.$this->unit->showCoarse($leg->slack) : ''),
            $this->opened->laying()->routing()?->legs($route) ?? [],
        );

        return implode(' + ', $legs).', and '.Allowances::usual()->dressingPercent.' % to dress it';
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
