<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Prose\Wording;

/** What a sprung rear end asks for: its spring out for the dry fit, its whole travel by hand, and the spring back in. */
final class SwingSteps
{
    private const OUT = [
        'title' => 'Spring out: the rear end moves by hand',
        'how' => 'Air: the pressure on the note, then let out slowly, and every chamber. Coil: the preload’s turns on the note, spring off its '
            .'damper. A strap carries the rear end until the motor is in.',
        'tool' => 'Shock pump, or spanner for the preload ring',
        'look' => 'The rear end moves by hand from stop to stop',
        'caution' => 'Never open a shock under pressure; its damper stays closed.',
    ];

    private const AGAIN = [
        'title' => 'Through the whole travel once more',
        'how' => 'Everything on and tied, spring still out: the rear end by hand from stop to stop, bars straight and turned.',
        'look' => 'Body, ring, chain and leads touch nothing; no lead pulls at the pivot, chain long enough at the stop',
    ];

    private const IN = [
        'title' => 'Spring back in',
        'how' => 'To the pressure or the turns on the note. The bike is heavier now: with the rider on, its sag is looked at, and set anew.',
        'tool' => 'Shock pump, or spanner for the preload ring',
        'look' => 'Sag as the shock’s paper wants it, with pack and rider',
    ];

    /** What is moved at the dry fit, in words; empty where nothing swings. */
    public static function atTheDryFit(BuildPlan $plan): string
    {
        return $plan->kind->isSprung()
            ? 'Spring out, the rear end by hand through its whole travel: the least room between body or ring and what swings is measured at the sag '
                .'and over all of it, on Survey. ' : '';
    }

    /** @return list<BuildStep> */
    public static function before(BuildPlan $plan): array
    {
        return $plan->kind->isSprung() ? [BuildStep::worded('spring-out', BuildStep::DRY, Wording::of(self::OUT), after: ['safe'])] : [];
    }

    /** Why the dry fit has not been passed yet; null where nothing swings or there is room. */
    public static function held(BuildPlan $plan): ?string
    {
        return $plan->kind->isSprung() ? ($plan->circumstances->found->swing ?? new Swing(null, null))->objection() : null;
    }

    /**
     * @param  list<string>  $laid codes of the steps at which leads are tied down and joined
     * @return list<BuildStep>
     */
    public static function after(BuildPlan $plan, array $laid): array
    {
        return $plan->kind->isSprung() ? [
            BuildStep::worded(
                'swing', BuildStep::BACK, Wording::of(self::AGAIN), after: ['spring-out', 'ring-look', 'chain', 'pedals', ...$laid],
            ),
            BuildStep::worded('spring-in', BuildStep::BACK, Wording::of(self::IN), after: ['swing']),
        ] : [];
    }
}
