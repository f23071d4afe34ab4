<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;

use function in_array;

/** Whether pulling a brake cuts the motor: what was decided for each lever, and who has answered for one that was left off. */
final readonly class BrakeCut
{
    /**
     * @param  array<string, BrakeSensing>  $decided by the side's code; a side nobody decided about is absent
     * @param  list<string>  $allowed codes of sides an owner has decided may be left off
     * @param  bool  $hasThrottle whether the motor can be told to pull without pedalling
     */
    public function __construct(private array $decided, private array $allowed, private bool $hasThrottle) {}

    public function of(BarSide $side): ?BrakeSensing
    {
        return $this->decided[$side->value] ?? null;
    }

    /** Whether an owner has to decide about this side before anything is built. */
    public function waitsForTheOwner(BarSide $side): bool
    {
        return $this->hasThrottle && $this->of($side) === BrakeSensing::LeftOff && ! in_array($side->value, $this->allowed, true);
    }

    /** With a throttle, a lever without a sensor is a stop until an owner decides; in words, null when nothing stops. */
    public function stop(): ?string
    {
        $sides = array_filter(BarSide::cases(), $this->waitsForTheOwner(...));

        return $sides === [] ? null : 'With a throttle, the brake sensor left off on the '
            .implode(' and the ', array_map(fn (BarSide $side) => $side->value, $sides)).' is the owner’s to decide.';
    }

    /** @return list<BarSide> sides nobody has decided about */
    public function open(): array
    {
        return array_values(array_filter(BarSide::cases(), fn (BarSide $side) => $this->of($side) === null));
    }
}
