<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Adapter\InsertToMeasure;

/** What is done before it is known that everything fits: inserts, cures, and the dry fit that finds out. */
final class DrySteps
{
    private const COVERED = 'The bare shell is measured first: Survey, Shell width. Over its cups it is only told.';

    private const NOT_OFF = 'What comes off is taken off first: chain, right crank, its pedal. Spindle and cups stay.';

    /** @return list<BuildStep> */
    public static function of(BuildPlan $plan): array
    {
        $before = [
            ...SwingSteps::before($plan),
            ...self::insert($plan),
            ...FittingSteps::cableOffForTheGuide($plan),
            ...self::guide($plan->circumstances->found, FittingSteps::cableOffForTheGuide($plan) !== []),
            ...self::cures($plan->circumstances->found->cures),
        ];

        return [
            BuildStep::worded('safe', BuildStep::DRY, Wording::of(BuildWords::SAFE)),
            ...FittingSteps::tryBeforeTheMotor($plan),
            ...$before,
            BuildStep::worded(
                'dry-fit', BuildStep::DRY,
                Wording::of(
                    BuildWords::DRY_FIT, firstSpacers: $plan->mount->firstSpacers(), caution: self::carbonCaution($plan), swing: SwingSteps::atTheDryFit($plan),
                ),
                after: ['safe', ...array_map(fn (BuildStep $step) => $step->code, $before)],
            )->heldWhile(...self::notYet($plan)),
        ];
    }

    /** @return array{?string, PutRight} why nothing is tried dry yet, and where that is put right */
    private static function notYet(BuildPlan $plan): array
    {
        $found = $plan->circumstances->found;

        return match (true) {
            $found->isBareMeasured => [SwingSteps::held($plan), PutRight::Measure],
            $plan->mount->keepsTheBracket() => [self::NOT_OFF, PutRight::Strip],
            default => [self::COVERED, PutRight::Measure],
        };
    }

    private static function carbonCaution(BuildPlan $plan): ?string
    {
        return $plan->material->bite() > 0.0
            ? null
            : 'Carbon: never drill it, never clamp or bite it with a toothed plate. The frame’s maker decides, not we.';
    }

    /** @return list<BuildStep> */
    private static function insert(BuildPlan $plan): array
    {
        $name = $plan->insert?->label();

        return $name === null ? [] : [
            BuildStep::worded('insert-clean', BuildStep::DRY, Wording::of(
                BuildWords::INSERT_CLEAN, insert: $name, press: sprintf('%.2f', InsertToMeasure::PRESS),
            ), after: ['safe']),
            BuildStep::worded(
                'insert-press', BuildStep::DRY, Wording::of(BuildWords::INSERT_PRESS, insert: $name, film: self::film($plan)),
                compound: $plan->circumstances->fastening->insertFilm, after: ['insert-clean'],
            ),
            BuildStep::worded(
                'insert-measure', BuildStep::DRY, Wording::of(BuildWords::INSERT_MEASURE, insert: $name), after: ['insert-press'],
            ),
        ];
    }

    /** What goes between insert and bore, as its paper has it; asked where that does not say. */
    private static function film(BuildPlan $plan): string
    {
        return match ($plan->circumstances->fastening->insertFilm) {
            Compound::None => 'Dry, as its paper says.',
            null => 'Greased, dry or with a retaining compound: its paper decides, and nobody has said; ask before it goes in.',
            default => 'As its paper says.',
        };
    }

    /**
     * With its cable out; what is left of it is measured afresh, for what was read before no longer counts.
     *
     * @param  bool  $isCableOff whether the gear's cable is off already
     * @return list<BuildStep>
     */
    private static function guide(Found $found, bool $isCableOff): array
    {
        $task = $found->guide->task();
        if ($task === null) {
            return [];
        }
        $cable = $isCableOff ? 'Its cable is off already, drawn out of it. ' : 'Its cable slack and out of it first. ';
        $guide = BuildStep::worded(
            'guide', BuildStep::DRY,
            Wording::of(
                BuildWords::GUIDE, label: $found->guide->label(), how: $cable.$task.(
                    $found->guide->parts() === null ? '' : " Parts: {$found->guide->parts()}."
                ),
            ),
            after: ['safe', ...($isCableOff ? ['gear-off'] : [])],
        );

        return $found->guide->leavesNothing() ? [$guide] : [
            $guide->voiding([Spot::GuideDepth]),
            BuildStep::worded('guide-measure', BuildStep::DRY, Wording::of(BuildWords::GUIDE_MEASURE), after: ['guide'])
                ->heldWhile($found->isGuideMeasured ? null : 'What is left of the guide is measured first: Survey, Guide under the shell.', PutRight::Measure),
        ];
    }

    /**
     * @param  list<Cure>  $cures
     * @return list<BuildStep>
     */
    private static function cures(array $cures): array
    {
        return array_map(fn (Cure $cure) => BuildStep::worded(
            $cure->code, BuildStep::DRY,
            Wording::of(BuildWords::CURE, title: $cure->title, how: $cure->how.($cure->parts === null ? '' : " Parts: {$cure->parts}.")),
            after: ['safe'],
        ), $cures);
    }
}
