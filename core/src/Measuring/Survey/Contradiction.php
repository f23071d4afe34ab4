<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Ground\Measure\Tolerance;

use function abs;
use function array_search;

/** Two readings that cannot both be right, or hardly. In mm. */
final readonly class Contradiction
{
    /** So much further out or in a stay hardly goes from one radius to the next. */
    private const STAY_STEP = 22.0;

    private function __construct(public Spot $other, private string $because) {}

    /**
     * What a reading contradicts; null where it goes with all that is known.
     *
     * @param  array<string, float>  $known by the spot's code
     * @param  BikeKind  $kind where the crank may lie ahead of the wheels, or between them
     */
    public static function of(Spot $spot, float $mm, array $known, BikeKind $kind = BikeKind::Diamond): ?self
    {
        foreach ([...($kind->standsByItself() ? [] : self::ofTheWheels($known)), ...self::rules($known)] as [$one, $other, $isWrong, $because]) {
            if ($one === $spot && isset($known[$other->value]) && $isWrong($mm)) {
                return new self($other, $because);
            }
        }

        return self::ofTheStay($spot, $mm, $known);
    }

    /**
     * Where the crank stands between the wheels.
     *
     * @param  array<string, float>  $known
     * @return list<array{Spot, Spot, callable(float): bool, string}>
     */
    private static function ofTheWheels(array $known): array
    {
        $is = fn (Spot $spot): float => $known[$spot->value] ?? 0.0;

        return [
            [Spot::ChainstayLength, Spot::Wheelbase, fn (float $mm) => Tolerance::atLeast($mm, $is(Spot::Wheelbase)), 'a chainstay is shorter than the wheelbase'],
            [Spot::Wheelbase, Spot::ChainstayLength, fn (float $mm) => Tolerance::atMost($mm, $is(Spot::ChainstayLength)), 'a wheelbase is longer than its chainstay'],
        ];
    }

    /**
     * @param  array<string, float>  $known
     * @return list<array{Spot, Spot, callable(float): bool, string}> a reading, the other one, when both cannot be right, and why
     */
    private static function rules(array $known): array
    {
        $is = fn (Spot $spot): float => $known[$spot->value] ?? 0.0;

        return [
            [Spot::CogInset, Spot::OverLocknuts, fn (float $mm) => Tolerance::atLeast($mm, $is(Spot::OverLocknuts) / 2), 'the smallest cog would stand left of the middle'],
            [Spot::OverLocknuts, Spot::CogInset, fn (float $mm) => Tolerance::atMost($mm / 2, $is(Spot::CogInset)), 'the smallest cog would stand left of the middle'],
            [Spot::ChainPath, Spot::ChainstayLength, fn (float $mm) => Tolerance::below($mm, $is(Spot::ChainstayLength)), 'a chain is no shorter than its straight run'],
        ];
    }

    public function words(): string
    {
        return "It does not go with “{$this->other->label()}”: {$this->because}.";
    }

    /**
     * A stay runs on from one radius to the next.
     *
     * @param  array<string, float>  $known
     */
    private static function ofTheStay(Spot $spot, float $mm, array $known): ?self
    {
        $at = array_search($spot, SurveyPlan::STAY, true);
        foreach ($at === false ? [] : [$at - 1, $at + 1] as $beside) {
            $other = SurveyPlan::STAY[$beside] ?? null;
            if ($other !== null && isset($known[$other->value]) && abs($mm - $known[$other->value]) > self::STAY_STEP) {
                return new self($other, 'a stay hardly goes so far from one radius to the next');
            }
        }

        return null;
    }
}
