<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function in_array;

/** One cable, hose or lead from one place to another. Lengths in mm. */
final readonly class Run
{
    /** Places of what sits on the bar and has a lead to the joints there. */
    public const ON_THE_BAR = ['lever-left', 'lever-right', 'throttle', 'keypad', 'display'];

    /** Places beside the battery's own from which a pack's lead may start; lamps are fed from the motor. */
    private const PACK_PLACES = ['rack', 'seat', 'keel', 'under-seat', 'boom-end', 'head'];

    /**
     * @param  list<string>  $avoid tags of stretches this run keeps off
     * @param  ?string  $via a place it was moved to pass; null where it takes the shortest way
     * @param  list<string>  $off places it was moved off
     */
    public function __construct(
        public string $name,
        public RunKind $kind,
        public string $from,
        public string $to,
        public float $supply,
        public string $connector,
        public array $avoid = [],
        public ?float $currentA = null,
        public ?float $areaMm2 = null,
        public ?string $via = null,
        public array $off = [],
    ) {}

    /** Whether it ends at the motor's plugs, and so goes in before the body closes the gap. */
    public function endsAtMotor(): bool
    {
        return $this->from === 'motor' || $this->to === 'motor';
    }

    /** Whether it is the one lead between motor and bar. */
    public function isMain(): bool
    {
        return $this->endsAtMotor() && ($this->from === Joint::Bar->value || $this->to === Joint::Bar->value);
    }

    /** Whether it goes along the bar to the joints of the main lead, and nowhere near the motor. */
    public function joinsOnTheBar(): bool
    {
        return in_array($this->from, self::ON_THE_BAR, true) && $this->to === Joint::Bar->value;
    }

    /** Whether it carries what the pack gives, wherever that sits; lamps have a voltage of their own, and go from the motor. */
    public function isFromPack(): bool
    {
        return $this->kind === RunKind::Power && ($this->from === 'battery' || $this->to === 'battery'
            || ($this->to === 'motor' && in_array($this->from, self::PACK_PLACES, true)));
    }

    /** Whether it carries power, and not the pack's: what the motor feeds is a lamp. */
    public function feedsALamp(): bool
    {
        return $this->kind === RunKind::Power && ! $this->isFromPack();
    }

    /** The same run as papers have it: where it joins the harness, how long it is, with which plug. */
    public function supplied(Joint $joint, float $length, string $connector): self
    {
        $joins = fn (string $place): string => ! $this->isMain() && Joint::tryFrom($place) !== null ? $joint->value : $place;

        return new self(
            name: $this->name,
            kind: $this->kind,
            from: $joins($this->from),
            to: $joins($this->to),
            supply: $length,
            connector: $connector,
            avoid: $this->avoid,
            currentA: $this->currentA,
            areaMm2: $this->areaMm2,
        );
    }

    /** The same run with another area of copper, in mm². */
    public function ofCopper(float $areaMm2): self
    {
        return new self(
            name: $this->name,
            kind: $this->kind,
            from: $this->from,
            to: $this->to,
            supply: $this->supply,
            connector: $this->connector,
            avoid: $this->avoid,
            currentA: $this->currentA,
            areaMm2: $areaMm2,
            via: $this->via,
            off: $this->off,
        );
    }

    /** Volts lost there and back over a length in mm: `2 L I 0.0175 / A`; null unless it is a power run with both figures. */
    public function voltageDrop(float $mm): ?float
    {
        return $this->kind !== RunKind::Power || $this->currentA === null || $this->areaMm2 === null
            ? null
            : 2 * ($mm / 1000) * $this->currentA * 0.0175 / $this->areaMm2;
    }
}
