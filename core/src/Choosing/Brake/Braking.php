<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Brake;

use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Donor\Bike\BikeKind;

use function in_array;

/** Both brakes of a bike with a load at a speed. In m, m/s, m/s², K. */
final readonly class Braking
{
    /** From seeing to braking with all one has, in s. */
    public const REACTION_S = 0.8;

    /** Where a short bike would rather go over its front wheel, as a share of gravity. */
    private const TIPS_AT = 0.6;

    /** What of the weight is on the front wheel of a short bike while it brakes; a long or low one keeps more behind. */
    private const ON_THE_FRONT = 0.75;

    private const ON_THE_FRONT_LONG = 0.6;

    private const LONG = [BikeKind::LongTail, BikeKind::BoxCargo];

    public function __construct(
        private WheelBrake $front, private WheelBrake $rear, private BikeKind $kind, private Load $load, public float $speed,
    ) {}

    /** How fast it slows down, as hard as brakes, tyres and balance let it. */
    public function slowing(Weather $weather): float
    {
        $weight = $this->load->mass * Load::GRAVITY;
        $front = min($this->front->force($weather), $weather->grip() * $this->onTheFront() * $weight);
        $rear = min($this->rear->force($weather), $weather->grip() * (1 - $this->onTheFront()) * $weight);
        $most = $this->isShort() ? min(self::TIPS_AT, $weather->grip()) : $weather->grip();

        return min(($front + $rear) / $this->load->mass, $most * Load::GRAVITY);
    }

    /** From seeing to standing, in m; null where nothing slows it. */
    public function distance(Weather $weather): ?float
    {
        $slowing = $this->slowing($weather);

        return $slowing > 0.0 ? $this->speed * self::REACTION_S + $this->speed ** 2 / (2 * $slowing) : null;
    }

    /** How much warmer the hotter of both brakes gets in one hard stop, in K. */
    public function warmerBy(): float
    {
        $joule = $this->load->mass * $this->speed ** 2 / 2;

        return max(array_map(fn (array $one) => $one[0]->warmerBy($one[1] * $joule), $this->shares()) ?: [0.0]);
    }

    /**
     * The brake that comes nearest to what it bears on a long way down, ridden at this speed on the brakes all the time, and how much warmer
     * than the air it then stays.
     *
     * @param  float  $slope rise over run, positive
     * @return array{WheelBrake, float}|null null where nothing brakes
     */
    public function hottest(float $slope): ?array
    {
        $watt = max(0.0, -$this->load->resistance($this->speed, -$slope) * $this->speed);
        $hottest = null;
        foreach ($this->shares() as [$brake, $share]) {
            $warmer = $brake->steadyAt($share * $watt, $this->speed);
            if ($hottest === null || $warmer / $brake->mostWarmer() > $hottest[1] / $hottest[0]->mostWarmer()) {
                $hottest = [$brake, $warmer];
            }
        }

        return $hottest;
    }

    /** @return list<array{WheelBrake, float}> each brake there is, with its share of the work: by how hard it holds on a dry road */
    private function shares(): array
    {
        $all = $this->front->force(Weather::Dry) + $this->rear->force(Weather::Dry);
        $braking = array_filter([$this->front, $this->rear], fn (WheelBrake $brake) => $brake->force(Weather::Dry) > 0.0);

        return array_values(array_map(fn (WheelBrake $brake) => [$brake, $brake->force(Weather::Dry) / $all], $braking));
    }

    private function isShort(): bool
    {
        return ! $this->kind->standsByItself() && ! in_array($this->kind, self::LONG, true);
    }

    private function onTheFront(): float
    {
        return $this->isShort() ? self::ON_THE_FRONT : self::ON_THE_FRONT_LONG;
    }
}
