<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** Cranks, pedals, chain, and what came off and goes back on. */
final class DriveSteps
{
    /** @return list<BuildStep> */
    public static function of(BuildPlan $plan): array
    {
        $stays = $plan->mount->keepsTheBracket();

        return [...self::rightCrank($plan), ...($stays ? [self::rightPedal()] : [...self::leftCrank($plan), self::pedals()]), self::chain($plan), ...self::mending($plan)];
    }

    /** @return list<BuildStep> its seat and its bolt apart: what goes on the one is not what goes on the other */
    private static function rightCrank(BuildPlan $plan): array
    {
        $seat = $plan->circumstances->fastening->crankSeat;
        $seated = $plan->mount->seatsRightCrankAt();
        $by = $seated === null ? [BuildStep::worded(
            'crank-right-seat', BuildStep::DRIVE,
            Wording::of(BuildWords::CRANK_RIGHT_SEAT, fitting: $seat->fitting(), seat: $seat->label()),
            compound: $plan->crankCompound(), after: ['ring-look'],
        )] : [];

        return [...$by, BuildStep::worded(
            'crank-right', BuildStep::DRIVE, Wording::of(BuildWords::CRANK_RIGHT),
            turn: new Turn('Crank bolt, right', Hand::Right, Action::Tighten, Side::Drive), fastener: Fastener::CrankBolt,
            compound: Compound::Grease, after: ['ring-look', $seated ?? 'crank-right-seat'],
        )];
    }

    /** @return list<BuildStep> */
    private static function leftCrank(BuildPlan $plan): array
    {
        return [
            BuildStep::worded(
                'crank-left-seat', BuildStep::DRIVE, Wording::of(
                    BuildWords::CRANK_LEFT_SEAT, fitting: $plan->circumstances->fastening->crankSeat->fitting(),
                ),
                compound: $plan->crankCompound(), after: ['ring-look', 'crank-right', ...$plan->mount->beforeTheLeftCrank()],
            ),
            BuildStep::worded(
                'crank-left', BuildStep::DRIVE, Wording::of(BuildWords::CRANK_LEFT),
                turn: new Turn('Crank bolt, left', Hand::Right, Action::Tighten, Side::NonDrive), fastener: Fastener::CrankBolt,
                compound: Compound::Grease, after: ['crank-left-seat'],
            ),
        ];
    }

    /** Where the left crank never came off its own spindle, nor its pedal off the crank. */
    private static function rightPedal(): BuildStep
    {
        return BuildStep::worded(
            'pedals', BuildStep::DRIVE, Wording::of(BuildWords::PEDAL_RIGHT),
            turn: new Turn('Right pedal', Hand::Right, Action::Tighten, Side::Drive), fastener: Fastener::Pedal,
            compound: Compound::Grease, after: ['crank-right'],
        );
    }

    private static function pedals(): BuildStep
    {
        return BuildStep::worded(
            'pedals', BuildStep::DRIVE, Wording::of(BuildWords::PEDALS),
            turn: new Turn('Left pedal', Hand::Left, Action::Tighten, Side::NonDrive), fastener: Fastener::Pedal,
            compound: Compound::Grease, after: ['crank-right', 'crank-left'],
        );
    }

    /** A chain that lies there already has no length to cut; one cog has no derailleur to set. */
    private static function chain(BuildPlan $plan): BuildStep
    {
        $lies = $plan->keepsChain() || $plan->mount->laysTheBikesChain();
        $change = $plan->chain->changeFromOld ?? 0;
        $isLong = $plan->chain->pieces() > 1;
        $old = match (true) {
            $change === 0 => 'No link in or out: joined again as it was.',
            $change > 0 => "{$change} links of the same chain go in".(
                $isLong ? ' at one of its joints, with one joining link more: the other pieces stay joined.' : '.'
            ),
            default => abs($change).' links come out'.($isLong ? ' at one of its joints: the other pieces stay joined.' : '.'),
        };
        $words = match (true) {
            ! $lies && $plan->circumstances->found->fitsOldChain($plan->chain) => $plan->hasOneCog ? BuildWords::OLD_CHAIN_ONE_COG : BuildWords::OLD_CHAIN,
            $lies => $plan->hasOneCog ? BuildWords::SLACK_SET : BuildWords::GEARS_SET,
            default => $plan->hasOneCog ? BuildWords::CHAIN_ONE_COG : BuildWords::CHAIN,
        };

        return BuildStep::worded(
            'chain', BuildStep::DRIVE, Wording::of($words, links: $plan->chain->links, change: $old),
            after: $lies ? ['crank-right'] : ['ring', 'ring-look'],
        );
    }

    /** @return list<BuildStep> what was found wanting, and is put right here */
    private static function mending(BuildPlan $plan): array
    {
        $mending = array_filter($plan->circumstances->found->mending, fn (Remedy $remedy) => $remedy !== Remedy::Declined);

        return array_map(fn (string $subject, Remedy $remedy) => BuildStep::worded(
            "mend-{$subject}", BuildStep::DRIVE, Wording::of(
                $remedy === Remedy::Replace ? BuildWords::REPLACED : BuildWords::MENDED, what: Subject::from($subject)->label(), look: Subject::from($subject)->look(),
            ), after: ['safe'],
        ), array_keys($mending), $mending);
    }

    /** @return list<BuildStep> bolts of what goes back on later, where plate or nut would be in the way of them then */
    public static function behind(BuildPlan $plan): array
    {
        $fitted = $plan->circumstances->found->fitted;

        return ! $fitted->hasGuard && ! $fitted->hasBucket ? [] : [
            BuildStep::worded('bolts-behind', BuildStep::GAP, Wording::of(BuildWords::BOLTS_BEHIND), after: ['dry-fit']),
        ];
    }

    /**
     * What came off and goes back on, once nothing behind it is left to do.
     *
     * @param  list<string>  $laid codes of the steps at which leads are tied down and joined
     * @return list<BuildStep>
     */
    public static function back(BuildPlan $plan, array $laid): array
    {
        $fitted = $plan->circumstances->found->fitted;
        $parts = [
            'guard-back' => [$fitted->hasGuard, BuildWords::GUARD_BACK, Fastener::Guard],
            'bucket-back' => [$fitted->hasBucket, BuildWords::BUCKET_BACK, Fastener::Bucket],
            'kickstand-back' => [$fitted->hasKickstand, BuildWords::KICKSTAND_BACK, Fastener::Kickstand],
        ];
        $steps = [];
        foreach ($parts as $code => [$was, $words, $fastener]) {
            if ($was) {
                $steps[] = BuildStep::worded(
                    $code, BuildStep::BACK, Wording::of($words), fastener: $fastener, after: ['ring-look', 'chain', 'pedals', ...$laid],
                );
            }
        }

        return $steps;
    }
}
