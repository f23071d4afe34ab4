<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_slice;
use function count;

/** One side of a bar against all that shall go on it. In mm. */
final readonly class BarHalf
{
    /** Between two things that are clamped side by side. Ours: so that neither has to bear on the other. */
    public const BETWEEN = 1.0;

    /**
     * @param  list<Fixture>  $fixtures from the grip in
     * @param  ?Measurement  $room from the bar's end to where it bends or grows thicker; null while that is not measured
     */
    private function __construct(public BarSide $side, public array $fixtures, public ?Measurement $room) {}

    /**
     * A throttle that is twisted is the grip's inner half, wherever it was put.
     *
     * @param  list<Fixture>  $fixtures of either side, each side from the grip in
     */
    public static function of(BarSide $side, array $fixtures, ?Measurement $room): self
    {
        $own = array_values(array_filter($fixtures, fn (Fixture $fixture) => $fixture->side === $side));
        $isTwisted = fn (Fixture $one): bool => $one->kind === FixtureKind::Throttle && $one->make === Make::Twist;
        $others = array_values(array_filter($own, fn (Fixture $one) => ! $isTwisted($one)));
        $atTheEnd = array_values(array_filter($own, $isTwisted));
        $grips = ($others[0] ?? null)?->kind === FixtureKind::Grip ? 1 : 0;

        return new self($side, [...array_slice($others, 0, $grips), ...$atTheEnd, ...array_slice($others, $grips)], $room);
    }

    /** How much of the bar they take together. */
    public function taken(): float
    {
        return array_sum(array_map(fn (Fixture $fixture) => $fixture->width, $this->fixtures)) + self::BETWEEN * max(0, count($this->fixtures) - 1);
    }

    /** @return array<string, float> how far each thing with a lead sits from the bar's end, in mm, by the name of its place */
    public function offsets(): array
    {
        [$offsets, $at] = [[], 0.0];
        foreach ($this->fixtures as $fixture) {
            $place = $fixture->place();
            $place === null ?: $offsets[$place] = $at + $fixture->width / 2;
            $at += $fixture->width + self::BETWEEN;
        }

        return $offsets;
    }

    /** What is left of the room; negative where it is too full, null while it is not measured. */
    public function left(): ?float
    {
        return $this->room === null ? null : $this->room->value - $this->taken();
    }

    /** Null while the room is not measured. */
    public function verdict(): ?Verdict
    {
        return $this->room === null ? null : Verdict::worst(
            Verdict::ofSlack((float) $this->left(), $this->room->plusMinus), $this->clash() === null ? Verdict::Clear : Verdict::Fails,
        );
    }

    /** A throttle may not stop a shifter's thumb: why the two do not go on one side, in words; null when they do. */
    public function clash(): ?string
    {
        $byThumb = fn (FixtureKind $kind): bool => array_filter(
            $this->fixtures, fn (Fixture $one) => $one->kind === $kind && $one->make === Make::Thumb,
        ) !== [];

        return $byThumb(FixtureKind::Throttle) && $byThumb(FixtureKind::Shifter)
            ? "{$this->side->label()}: throttle and shifter want the same thumb. The throttle goes to the other side, or one of them is of another make."
            : null;
    }

    /** @return list<Fixture> what comes off, in order: all that is on it outside the innermost thing still to be put on */
    public function comesOff(): array
    {
        return array_values(array_filter(array_map(fn (Fixture $fixture) => $fixture->isNew ? $fixture->replaces() : $fixture, $this->outerPart())));
    }

    /** The lever that is changed; null where the old one stays. */
    public function newLever(): ?Fixture
    {
        foreach ($this->fixtures as $fixture) {
            if ($fixture->kind === FixtureKind::BrakeLever && $fixture->isNew) {
                return $fixture;
            }
        }

        return null;
    }

    /** What stands there twice, though a bar has room for one, in words; null where nothing does. */
    public function twice(): ?string
    {
        foreach ([FixtureKind::Grip, FixtureKind::BrakeLever] as $kind) {
            if (count(array_filter($this->fixtures, fn (Fixture $one) => $one->kind === $kind)) > 1) {
                return "{$this->side->label()}: the ".lcfirst($kind->label()).' stands there twice. '
                    .'A new one takes the old one’s place: leave one off, and tick new at the other.';
            }
        }

        return null;
    }

    /** @return list<Fixture> what goes on then, in order: the innermost first, the grip last */
    public function goesOn(): array
    {
        return array_reverse($this->outerPart());
    }

    /** @return list<Fixture> from the grip to the innermost thing that is new; none where nothing is */
    private function outerPart(): array
    {
        $innermost = -1;
        foreach ($this->fixtures as $i => $fixture) {
            $innermost = $fixture->isNew ? $i : $innermost;
        }

        return array_slice($this->fixtures, 0, $innermost + 1);
    }
}
