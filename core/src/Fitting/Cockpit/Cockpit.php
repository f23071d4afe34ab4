<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function in_array;

/** The whole bar: both its sides, and the display's clamp. */
final readonly class Cockpit
{
    /** From a bar's end to its middle, in mm. Ours: a wide one, so that no lead is too short for it. */
    private const HALF_A_BAR = 380.0;

    /** Where what nobody has named sits, in mm. Ours. */
    private const USUALLY_FROM_THE_END = 160.0;

    /**
     * @param  list<Fixture>  $fixtures
     * @param  ?DisplayClamp  $display null while bore or bar is not measured
     */
    private function __construct(
        public array $fixtures, public BarHalf $left, public BarHalf $right, public ?DisplayClamp $display, public DisplaySite $displayAt,
    ) {}

    /**
     * @param  list<Fixture>  $fixtures
     * @param  ?Measurement  $bar its diameter where the display goes
     * @param  ?float  $bore of the display's clamp
     */
    public static function of(
        array $fixtures, ?Measurement $left, ?Measurement $right, ?Measurement $bar, ?float $bore, DisplaySite $displayAt = DisplaySite::Bar,
    ): self {
        return new self(
            $fixtures, BarHalf::of(BarSide::Left, $fixtures, $left), BarHalf::of(BarSide::Right, $fixtures, $right),
            $bar === null || $bore === null || $displayAt !== DisplaySite::Bar ? null : new DisplayClamp($bore, $bar->value), $displayAt,
        );
    }

    public function half(BarSide $side): BarHalf
    {
        return $side === BarSide::Left ? $this->left : $this->right;
    }

    /** @return list<BarHalf> */
    public function halves(): array
    {
        return [$this->left, $this->right];
    }

    /**
     * How far along the bar a lead has to go from a thing on it to the joints in its middle, in mm, by the name of the place.
     *
     * @return array<string, float>
     */
    public function reaches(): array
    {
        $usual = array_fill_keys(Run::ON_THE_BAR, self::HALF_A_BAR - self::USUALLY_FROM_THE_END);
        $known = array_map(fn (float $offset) => max(0.0, self::HALF_A_BAR - $offset), [...$this->left->offsets(), ...$this->right->offsets()]);

        return [...$usual, ...$known];
    }

    public function has(FixtureKind $kind): bool
    {
        return in_array($kind, array_map(fn (Fixture $fixture) => $fixture->kind, $this->fixtures), true);
    }

    /** How the brake lever of a side is made; null where none is named. */
    public function lever(BarSide $side): ?Make
    {
        foreach ($this->fixtures as $fixture) {
            if ($fixture->kind === FixtureKind::BrakeLever && $fixture->side === $side) {
                return $fixture->make;
            }
        }

        return null;
    }

    /** @return list<string> what does not go, in words; empty while nothing is known to be wrong */
    public function objections(): array
    {
        $objections = [];
        foreach ($this->halves() as $half) {
            $left = $half->left();
            if ($left !== null && Verdict::ofSlack($left, 0.0) === Verdict::Fails) {
                $objections[] = sprintf(
                    '%s: the bar is too full by %s mm.', $half->side->label(), rtrim(rtrim(sprintf('%.1f', -$left), '0'), '.'),
                );
            }
            array_push($objections, $half->clash() ?? '', $half->twice() ?? '');
        }
        $objections[] = $this->display?->verdict() === Verdict::Fails ? "Display: {$this->display->says()}" : '';

        return array_values(array_filter($objections));
    }
}
