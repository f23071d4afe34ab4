<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\House\SheetLine;

use function in_array;

/** The order of the build, made from the worksheet and its circumstances, after the rules of the house. */
final readonly class BuildSheet
{
    /** The step at which the body is set against its rest. */
    public const SET_REST = 'set-rest';

    private const BODY_IN = 'body-in';

    /** @param  list<BuildStep>  $steps */
    private function __construct(public array $steps) {}

    public static function of(BuildPlan $plan): self
    {
        $bands = $plan->circumstances->fastening->bands;
        [$house, $takes] = [HouseWay::of($plan), Takes::of($plan)];
        [$through, $round] = RouteSteps::goesRound($plan) ? [[], RouteSteps::threading($plan)] : [RouteSteps::threading($plan), []];

        $bars = FittingSteps::bars($plan);
        $sensors = FittingSteps::sensors($plan, self::codes($bars));
        $dressing = RouteSteps::dressing($plan, self::codes([...$bars, ...$sensors]));
        $joining = RouteSteps::joining($plan, self::codes($dressing));

        return new self(array_map(fn (BuildStep $step) => $house->at($step, $bands, $takes[$step->code] ?? []), [
            ...DrySteps::of($plan),
            ...$through,
            ...FittingSteps::beforeTheGap($plan),
            ...DriveSteps::behind($plan),
            ...($plan->isRingFirst() ? [...RingSteps::before($plan), ...RingSteps::of($plan, BuildStep::GAP)] : []),
            ...self::body($plan, $through),
            ...self::rest($plan),
            ...$plan->mount->torquing(),
            ...self::restTorque($plan),
            ...($plan->isRingFirst() ? [] : RingSteps::of($plan, BuildStep::DRIVE)),
            ...RingSteps::look($plan),
            ...DriveSteps::of($plan),
            ...FittingSteps::gearsIndexed($plan),
            ...$bars,
            ...FittingSteps::tryAfterTheMotor($plan),
            ...FittingSteps::battery($plan),
            ...$sensors,
            ...$round,
            ...$dressing,
            ...$joining,
            ...SwingSteps::after($plan, self::codes([...$dressing, ...$joining])),
            ...DriveSteps::back($plan, self::codes([...$dressing, ...$joining])),
        ]));
    }

    /**
     * The body goes in once everything that ends at it is through, and the gear cable while it is undone.
     *
     * @param  list<BuildStep>  $threading
     * @return list<BuildStep>
     */
    private static function body(BuildPlan $plan, array $threading): array
    {
        $through = array_map(fn (BuildStep $step) => $step->code, [...$threading, ...FittingSteps::beforeTheGap($plan), ...DriveSteps::behind($plan)]);

        return array_map(fn (BuildStep $step) => $step->code === self::BODY_IN ? $step->afterToo($through) : $step, $plan->mount->body());
    }

    /**
     * @param  list<BuildStep>  $steps
     * @return list<string>
     */
    private static function codes(array $steps): array
    {
        return array_map(fn (BuildStep $step) => $step->code, $steps);
    }

    /** @return list<SheetLine> to be held against a sheet made another way */
    public function lines(): array
    {
        return array_map(fn (BuildStep $step) => $step->line(), $this->steps);
    }

    public function step(string $code): ?BuildStep
    {
        foreach ($this->steps as $step) {
            if ($step->code === $code) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<string> codes of all that comes before a step by its needs, and theirs */
    public function allBefore(string $code): array
    {
        $before = [];
        for ($open = $this->step($code)->after ?? []; $open !== []; $open = array_diff(array_merge(...$further), $before)) {
            $before = [...$before, ...$open];
            $further = [[], ...array_map(fn (string $one) => $this->step($one)->after ?? [], array_values($open))];
        }

        return array_values(array_unique($before));
    }

    /** The first step that lays or joins a run; null where none does. */
    public function firstOf(int $run): ?BuildStep
    {
        foreach ($this->steps as $step) {
            if (in_array($run, $step->runs, true)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<string> every tool of the sheet, once, in the order they are taken up */
    public function tools(): array
    {
        return array_values(array_unique(array_filter(array_map(fn (BuildStep $step) => $step->tool, $this->steps))));
    }

    /**
     * The steps that have to wait, with the nearest step each waits for.
     *
     * @param  list<string>  $stopped codes of steps that failed their check
     * @return array<string, string> the stopped step by the code of the one that waits
     */
    public function heldBack(array $stopped): array
    {
        $held = [];
        foreach ($this->steps as $step) {
            foreach ($step->after as $before) {
                if (in_array($before, $stopped, true) || isset($held[$before])) {
                    $held[$step->code] = $held[$before] ?? $before;
                }
            }
        }

        return $held;
    }

    /** Whether a step stands behind another one in the sheet. */
    public function comesAfter(BuildStep $step, string $code): bool
    {
        foreach ($this->steps as $one) {
            if ($one->code === $step->code) {
                return false;
            }
            if ($one->code === $code) {
                return true;
            }
        }

        return false;
    }

    /** @return list<BuildStep> */
    private static function rest(BuildPlan $plan): array
    {
        $on = $plan->rest->on === null ? [] : [BuildStep::worded(
            'rest-on', BuildStep::BODY, $plan->rest->on, after: [$plan->mount->setAfter()],
        )];

        return [...$on, BuildStep::worded(
            self::SET_REST, BuildStep::BODY, $plan->rest->set, after: [$plan->mount->setAfter(), ...($on === [] ? [] : ['rest-on'])],
        )];
    }

    /** @return list<BuildStep> */
    private static function restTorque(BuildPlan $plan): array
    {
        return $plan->rest->torque === null ? [] : [
            BuildStep::worded(
                'rest-torque', BuildStep::TORQUE, $plan->rest->torque, fastener: $plan->rest->fastener, after: [$plan->mount->heldBy()],
            ),
        ];
    }
}
