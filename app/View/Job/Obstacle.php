<?php

declare(strict_types=1);

namespace App\View\Job;

use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Sums\Margin\MarginName;

/** What stands in the way of a stack, in millimetres and words. */
class Obstacle
{
    /** Null when nothing does. */
    public static function of(Stack $stack, LengthUnit $unit): ?string
    {
        $reason = $stack->limitedBy();

        return match (true) {
            $reason === null => null,
            $reason instanceof Unsolved => self::unsolved($stack, $reason, $unit),
            $reason instanceof MarginName => self::margin($stack, $reason, $unit),
            $reason instanceof Note => $reason->label(),
            default => 'The drawer has nothing that fills a place, or no bolt of the trade has the length.',
        };
    }

    private static function unsolved(Stack $stack, Unsolved $step, LengthUnit $unit): string
    {
        $place = $step->place();
        if ($place === null) {
            return "{$step->label()}: ".self::broken($stack, $step, $unit).'.';
        }
        $needed = $unit->show($stack->needed[$place->value] ?? 0.0);

        return "The drawer has no set for “{$place->label()}”: {$needed} or a little more is needed.";
    }

    /** By how much it does not go, where no spacer would help. */
    private static function broken(Stack $stack, Unsolved $step, LengthUnit $unit): string
    {
        $short = match ($step) {
            Unsolved::ShellTooWide => $stack->needed['fill'] ?? 0.0,
            Unsolved::PinionInboardOfRing => $stack->needed['drive'] ?? 0.0,
            Unsolved::MotorTooWide => $stack->needed['left'] ?? 0.0,
            default => min($stack->needed['slot_inner'] ?? 0.0, $stack->needed['slot_outer'] ?? 0.0),
        };

        return 'by '.$unit->show(abs($short));
    }

    private static function margin(Stack $stack, MarginName $name, LengthUnit $unit): string
    {
        $margin = $stack->margin($name);
        if ($margin === null) {
            return $name->label();
        }
        $broken = $name->isCeiling() ? 'over' : 'short of';

        return $margin->slack() < 0
            ? "{$name->label()}: {$unit->show($margin->value)}, {$broken} its limit of {$unit->show($margin->limit)} by {$unit->show(abs($margin->slack()))}"
            : "{$name->label()}: {$unit->show($margin->value)} against {$unit->show($margin->limit)}, but the readings are ± {$unit->show($margin->plusMinus)}";
    }
}
