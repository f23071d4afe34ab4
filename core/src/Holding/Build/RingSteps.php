<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** The ring, and a chain that is kept whole over it. */
final class RingSteps
{
    /** @return list<BuildStep> */
    public static function of(BuildPlan $plan, string $chapter): array
    {
        $before = ['dry-fit', ...array_map(fn (BuildStep $step) => $step->code, $plan->isRingFirst() ? $plan->mount->beforeTheRing() : [])];
        $onItsCrank = $plan->mount->seatsRightCrankAt() !== null;
        $over = $plan->keepsChain() && ! $onItsCrank
            ? [BuildStep::worded('chain-over', $chapter, Wording::of(BuildWords::CHAIN_OVER), after: $before)] : [];
        $fitting = $plan->circumstances->fastening->ringFitting;

        return [...$over, BuildStep::worded(
            'ring', $chapter,
            Wording::of(
                BuildWords::RING, teeth: $plan->ring->teeth, bolts: $fitting->boltCount(),
                face: $onItsCrank ? 'on its freewheeling crank' : $fitting->face(),
                side: $onItsCrank ? 'The way round it was when ring to plate was measured' : $fitting->side(),
                teethWords: $fitting->isNarrowWide ? ' Wide teeth take the chain’s wide plates.' : '',
            ),
            turn: new Turn('Ring bolt', Hand::Right, Action::Tighten, Side::Drive), fastener: Fastener::RingBolts,
            compound: Compound::Locking, after: [...$before, ...($over === [] ? [] : ['chain-over'])],
        )];
    }

    /** @return list<BuildStep> what comes before a ring that goes on first; a whole chain is laid over the spindle before its crank is */
    public static function before(BuildPlan $plan): array
    {
        $steps = [];
        $crank = $plan->mount->seatsRightCrankAt();
        foreach ($plan->mount->beforeTheRing() as $step) {
            $isToPass = $step->code === $crank && $plan->isChainWhole();
            $isToPass && $steps[] = BuildStep::worded('chain-over', $step->chapter, Wording::of(BuildWords::CHAIN_OVER_SPINDLE), after: $step->after);
            $steps[] = $isToPass ? $step->afterToo(['chain-over']) : $step;
        }

        return $steps;
    }

    /** @return list<BuildStep> its clearance, looked at again once everything holds */
    public static function look(BuildPlan $plan): array
    {
        return [BuildStep::worded(
            'ring-look', BuildStep::DRIVE, Wording::of(BuildWords::RING_LOOK),
            after: ['ring', $plan->mount->heldBy(), ...($plan->rest->torque === null ? [] : ['rest-torque'])],
        )];
    }
}
