<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Prose\Wording;

/** Leads: what goes through before the gap closes, and what is tied down last; and what they lead to. */
final class RouteSteps
{
    /** Whether what ends at the motor goes round the outside, once the body is in. */
    public static function goesRound(BuildPlan $plan): bool
    {
        return $plan->house()->follows(School::HarnessRound);
    }

    /** @return list<BuildStep> */
    public static function threading(BuildPlan $plan): array
    {
        $routes = $plan->circumstances->wiring->routes;
        $threaded = array_filter(self::runs($plan), fn (Run $run) => $run->endsAtMotor());

        [$chapter, $words, $after] = self::goesRound($plan) ? [BuildStep::ROUTES, BuildWords::THREAD_ROUND, 'body-in'] : [BuildStep::GAP, BuildWords::THREAD, 'dry-fit'];

        return array_map(fn (int $i, Run $run) => BuildStep::worded(
            "thread-{$i}", $chapter, Wording::of($words, run: ucfirst($run->name), where: self::where($routes[$i] ?? null), with: self::with($plan, $i)), after: [$after],
        ), array_keys($threaded), $threaded);
    }

    /** @return list<BuildStep> */
    public static function dressing(BuildPlan $plan): array
    {
        [$steps, $wiring] = [[], $plan->circumstances->wiring];
        foreach (self::runs($plan) as $i => $run) {
            if ($run->joinsOnTheBar()) {
                $steps[] = self::branch($plan, $i, $run);

                continue;
            }
            $plug = $run->kind === RunKind::Signal && $run->endsAtMotor() ? [self::plug($plan, $i, $run)] : [];
            $steps = [...$steps, ...$plug, BuildStep::worded(
                "dress-{$i}", BuildStep::ROUTES,
                Wording::of(BuildWords::DRESS, run: $run->name, how: self::text($wiring->routes[$i] ?? null, $wiring->details[$i] ?? null)),
                after: ['body-in', ...($plug === [] ? [] : ["plug-{$i}"])],
            )];
        }

        return [...$steps, ...array_map(fn (int $i, Run $run) => BuildStep::worded(
            "cap-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::CAP, run: $run->name, plug: self::plugWords($plan, $i, $run)), after: ['body-in'],
        ), array_keys($wiring->unused), $wiring->unused)];
    }

    /** A plug of its own is a step of its own: it is what pulls apart. */
    private static function plug(BuildPlan $plan, int $i, Run $run): BuildStep
    {
        return BuildStep::worded(
            "plug-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::PLUG, run: $run->name, plug: self::plugWords($plan, $i, $run)), after: ['body-in', "thread-{$i}"],
        );
    }

    /** What hangs at a joint on the bar is laid and joined in one movement, once the part and the main lead are there. */
    private static function branch(BuildPlan $plan, int $i, Run $run): BuildStep
    {
        $wiring = $plan->circumstances->wiring;
        $main = array_keys(array_filter(self::runs($plan), fn (Run $one) => $one->isMain()));

        return BuildStep::worded(
            "plug-{$i}", BuildStep::ROUTES,
            Wording::of(BuildWords::BRANCH, run: $run->name, plug: self::plugWords($plan, $i, $run), how: self::text($wiring->routes[$i] ?? null, $wiring->details[$i] ?? null)),
            after: ['bar-on-left', 'bar-on-right', 'brake-sensor-left', 'brake-sensor-right', ...array_map(fn (int $at) => "dress-{$at}", $main)],
        );
    }

    private static function plugWords(BuildPlan $plan, int $i, Run $run): string
    {
        $plug = ($plan->circumstances->wiring->details[$i] ?? null)?->plug?->words();

        return $plug === null ? "Its {$run->connector}-pin plug" : "Its plug: {$plug}";
    }

    /** What it is threaded with; empty where nobody said. */
    private static function with(BuildPlan $plan, int $i): string
    {
        $with = $plan->circumstances->wiring->details[$i]->threadedWith ?? null;

        return $with === null ? '' : " Through, or with: {$with}.";
    }

    /**
     * What carries current is joined last, the pack before what it feeds.
     *
     * @return list<BuildStep>
     */
    public static function joining(BuildPlan $plan): array
    {
        $runs = self::runs($plan);
        $dressed = array_merge(...array_map(fn (int $i) => ["dress-{$i}", "plug-{$i}"], array_keys($runs)), ...[[]]);
        $packs = array_filter($runs, fn (Run $run) => $run->isFromPack());
        $lamps = array_filter($runs, fn (Run $run) => $run->feedsALamp());
        $joined = array_map(fn (int $i) => "join-{$i}", array_keys($packs));
        $volts = $plan->circumstances->wiring->volts;
        $asTheMotor = $volts === null ? 'By its label it gives what the motor takes.' : "By its label it gives the motor’s {$volts} V; another is not joined.";

        return [
            ...array_map(fn (int $i, Run $run) => BuildStep::worded(
                "join-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::JOIN_PACK, run: $run->name, volts: $asTheMotor), after: ['battery-rail', ...$dressed],
            ), array_keys($packs), $packs),
            ...array_map(fn (int $i, Run $run) => BuildStep::worded(
                "join-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::JOIN_OTHER, run: $run->name), after: ["dress-{$i}", ...$joined],
            ), array_keys($lamps), $lamps),
        ];
    }

    /** @return array<int, Run> every run on the bike by its number, its way known or not */
    private static function runs(BuildPlan $plan): array
    {
        $runs = array_map(fn (RunRoute $route) => $route->run, $plan->circumstances->wiring->routes) + $plan->circumstances->wiring->unlaid;
        ksort($runs);

        return $runs;
    }

    private static function where(?RunRoute $route): string
    {
        return $route?->path === null
            ? 'No way is known for it yet: measure on Route, or lay it along what is there'
            : 'Lay it by '.PlaceName::way($route->path);
    }

    private static function text(?RunRoute $route, ?RunDetails $details): string
    {
        $surplus = $details?->surplus?->label() ?? 'where nothing moves, away from the crank';

        return match ($route?->verdict) {
            null => 'Its way is not measured: off the wheels, the disc and the crank. Ties every 120 to 150 mm, both sides of each joint.',
            RouteVerdict::NoRoute => 'No allowed way on this frame: decide before going on.',
            RouteVerdict::TooShort => 'Too short, and the drawer has no lead for it: get one before going on.',
            RouteVerdict::NeedsExtension => 'With an extension of '.implode(' + ', $route->extensions ?? [])
                ." mm. Ties every 120 to 150 mm, both sides of each joint; what is left in one loop {$surplus}.",
            RouteVerdict::Reaches => "Reaches as supplied. Ties every 120 to 150 mm; the rest, not cut, in one loop {$surplus}.",
        };
    }
}
