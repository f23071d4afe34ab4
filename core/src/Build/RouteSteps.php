<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

use NeatSpindle\Core\Fastening\Fastener;
use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Route\RouteVerdict;
use NeatSpindle\Core\Route\RunRoute;

use function in_array;

/** Leads: what goes through before the gap closes, and what is tied down last; and what they lead to. */
final class RouteSteps
{
    /** @return list<BuildStep> */
    public static function threading(BuildPlan $plan): array
    {
        $steps = [];
        foreach ($plan->circumstances->routes as $i => $route) {
            if ($route->path !== null && in_array('motor', [$route->run->from, $route->run->to], true)) {
                $steps[] = BuildStep::worded(
                    "thread-{$i}", BuildStep::GAP,
                    Wording::of(BuildWords::THREAD, run: ucfirst($route->run->name), path: implode(' → ', $route->path)),
                    after: ['dry-fit'],
                );
            }
        }

        return $steps;
    }

    /** @return list<BuildStep> */
    public static function dressing(BuildPlan $plan): array
    {
        $steps = [
            BuildStep::worded('battery-rail', BuildStep::ROUTES, Wording::of(BuildWords::BATTERY_RAIL), fastener: Fastener::BatteryRail, after: ['try-battery']),
            BuildStep::worded('display', BuildStep::ROUTES, Wording::of(BuildWords::DISPLAY), fastener: Fastener::Display, after: ['safe']),
        ];
        foreach ($plan->circumstances->routes as $i => $route) {
            $steps[] = BuildStep::worded(
                "dress-{$i}", BuildStep::ROUTES,
                Wording::of(BuildWords::DRESS, run: $route->run->name, how: self::text($route)),
                after: ['body-in'],
            );
        }

        return $steps;
    }

    private static function text(RunRoute $route): string
    {
        return match ($route->verdict) {
            RouteVerdict::NoRoute => 'No allowed way on this frame: decide before going on.',
            RouteVerdict::TooShort => 'Too short, and the drawer has no lead for it: get one before going on.',
            RouteVerdict::NeedsExtension => 'With an extension of '.implode(' + ', $route->extensions ?? []).' mm. Ties every 120 to 150 mm, both sides of each joint.',
            RouteVerdict::Reaches => 'Reaches as supplied. Ties every 120 to 150 mm; the rest in one loop, away from the crank.',
        };
    }
}
