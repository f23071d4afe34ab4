<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Route\RouteVerdict;
use NeatSpindle\Core\Route\RunRoute;
use NeatSpindle\Core\Survey\GuideRemedy;
use NeatSpindle\Core\Turn\Action;
use NeatSpindle\Core\Turn\Hand;
use NeatSpindle\Core\Turn\Side;
use NeatSpindle\Core\Turn\Turn;

use function in_array;

/** The order of the build, made from the worksheet and the routes, after the default house rules. */
final readonly class BuildSheet
{
    /** A ring this near to the chainstay goes on before the motor, so that a clash shows while it is cheap. In mm. */
    private const RING_FIRST_WITHIN = 4.0;

    /** The step at which the body is set against its rest. */
    public const SET_REST = 'set-rest';

    /** @param  list<BuildStep>  $steps */
    private function __construct(public array $steps) {}

    public static function of(BuildPlan $plan): self
    {
        $ringFirst = $plan->mount->needsTheRingFirst() || self::ringComesFirst($plan);
        $ring = self::ring($plan, $ringFirst ? 'Before the gap closes' : 'Drive');

        return new self([
            ...self::dry($plan),
            ...self::threading($plan->routes),
            ...($ringFirst ? [...$plan->mount->beforeTheRing(), $ring] : []),
            ...$plan->mount->body(),
            ...self::rest($plan),
            ...$plan->mount->torquing(),
            ...self::restTorque($plan),
            ...($ringFirst ? [] : [$ring]),
            ...self::drive($plan),
            ...self::dressing($plan->routes),
        ]);
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
            if ($one->code === $code) {
                return true;
            }
            if ($one->code === $step->code) {
                return false;
            }
        }

        return false;
    }

    private static function ringComesFirst(BuildPlan $plan): bool
    {
        return $plan->ringToChainstay !== null && $plan->ringToChainstay->value <= self::RING_FIRST_WITHIN;
    }

    /** @return list<BuildStep> */
    private static function dry(BuildPlan $plan): array
    {
        return [
            BuildStep::worded('safe', BuildStep::DRY, Wording::of(BuildWords::SAFE)),
            BuildStep::worded('try-battery', BuildStep::DRY, Wording::of(BuildWords::TRY_BATTERY), after: ['safe']),
            ...self::guide($plan->guide),
            BuildStep::worded(
                'dry-fit', BuildStep::DRY,
                Wording::of(BuildWords::DRY_FIT, firstSpacers: $plan->mount->firstSpacers(), caution: self::carbonCaution($plan)),
                after: ['safe'],
            ),
        ];
    }

    private static function carbonCaution(BuildPlan $plan): ?string
    {
        return $plan->material->bite() > 0.0
            ? null
            : 'Carbon: never drill it, never clamp or bite it with a toothed plate. The frame’s maker decides, not we.';
    }

    /** @return list<BuildStep> */
    private static function guide(GuideRemedy $remedy): array
    {
        $task = $remedy->task();

        return $task === null ? [] : [BuildStep::worded(
            'guide', BuildStep::DRY,
            Wording::of(BuildWords::GUIDE, label: $remedy->label(), how: $task.($remedy->parts() === null ? '' : " Parts: {$remedy->parts()}.")),
            after: ['safe'],
        )];
    }

    /**
     * @param  list<RunRoute>  $routes
     * @return list<BuildStep>
     */
    private static function threading(array $routes): array
    {
        $steps = [];
        foreach ($routes as $i => $route) {
            if ($route->path !== null && in_array('motor', [$route->run->from, $route->run->to], true)) {
                $steps[] = BuildStep::worded(
                    "thread-{$i}", 'Before the gap closes',
                    Wording::of(BuildWords::THREAD, run: ucfirst($route->run->name), path: implode(' → ', $route->path)),
                    after: ['dry-fit'],
                );
            }
        }

        return $steps;
    }

    /** @return list<BuildStep> */
    private static function rest(BuildPlan $plan): array
    {
        $on = $plan->rest->on === null ? [] : [BuildStep::worded('rest-on', 'The body', $plan->rest->on, after: [$plan->mount->setAfter()])];

        return [...$on, BuildStep::worded(self::SET_REST, 'The body', $plan->rest->set, after: [$plan->mount->setAfter(), ...($on === [] ? [] : ['rest-on'])])];
    }

    /** @return list<BuildStep> */
    private static function restTorque(BuildPlan $plan): array
    {
        return $plan->rest->torque === null ? [] : [
            BuildStep::worded('rest-torque', 'Torque', $plan->rest->torque, recordsTorque: true, after: [$plan->mount->heldBy()]),
        ];
    }

    private static function ring(BuildPlan $plan, string $chapter): BuildStep
    {
        return BuildStep::worded(
            'ring', $chapter, Wording::of(BuildWords::RING, teeth: $plan->ring->teeth),
            turn: new Turn('Ring bolt', Hand::Right, Action::Tighten, Side::Drive), recordsTorque: true,
            compound: Compound::Locking, after: ['dry-fit', ...array_map(fn (BuildStep $step) => $step->code, $plan->mount->beforeTheRing())],
        );
    }

    /** @return list<BuildStep> */
    private static function drive(BuildPlan $plan): array
    {
        $chain = $plan->chain;

        return [
            BuildStep::worded(
                'ring-look', 'Drive', Wording::of(BuildWords::RING_LOOK),
                after: ['ring', $plan->mount->heldBy(), ...($plan->rest->torque === null ? [] : ['rest-torque'])],
            ),
            BuildStep::worded(
                'crank-right', 'Drive', Wording::of(BuildWords::CRANK_RIGHT),
                turn: new Turn('Crank bolt, right', Hand::Right, Action::Tighten, Side::Drive), recordsTorque: true,
                compound: Compound::Grease, after: ['ring-look'],
            ),
            BuildStep::worded(
                'crank-left', 'Drive', Wording::of(BuildWords::CRANK_LEFT),
                turn: new Turn('Crank bolt, left', Hand::Right, Action::Tighten, Side::NonDrive), recordsTorque: true,
                compound: Compound::Grease, after: ['ring-look', ...$plan->mount->beforeTheLeftCrank()],
            ),
            BuildStep::worded(
                'pedals', 'Drive', Wording::of(BuildWords::PEDALS),
                turn: new Turn('Left pedal', Hand::Left, Action::Tighten, Side::NonDrive), recordsTorque: true,
                compound: Compound::Grease, after: ['crank-right', 'crank-left'],
            ),
            BuildStep::worded('chain', 'Drive', Wording::of(BuildWords::CHAIN, links: $chain->links), after: ['ring']),
        ];
    }

    /**
     * @param  list<RunRoute>  $routes
     * @return list<BuildStep>
     */
    private static function dressing(array $routes): array
    {
        $steps = [];
        foreach ($routes as $i => $route) {
            $steps[] = BuildStep::worded(
                "dress-{$i}", 'Routes',
                Wording::of(BuildWords::DRESS, run: $route->run->name, how: self::dressingText($route)),
                after: ['body-in'],
            );
        }

        return $steps;
    }

    private static function dressingText(RunRoute $route): string
    {
        return match ($route->verdict) {
            RouteVerdict::NoRoute => 'No allowed way on this frame: decide before going on.',
            RouteVerdict::TooShort => 'Too short, and the drawer has no lead for it: get one before going on.',
            RouteVerdict::NeedsExtension => 'With an extension of '.implode(' + ', $route->extensions ?? []).' mm. Ties every 120 to 150 mm, both sides of each joint.',
            RouteVerdict::Reaches => 'Reaches as supplied. Ties every 120 to 150 mm; the rest in one loop, away from the crank.',
        };
    }
}
