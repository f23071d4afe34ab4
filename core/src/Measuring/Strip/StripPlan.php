<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\SheetLine;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Side;

use function array_slice;
use function in_array;

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
    public static function for(Fitted $fitted, ?Identification $shell, ?HouseRules $house = null): self
    {
        return new self($fitted, [
            StripStep::worded('power', Wording::of(StripWords::POWER)),
            ...self::outOfTheWay($fitted),
            ...self::thatComesOff($fitted, CrankSteps::pedals()),
            ...ChainSteps::for($fitted),
            ...($fitted->hasDustCaps ? self::thatComesOff($fitted, CrankSteps::dustCaps()) : []),
            ...self::thatComesOff($fitted, CrankSteps::for($fitted->crank)),
            ...($fitted->bracketStays() ? [StripStep::worded('look-at-what-stays', Wording::of(StripWords::LOOK_AT_WHAT_STAYS))] : [
                ...($fitted->crank === CrankKind::OnePiece ? BracketSteps::pressedCups() : BracketSteps::for(
                    $fitted, $shell, $house ?? HouseRules::default(),
                )),
                StripStep::worded('look-inside', Wording::of(StripWords::LOOK_INSIDE)),
            ]),
        ]);
    }

    /**
     * What is taken off so that a bracket can no longer be said to stay: itself, and what sits on its left end.
     *
     * @return list<string> codes of steps, however cranks and bracket are made
     */
    public static function sparedByABracketThatStays(): array
    {
        /** @var list<string>|null $known */
        static $known = null;
        $spared = [];
        foreach ($known === null ? CrankKind::cases() : [] as $crank) {
            foreach (BracketKind::cases() as $bracket) {
                [$whole, $sparing] = array_map(fn (bool $isKept) => array_column(
                    self::for(new Fitted($crank, $bracket, hasDustCaps: true, isBracketKept: $isKept), null)->steps, 'code',
                ), [false, true]);
                $spared = [...$spared, ...array_diff($whole, $sparing)];
            }
        }

        return $known ??= array_values(array_unique($spared));
    }

    /** @return list<string> every tool of the plan, once, in the order they are taken up */
    public function tools(): array
    {
        return array_values(array_unique(array_filter(array_map(fn (StripStep $step) => $step->tool, $this->steps))));
    }

    /**
     * What is done in one movement of the hands, the step itself first.
     *
     * @param  list<string>  $done codes
     * @return list<StripStep>
     */
    public function movement(StripStep $first, array $done): array
    {
        $movement = [];
        $at = (int) array_search($first, $this->steps, true);
        foreach (array_slice($this->steps, $at) as $step) {
            $before = end($movement);
            if ($before !== false && (in_array($step->code, $done, true) || ! $step->goesOnFrom($before))) {
                break;
            }
            $movement[] = $step;
        }

        return $movement;
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

    /** @return list<SheetLine> to be held against another way of going about it */
    public function lines(): array
    {
        return array_map(fn (StripStep $step) => new SheetLine($step->code, $step->title, ['how' => $step->how]), $this->steps);
    }

    /**
     * @param  list<StripStep>  $steps
     * @return list<StripStep> without those on the left where the bracket stays, and with it all that sits on that end
     */
    private static function thatComesOff(Fitted $fitted, array $steps): array
    {
        return array_values(
            array_filter($steps, fn (StripStep $step) => ! $fitted->bracketStays() || $step->turn?->side !== Side::NonDrive),
        );
    }

    /** @return list<StripStep> what stands before ring and shell; it goes back on, so its bolts are written down */
    private static function outOfTheWay(Fitted $fitted): array
    {
        $parts = ['bucket' => $fitted->hasBucket, 'kickstand' => $fitted->hasKickstand, 'guard' => $fitted->hasGuard];
        $words = ['bucket' => StripWords::BUCKET, 'kickstand' => StripWords::KICKSTAND, 'guard' => StripWords::GUARD];
        $steps = [];
        foreach (array_keys(array_filter($parts)) as $part) {
            $steps[] = StripStep::worded($part, Wording::of($words[$part]), notesBolts: true);
        }

        return $steps;
    }
}
