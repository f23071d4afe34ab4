<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Parts\Fastening\Fastener;

use function in_array;

/**
 * Something a job still goes without: what needs it waits, and so does the bike. It is cured, or an owner answers for it
 * by name.
 */
final readonly class Lack
{
    /** What is tightened far from the motor, whatever is open there. */
    public const APART = [Fastener::BatteryRail, Fastener::Display];

    /**
     * @param  string  $code  by which it is told from others of the job
     * @param  string  $says  what is wanting, in words
     * @param  list<string>  $steps  codes of the steps that wait for it
     * @param  ?int  $run  number of the run whose steps wait for it; null where none do
     */
    private function __construct(
        public LackKind $kind, public string $code, public string $says,
        private array $steps, private bool $holdsTorque = false, private ?int $run = null,
    ) {}

    /** @param  list<string>  $steps  codes of the steps that need it; none where only the bike's leaving does */
    public static function at(LackKind $kind, string $which, string $says, array $steps = []): self
    {
        return new self($kind, $which === '' ? $kind->value : "{$kind->value}-{$which}", $says, $steps);
    }

    /** Nothing of motor or drive is made fast while it is so. */
    public static function beforeTorque(LackKind $kind, string $which, string $says): self
    {
        return new self($kind, "{$kind->value}-{$which}", $says, [], true);
    }

    /** All that is laid or joined of a run waits for it. */
    public static function atRun(int $run, string $says): self
    {
        return new self(LackKind::Lead, LackKind::Lead->value."-{$run}", $says, [], run: $run);
    }

    /** Whether a step waits for it. */
    public function holds(BuildStep $step): bool
    {
        return in_array($step->code, $this->steps, true) || ($this->run !== null && in_array($this->run, $step->runs, true))
            || ($this->holdsTorque && self::isOnTheMotor($step));
    }

    /** By which it is known again: who answers for it has answered for this, and for nothing that comes later. */
    public function mark(): string
    {
        return hash('xxh128', $this->says);
    }

    /** Whether something of motor or drive is made fast with a step. */
    public static function isOnTheMotor(BuildStep $step): bool
    {
        return $step->fastener !== null && ! in_array($step->fastener, self::APART, true);
    }
}
