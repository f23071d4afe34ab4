<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;

use function array_slice;
use function count;
use function is_array;
use function is_string;

/** What goes on the bar, and how wide the display's clamp is. In mm. */
final readonly class CockpitWish implements Kept
{
    use ReadsKept;

    /** A bar has room for at most so many things. */
    public const MOST = 24;

    /** A display that the motor's papers do not name. */
    public const ANOTHER = 'another';

    /**
     * @param  list<Fixture>  $fixtures
     * @param  ?string  $display  as the motor's papers name it, or another; null while nobody has said which
     */
    public function __construct(
        public array $fixtures = [], public ?float $displayBore = null, public DisplaySite $displayAt = DisplaySite::Bar, public ?string $display = null,
    ) {}

    /** What is on most bars as they come in. */
    public static function usual(): self
    {
        $fixtures = [];
        foreach (BarSide::cases() as $side) {
            foreach ([FixtureKind::Grip, FixtureKind::BrakeLever] as $kind) {
                $fixtures[] = new Fixture($kind, $side, $kind->usualWidth());
            }
        }

        return new self([...$fixtures, new Fixture(FixtureKind::Shifter, BarSide::Right, FixtureKind::Shifter->usualWidth(), Make::Thumb)]);
    }

    /**
     * With one more, where such a thing mostly stands.
     *
     * @param  array<int, Fixture>  $fixtures  each side from the grip in
     * @return list<Fixture>
     */
    public static function put(array $fixtures, Fixture $one): array
    {
        $further = array_keys(array_filter($fixtures, fn (Fixture $other) => $other->side === $one->side && $other->kind->rank() > $one->kind->rank()));
        $at = $further === [] ? count($fixtures) : (int) array_search($further[0], array_keys($fixtures), true);

        return [...array_slice(array_values($fixtures), 0, $at), $one, ...array_slice(array_values($fixtures), $at)];
    }

    /**
     * With one past its neighbour on its side.
     *
     * @param  array<int, Fixture>  $fixtures  each side from the grip in
     * @return array<int, Fixture>
     */
    public static function moved(array $fixtures, int $which, bool $isInwards): array
    {
        $side = array_keys(array_filter($fixtures, fn (Fixture $one) => $one->side === ($fixtures[$which] ?? null)?->side));
        $neighbour = $side[(int) array_search($which, $side, true) + ($isInwards ? 1 : -1)] ?? -1;
        if (isset($fixtures[$which], $fixtures[$neighbour])) {
            [$fixtures[$which], $fixtures[$neighbour]] = [$fixtures[$neighbour], $fixtures[$which]];
        }

        return $fixtures;
    }

    public static function fromArray(array $kept): static
    {
        $fixtures = [];
        foreach (is_array($kept['fixtures'] ?? null) ? $kept['fixtures'] : [] as $one) {
            $one = is_array($one) ? $one : [];
            $kind = self::oneOf($one, 'kind', FixtureKind::class);
            $side = self::oneOf($one, 'side', BarSide::class);
            if ($kind !== null && $side !== null) {
                $fixtures[] = new Fixture(
                    $kind, $side, self::figure($one, 'width_mm') ?? $kind->usualWidth(),
                    self::oneOf($one, 'make', Make::class) ?? Make::Plain, ($one['is_new'] ?? false) === true,
                );
            }
        }

        if (($kept['in_order'] ?? false) !== true) {
            usort($fixtures, fn (Fixture $a, Fixture $b) => $a->kind->rank() <=> $b->kind->rank());
        }

        return new self(
            $fixtures, self::figure($kept, 'display_bore_mm'), self::oneOf($kept, 'display_at', DisplaySite::class) ?? DisplaySite::Bar,
            is_string($kept['display'] ?? null) ? $kept['display'] : null,
        );
    }

    public function toArray(): array
    {
        return self::said([
            'fixtures' => array_map(fn (Fixture $one) => [
                'kind' => $one->kind->value, 'side' => $one->side->value, 'width_mm' => $one->width,
                'make' => $one->make->value, 'is_new' => $one->isNew,
            ], $this->fixtures),
            'display_bore_mm' => $this->displayBore,
            'display_at' => $this->displayAt->value,
            'display' => $this->display,
            'in_order' => true,
        ]);
    }
}
