<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;

use function is_array;

/** What goes on the bar, and how wide the display's clamp is. In mm. */
final readonly class CockpitWish implements Kept
{
    use ReadsKept;

    /** A bar has room for at most so many things. */
    public const MOST = 24;

    /** @param  list<Fixture>  $fixtures */
    public function __construct(public array $fixtures = [], public ?float $displayBore = null) {}

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

        return new self($fixtures, self::figure($kept, 'display_bore_mm'));
    }

    public function toArray(): array
    {
        return self::said([
            'fixtures' => array_map(fn (Fixture $one) => [
                'kind' => $one->kind->value, 'side' => $one->side->value, 'width_mm' => $one->width,
                'make' => $one->make->value, 'is_new' => $one->isNew,
            ], $this->fixtures),
            'display_bore_mm' => $this->displayBore,
        ]);
    }
}
