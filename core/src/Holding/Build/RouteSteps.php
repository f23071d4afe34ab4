<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Fitting\Route\PlugName;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Prose\Wording;

use function strlen;

/** Leads: what goes through before the gap closes, and what is tied down last; and what they lead to. */
final class RouteSteps
{
    private const LONGEST_NUMBERS = 26;

    /** Whether what ends at the motor goes round the outside, once the body is in. */
    public static function goesRound(BuildPlan $plan): bool
    {
        return $plan->house()->follows(School::HarnessRound);
    }

    /** @return list<BuildStep> one movement, lead by lead; none where nothing ends at the motor */
    public static function threading(BuildPlan $plan): array
    {
        $routes = $plan->circumstances->wiring->routes;
        $threaded = array_filter(self::runs($plan), fn (Run $run) => $run->endsAtMotor());
        [$chapter, $words, $after] = self::goesRound($plan) ? [BuildStep::ROUTES, BuildWords::THREAD_ROUND, 'body-in'] : [BuildStep::GAP, BuildWords::THREAD, 'dry-fit'];
        $leads = array_map(
            fn (int $i, Run $run) => ucfirst($run->name).self::where($routes[$i] ?? null).'.'.self::with($plan, $i), array_keys($threaded), $threaded,
        );

        return $threaded === [] ? [] : [BuildStep::worded(
            self::threadCode($threaded), $chapter, Wording::of(
                $words, runs: self::names($threaded), leads: implode(' ', $leads),
            ), after: [$after],
        )->ofRuns(array_keys($threaded))];
    }

    /**
     * @param  list<string>  $parts codes of the steps at which what sits on the bar is put on
     * @return list<BuildStep>
     */
    public static function dressing(BuildPlan $plan, array $parts): array
    {
        [$runs, $wiring] = [self::runs($plan), $plan->circumstances->wiring];
        $threading = array_column(self::threading($plan), 'code');
        $ways = array_filter($runs, fn (Run $run) => ! $run->joinsOnTheBar());
        $dressed = array_map(function (int $i, Run $run) use ($plan, $wiring, $threading): BuildStep {
            $isPlugged = $run->kind === RunKind::Signal && $run->endsAtMotor();
            $words = Wording::of(
                $isPlugged ? BuildWords::PLUG_AND_DRESS : BuildWords::DRESS,
                run: $run->name, plug: self::plugWords($plan, $i, $run), how: self::text($wiring->routes[$i] ?? null, $wiring->details[$i] ?? null),
            );

            return BuildStep::worded("dress-{$i}", BuildStep::ROUTES, $words, after: [BuildSheet::SET_REST, ...($run->endsAtMotor() ? $threading : [])])->ofRuns([$i]);
        }, array_keys($ways), $ways);

        return [...$dressed, ...self::branches($plan, $parts), ...array_map(fn (int $i, Run $run) => BuildStep::worded(
            "cap-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::CAP, run: $run->name, plug: self::plugWords($plan, $i, $run)), after: ['body-in'],
        ), array_keys($wiring->unused), $wiring->unused)];
    }

    /**
     * @param  list<string>  $parts codes of the steps at which what sits on the bar is put on
     * @return list<BuildStep> what hangs at the joints on the bar, laid and joined in one movement once parts and main lead are there
     */
    private static function branches(BuildPlan $plan, array $parts): array
    {
        [$runs, $wiring] = [self::runs($plan), $plan->circumstances->wiring];
        $branches = array_filter($runs, fn (Run $run) => $run->joinsOnTheBar());
        $main = array_keys(array_filter($runs, fn (Run $run) => $run->isMain()));
        $leads = array_map(
            fn (int $i, Run $run) => ucfirst($run->name).': '.lcfirst(self::plugWords($plan, $i, $run)).self::joined($wiring->routes[$i] ?? null).'.',
            array_keys($branches), $branches,
        );

        return $branches === [] ? [] : [BuildStep::worded(
            self::jointsCode($branches), BuildStep::ROUTES, Wording::of(
                BuildWords::BRANCH, runs: self::names($branches), leads: implode(' ', $leads),
            ),
            after: [...$parts, ...array_map(fn (int $at) => "dress-{$at}", $main)],
        )->ofRuns(array_keys($branches))];
    }

    /**
     * The step at which all of them that end at the motor are threaded.
     *
     * @param  array<int, Run>  $runs
     */
    public static function threadCode(array $runs): string
    {
        return self::codeOf('thread', array_filter($runs, fn (Run $run) => $run->endsAtMotor()));
    }

    /**
     * The step at which all of them that hang at the joints on the bar are joined.
     *
     * @param  array<int, Run>  $runs
     */
    public static function jointsCode(array $runs): string
    {
        return self::codeOf('joints', array_filter($runs, fn (Run $run) => $run->joinsOnTheBar()));
    }

    /**
     * A step of several runs is named by them: of others it is another step.
     *
     * @param  array<int, Run>  $runs
     */
    private static function codeOf(string $does, array $runs): string
    {
        $numbers = implode('-', array_keys($runs));

        return $does.'-'.(strlen($numbers) <= self::LONGEST_NUMBERS ? $numbers : hash('crc32b', $numbers));
    }

    /** @param  array<int, Run>  $runs */
    private static function names(array $runs): string
    {
        return implode(', ', array_map(fn (Run $run) => str_replace(',', '', $run->name), $runs));
    }

    private static function plugWords(BuildPlan $plan, int $i, Run $run): string
    {
        $plug = ($plan->circumstances->wiring->details[$i] ?? null)?->plug?->words();

        return $plug === null ? 'Its '.PlugName::of($run->connector) : "Its plug: {$plug}";
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
     * @param  list<string>  $dressed codes of the steps at which leads are tied down and joined
     * @return list<BuildStep>
     */
    public static function joining(BuildPlan $plan, array $dressed): array
    {
        $runs = self::runs($plan);
        $packs = array_filter($runs, fn (Run $run) => $run->isFromPack());
        $lamps = array_filter($runs, fn (Run $run) => $run->feedsALamp());
        $joined = array_map(fn (int $i) => "join-{$i}", array_keys($packs));
        $volts = $plan->circumstances->wiring->volts;
        $asTheMotor = $volts === null ? 'By its label it gives what the motor takes.' : "By its label it gives the motor’s {$volts} V; another is not joined.";

        return [
            ...array_map(fn (int $i, Run $run) => BuildStep::worded(
                "join-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::JOIN_PACK, run: $run->name, volts: $asTheMotor), after: ['battery-rail', ...$dressed],
            )->ofRuns([$i]), array_keys($packs), $packs),
            ...array_map(fn (int $i, Run $run) => BuildStep::worded(
                "join-{$i}", BuildStep::ROUTES, Wording::of(BuildWords::JOIN_OTHER, run: $run->name), after: ["dress-{$i}", ...$joined],
            )->ofRuns([$i]), array_keys($lamps), $lamps),
        ];
    }

    /** @return array<int, Run> every run on the bike by its number, its way known or not */
    private static function runs(BuildPlan $plan): array
    {
        $runs = array_map(fn (RunRoute $route) => $route->run, $plan->circumstances->wiring->routes) + $plan->circumstances->wiring->unlaid;
        ksort($runs);

        return $runs;
    }

    /** What is joined into a lead so that it reaches; empty where nothing is. */
    private static function joined(?RunRoute $route): string
    {
        return $route?->verdict === RouteVerdict::NeedsExtension ? ', with an extension of '.implode(' + ', $route->extensions ?? []).' mm' : '';
    }

    private static function where(?RunRoute $route): string
    {
        return $route?->path === null
            ? ': no way is known for it yet, measure on Route, or lay it along what is there'
            : ' by '.PlaceName::way($route->path);
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
