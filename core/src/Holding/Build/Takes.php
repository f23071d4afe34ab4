<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Cockpit\BarHalf;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Measuring\Survey\Remedy;

/**
 * What each step of a sheet takes, in words, by what it is: the tick is for these, and for nothing chosen later. Said at
 * the first step that takes it; what rests on that step is open again with it.
 */
final readonly class Takes
{
    private const NOTHING = 'none';

    private function __construct(private BuildPlan $plan) {}

    /** @return array<string, array<string, string>> by the step's code */
    public static function of(BuildPlan $plan): array
    {
        $takes = new self($plan);

        $all = [];
        foreach ([
            $takes->motor(), $plan->mount->takes(), $takes->drive(), $takes->rest(), $takes->battery(), $takes->bars(), $takes->sensors(), $takes->cures(),
            ...array_map($takes->run(...), array_keys($takes->runs()), $takes->runs()),
        ] as $chapter) {
            foreach ($chapter as $code => $things) {
                $all[$code] = [...$all[$code] ?? [], ...$things];
            }
        }

        return $all;
    }

    /** @return array<string, array<string, string>> */
    private function motor(): array
    {
        $insert = ['the insert' => $this->plan->insert->code ?? self::NOTHING];

        return ['dry-fit' => ['the motor' => $this->plan->motor, ...$insert], 'insert-clean' => $insert];
    }

    /** @return array<string, array<string, string>> */
    private function drive(): array
    {
        $fastening = $this->plan->circumstances->fastening;
        $isOld = $this->plan->circumstances->found->fitsOldChain($this->plan->chain) || $this->plan->keepsChain() || $this->plan->mount->laysTheBikesChain();
        $seat = ['the crank’s seat' => $fastening->crankSeat->label()];

        return [
            'ring' => ['the ring' => $this->plan->ring->code],
            'chain' => ['the chain' => $isOld ? 'the old one' : "a new one of {$this->plan->chain->links} links"],
            'crank-right-seat' => $seat, 'crank-left-seat' => $seat,
        ];
    }

    /** @return array<string, array<string, string>> */
    private function rest(): array
    {
        $rest = ['the rest' => $this->plan->rest->name];

        return ['rest-on' => $rest, BuildSheet::SET_REST => $rest];
    }

    /** @return array<string, array<string, string>> */
    private function battery(): array
    {
        $trial = $this->plan->circumstances->wiring->battery;
        $pack = $trial === null ? self::NOTHING : "{$trial->pack->code}, ".lcfirst($trial->setting->site->label());
        $fixing = ['what holds the battery' => lcfirst($trial?->setting->fixing?->label() ?? self::NOTHING)];

        return ['try-battery' => ['the battery' => $pack], 'battery-inserts' => $fixing, 'battery-rail' => $fixing];
    }

    /** @return array<string, array<string, string>> */
    private function bars(): array
    {
        $cockpit = $this->plan->circumstances->wiring->cockpit;
        $takes = ['display' => ['the display’s place' => lcfirst(($cockpit->displayAt ?? DisplaySite::Bar)->label())]];
        foreach ($cockpit?->halves() ?? [] as $half) {
            $takes["bar-on-{$half->side->value}"] = ['what goes on the bar' => $this->onTheBar($half)];
        }

        return $takes;
    }

    private function onTheBar(BarHalf $half): string
    {
        $named = fn (Fixture $fixture): string => $fixture->name().' ('.lcfirst($fixture->make->label()).')';

        return implode(', ', array_map($named, $half->goesOn())) ?: self::NOTHING;
    }

    /** @return array<string, array<string, string>> */
    private function sensors(): array
    {
        $sensors = $this->plan->circumstances->wiring->sensors;
        if ($sensors === null) {
            return [];
        }
        $takes = ['speed-sensor' => [
            'the speed sensor’s place' => $sensors->where(), 'its gap' => $sensors->speed?->band() ?? 'as its maker says',
        ]];
        foreach (BarSide::cases() as $side) {
            $takes["brake-sensor-{$side->value}"] = ['the brake’s sensor' => lcfirst($sensors->brakes->of($side)?->label() ?? self::NOTHING)];
        }

        return $takes;
    }

    /** @return array<string, array<string, string>> what is cured, mended or replaced, and how */
    private function cures(): array
    {
        $found = $this->plan->circumstances->found;
        $takes = ['guide' => ['the guide’s cure' => lcfirst($found->guide->label())]];
        foreach ($found->cures as $cure) {
            $takes[$cure->code] = ['what is done' => $cure->title];
        }

        return $takes + array_combine(
            array_map(fn (string $subject) => "mend-{$subject}", array_keys($found->mending)),
            array_map(fn (Remedy $remedy) => ['what is done' => lcfirst($remedy->label())], array_values($found->mending)),
        );
    }

    /** @return array<int, Run> */
    private function runs(): array
    {
        $wiring = $this->plan->circumstances->wiring;

        return array_map(fn (RunRoute $route) => $route->run, $wiring->routes) + $wiring->unlaid + $wiring->unused;
    }

    /** @return array<string, array<string, string>> */
    private function run(int $number, Run $run): array
    {
        $route = $this->plan->circumstances->wiring->routes[$number] ?? null;
        $lead = ["lead {$number}" => rtrim(rtrim(sprintf('%.1f', $run->supply), '0'), '.')." mm, {$run->connector}"];
        $joined = ["what lead {$number} is joined with" => $route?->extensions === null || $route->extensions === [] ? 'nothing' : implode(' + ', $route->extensions).' mm'];
        $way = ["the way of lead {$number}" => $route?->path === null ? 'not known' : PlaceName::way($route->path)];

        return match (true) {
            isset($this->plan->circumstances->wiring->unused[$number]) => ["cap-{$number}" => $lead],
            $run->joinsOnTheBar() => [RouteSteps::jointsCode($this->runs()) => [...$lead, ...$joined]],
            default => [
                ...($run->endsAtMotor() ? [RouteSteps::threadCode($this->runs()) => $lead] : []),
                "dress-{$number}" => [...$lead, ...$joined, ...$way],
            ],
        };
    }
}
