<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Shell\Identification;

/** The order of taking off what is fitted. */
final readonly class StripPlan
{
    /** What to try on a stuck part, in this order, each with its wait; after the last, more force is no answer. */
    public const LADDER = [
        'Check the direction once more, against the picture.',
        'Clean the thread; penetrating oil; wait 20 minutes.',
        'Hold the tool captive with the crank bolt or a clamp; longer lever, wheels on the floor, not in the stand.',
        'Shock instead of more bend: a few sharp taps on the lever.',
        'Heat, on metal frames only, away from paint, seals and cells; let it soak 5 minutes.',
        'Stop. Take it to someone with a vice, a slotted cutter or a welder. Write down what was tried.',
    ];

    /** @param  list<StripStep>  $steps */
    private function __construct(public Fitted $fitted, public array $steps) {}

    /** @param  ?Identification  $shell  what the shell is known to be; the drive cup's direction follows from it */
    public static function for(Fitted $fitted, ?Identification $shell): self
    {
        return new self($fitted, [
            StripStep::worded('power', Wording::of(StripWords::POWER)),
            ...self::outOfTheWay($fitted),
            ...CrankSteps::pedals(),
            self::chain($fitted),
            ...self::frontMech($fitted),
            ...CrankSteps::for($fitted->crank),
            ...($fitted->crank === CrankKind::OnePiece ? BracketSteps::pressedCups() : BracketSteps::for($fitted->bracket, $shell)),
            StripStep::worded('look-inside', Wording::of(StripWords::LOOK_INSIDE)),
        ]);
    }

    public function step(string $code): ?StripStep
    {
        foreach ($this->steps as $step) {
            if ($step->code === $code) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<StripStep> */
    private static function outOfTheWay(Fitted $fitted): array
    {
        return [
            ...($fitted->hasKickstand ? [StripStep::worded('kickstand', Wording::of(StripWords::KICKSTAND))] : []),
            ...($fitted->hasGuard ? [StripStep::worded('guard', Wording::of(StripWords::GUARD))] : []),
        ];
    }

    private static function chain(Fitted $fitted): StripStep
    {
        return $fitted->keepsChain
            ? StripStep::worded('chain', Wording::of(StripWords::CHAIN_KEPT))
            : StripStep::worded('chain', Wording::of(StripWords::CHAIN_OFF));
    }

    /** @return list<StripStep> */
    private static function frontMech(Fitted $fitted): array
    {
        return ! $fitted->hasFrontMech ? [] : [
            StripStep::worded('front-mech', Wording::of(StripWords::FRONT_MECH)),
        ];
    }
}
