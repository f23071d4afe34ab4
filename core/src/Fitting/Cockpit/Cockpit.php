<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function in_array;

/** The whole bar: both its sides, and the display's clamp. */
final readonly class Cockpit
{
    /**
     * @param  list<Fixture>  $fixtures
     * @param  ?DisplayClamp  $display null while bore or bar is not measured
     */
    private function __construct(public array $fixtures, public BarHalf $left, public BarHalf $right, public ?DisplayClamp $display) {}

    /**
     * @param  list<Fixture>  $fixtures
     * @param  ?Measurement  $bar its diameter where the display goes
     * @param  ?float  $bore of the display's clamp
     */
    public static function of(array $fixtures, ?Measurement $left, ?Measurement $right, ?Measurement $bar, ?float $bore): self
    {
        return new self(
            $fixtures, BarHalf::of(BarSide::Left, $fixtures, $left), BarHalf::of(BarSide::Right, $fixtures, $right),
            $bar === null || $bore === null ? null : new DisplayClamp($bore, $bar->value),
        );
    }

    /** @return list<BarHalf> */
    public function halves(): array
    {
        return [$this->left, $this->right];
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
            $objections[] = $half->clash() ?? '';
        }
        $objections[] = $this->display?->verdict() === Verdict::Fails ? "Display: {$this->display->says()}" : '';

        return array_values(array_filter($objections));
    }
}
