<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

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

    /** @param  list<BuildStep>  $steps */
    private function __construct(public array $steps) {}

    public static function of(BuildPlan $plan): self
    {
        $ringFirst = self::ringComesFirst($plan);
        $ring = self::ring($plan, $ringFirst ? 'Before the gap closes' : 'Drive');

        return new self([
            ...self::dry($plan),
            ...self::guide($plan->guide),
            ...self::threading($plan->routes),
            ...($ringFirst ? [$ring] : []),
            ...$plan->mount->body(),
            ...$plan->mount->torquing(),
            ...($ringFirst ? [] : [$ring]),
            ...$plan->mount->firstChain(),
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
            new BuildStep('safe', BuildStep::DRY, 'Battery out, power off', 'Before hands go near chain or motor.',
                caution: 'Fingers get pinched behind the nut and in the ring.'),
            new BuildStep('try-battery', BuildStep::DRY, 'Try the battery in the frame', 'Before the motor goes in: knee and pedal clear, bars lock to lock, out with room.',
                after: ['safe']),
            new BuildStep('dry-fit', BuildStep::DRY, 'Fit the motor dry', "No compound yet. {$plan->mount->firstSpacers()} The body must swing freely and reach its rest.",
                look: 'Shell faces bare and flat; guide clear of the body', caution: self::carbonCaution($plan), after: ['safe']),
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

        return $task === null ? [] : [new BuildStep('guide', 'Before the gap closes', "Cable guide: {$remedy->label()}", $task.($remedy->parts() === null ? '' : " Parts: {$remedy->parts()}."),
            look: 'Gears or brake move freely; nothing stands proud under the shell', after: ['dry-fit'])];
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
                $steps[] = new BuildStep("thread-{$i}", 'Before the gap closes', ucfirst($route->run->name).' through to the motor',
                    'Lay it '.implode(' → ', $route->path).', plug end at the motor, loose for now. Plugs arrows in line, pushed home square.',
                    look: 'Nothing between body and frame where the body swings up', after: ['dry-fit']);
            }
        }

        return $steps;
    }

    private static function ring(BuildPlan $plan, string $chapter): BuildStep
    {
        return new BuildStep('ring', $chapter, "Ring {$plan->ring->teeth} on", 'Bolts in a star, to torque, with locking compound.',
            'Key for the ring bolts, torque wrench', new Turn('Ring bolt', Hand::Right, Action::Tighten, Side::Drive), null, true, Compound::Locking,
            look: 'A full turn by hand: nothing touches the chainstay', caution: 'Keep fingers out of the ring.', after: ['dry-fit']);
    }

    /** @return list<BuildStep> */
    private static function drive(BuildPlan $plan): array
    {
        $chain = $plan->chain;

        return [
            new BuildStep('crank-right', 'Drive', 'Right crank on', 'Taper clean. Marked R.', 'Torque wrench', new Turn('Crank bolt, right', Hand::Right, Action::Tighten, Side::Drive),
                null, true, Compound::Grease, after: ['ring', $plan->mount->heldBy()]),
            new BuildStep('crank-left', 'Drive', 'Left crank on, opposite the right one', 'Taper clean. Marked L. Half a turn from the other.', 'Torque wrench',
                new Turn('Crank bolt, left', Hand::Right, Action::Tighten, Side::NonDrive), null, true, Compound::Grease, look: 'Cranks in one line, pointing apart',
                closesOff: 'what holds the body, for most tools', after: $plan->mount->beforeTheLeftCrank()),
            new BuildStep('pedals', 'Drive', 'Pedals on', 'Both tighten towards the front wheel. The left one has a left-hand thread.', '15 mm pedal spanner',
                new Turn('Left pedal', Hand::Left, Action::Tighten, Side::NonDrive), null, true, Compound::Grease, after: ['crank-right', 'crank-left']),
            new BuildStep('chain', 'Drive', "Chain, {$chain->links} links", 'Derailleur set first. Compare with the old chain link by link, not by length.', 'Chain tool',
                look: 'Largest cog by hand: derailleur not at its end', after: ['ring']),
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
            $steps[] = new BuildStep("dress-{$i}", 'Routes', 'Tie down: '.$route->run->name, self::dressingText($route),
                look: 'Bars lock to lock; nothing reaches wheel, disc or crank', after: ['body-in']);
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
