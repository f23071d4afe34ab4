<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Choosing\Hill\SteadySpeed;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Sums\Gearing\Gear;
use NeatSpindle\Core\Sums\Gearing\Gears;

use function count;

/**
 * A road ridden stretch by stretch, each at the steady speed its slope allows: the gear taken, the crank's
 * speed, what it costs the battery. Where no gear carries the load it is walked.
 *
 * Starts, stops, bends, weather and cold are not in it; nothing is won back downhill.
 */
final readonly class Ride
{
    /** What a motor makes of what its battery gives, on the whole and when it labours. */
    private const MOTOR = 0.80;

    private const MOTOR_LABOURING = 0.60;

    /** Walking beside a loaded bike, in m/s. */
    private const WALK = 1.1;

    /** The least at which a bike is ridden, not pushed, in m/s. */
    private const SLOWEST_RIDDEN = 1.2;

    /**
     * @param  list<Stretch>  $stretches
     */
    private function __construct(
        public Profile $profile,
        public Rider $rider,
        public array $stretches,
        public float $seconds,
    ) {}

    public static function of(Profile $profile, Motor $motor, Gears $gears, Rider $rider): self
    {
        $order = $gears->merged();
        $stretches = [];
        $from = 0.0;
        $seconds = 0.0;
        $used = 0.0;
        foreach ($profile->stretches() as [$length, $slope]) {
            $ridden = self::ridden($from, $length, $slope, $motor, $order, $rider, $used);
            $stretches[] = $ridden;
            $from += $length;
            $seconds += $length / $ridden->speed;
            $used = $ridden->usedWh;
        }

        return new self($profile, $rider, $stretches, $seconds);
    }

    /**
     * As it is kept: plain figures, a row for each stretch.
     *
     * @return list<array{float, float, float, float, ?int, float, float, ?string, float, bool}> in the order of a `Stretch`, its gear by its place among the merged ones
     */
    public function toArray(Gears $gears): array
    {
        $order = $gears->merged();
        $place = fn (?Gear $gear): ?int => $gear === null ? null : (int) array_search($gear, $order, true);

        return array_map(fn (Stretch $one) => [
            $one->from, $one->length, $one->slope, $one->speed, $place($one->gear), $one->crankRpm, $one->motorW, $one->pull?->value, $one->usedWh, $one->isWalked,
        ], $this->stretches);
    }

    /**
     * What was kept of a ride, with what it was ridden with.
     *
     * @param  list<array{float, float, float, float, ?int, float, float, ?string, float, bool}>  $kept as `toArray` gave it
     */
    public static function kept(Profile $profile, Gears $gears, Rider $rider, array $kept): self
    {
        $order = $gears->merged();
        $seconds = 0.0;
        $stretches = [];
        foreach ($kept as [$from, $length, $slope, $speed, $gear, $rpm, $motorW, $pull, $usedWh, $isWalked]) {
            $seconds += $length / $speed;
            $stretches[] = new Stretch(
                from: $from,
                length: $length,
                slope: $slope,
                speed: $speed,
                gear: $gear === null ? null : $order[$gear],
                crankRpm: $rpm,
                motorW: $motorW,
                pull: $pull === null ? null : Pull::from($pull),
                usedWh: $usedWh,
                isWalked: $isWalked,
            );
        }

        return new self($profile, $rider, $stretches, $seconds);
    }

    /** Out of the battery, in Wh. */
    public function usedWh(): float
    {
        return $this->stretches === [] ? 0.0 : $this->stretches[count($this->stretches) - 1]->usedWh;
    }

    public function leftWh(): float
    {
        return max(0.0, $this->rider->batteryWh - $this->usedWh());
    }

    /** Where the battery is empty, in m from the start; null when it lasts. */
    public function emptyAt(): ?float
    {
        foreach ($this->stretches as $stretch) {
            if ($stretch->usedWh > $this->rider->batteryWh) {
                return $stretch->from;
            }
        }

        return null;
    }

    /** How far the battery would take this load on roads like this one, in m; null when it uses nothing. */
    public function range(): ?float
    {
        return $this->usedWh() <= 0.0 ? null : $this->profile->length * $this->rider->batteryWh / $this->usedWh();
    }

    public function walked(): float
    {
        return $this->lengthWhere(fn (Stretch $stretch) => $stretch->isWalked);
    }

    /** How far the motor labours, in m. */
    public function laboured(): float
    {
        return $this->lengthWhere(fn (Stretch $stretch) => $stretch->pull === Pull::Labours);
    }

    /** The longest it labours without a rest, in m. */
    public function longestLabour(): float
    {
        $longest = 0.0;
        $now = 0.0;
        foreach ($this->stretches as $stretch) {
            $now = $stretch->pull === Pull::Labours ? $now + $stretch->length : 0.0;
            $longest = max($longest, $now);
        }

        return $longest;
    }

    /** What the road alone asks for, up less down, with no wind and no losses, in J. */
    public static function workAgainstGravity(Profile $profile, Load $load): float
    {
        $work = 0.0;
        foreach ($profile->stretches() as [$length, $slope]) {
            $work += $load->mass * Load::GRAVITY * $slope * $length;
        }

        return $work;
    }

    /** @param  callable(Stretch): bool  $is */
    private function lengthWhere(callable $is): float
    {
        return array_sum(array_map(fn (Stretch $stretch) => $is($stretch) ? $stretch->length : 0.0, $this->stretches));
    }

    /** @param  non-empty-list<Gear>  $gears in order */
    private static function ridden(float $from, float $length, float $slope, Motor $motor, array $gears, Rider $rider, float $used): Stretch
    {
        $speed = self::speed($slope, $motor, $rider);
        if ($speed < self::SLOWEST_RIDDEN) {
            return self::walkedStretch($from, $length, $slope, $used);
        }
        $force = $rider->load->resistance($speed, $slope);
        if ($force <= 0.0) {
            return new Stretch(
                from: $from,
                length: $length,
                slope: $slope,
                speed: $speed,
                gear: null,
                crankRpm: 0.0,
                motorW: 0.0,
                pull: null,
                usedWh: $used,
                isWalked: false,
            );
        }
        [$gear, $pull] = self::gear($speed, $force, $motor, $gears, $rider->load);
        if ($pull === Pull::Stalls) {
            return self::walkedStretch($from, $length, $slope, $used);
        }
        $isHelped = $rider->cutOff === null || $speed <= $rider->cutOff + 1e-6;
        $motorW = $isHelped && $pull !== Pull::SpinsOut
            ? max(0.0, min($rider->assist * $motor->continuousW, $force * $speed / Climb::DRIVE - $rider->load->riderW))
            : 0.0;
        $efficiency = $pull === Pull::Labours ? self::MOTOR_LABOURING : self::MOTOR;

        return new Stretch(
            from: $from,
            length: $length,
            slope: $slope,
            speed: $speed,
            gear: $gear,
            crankRpm: $gear->crankRpm($speed),
            motorW: $motorW,
            pull: $pull,
            usedWh: $used + $motorW / $efficiency * $length / $speed / 3600,
            isWalked: false,
        );
    }

    private static function walkedStretch(float $from, float $length, float $slope, float $used): Stretch
    {
        return new Stretch(
            from: $from,
            length: $length,
            slope: $slope,
            speed: self::WALK,
            gear: null,
            crankRpm: 0.0,
            motorW: 0.0,
            pull: Pull::Stalls,
            usedWh: $used,
            isWalked: true,
        );
    }

    /** The steady speed with motor and rider; past the cut-off the rider is alone, and downhill nobody rides faster than they like. */
    private static function speed(float $slope, Motor $motor, Rider $rider): float
    {
        $together = SteadySpeed::of(Climb::DRIVE * ($rider->load->riderW + $rider->assist * $motor->continuousW), $slope, $rider->load);
        if ($rider->cutOff !== null && $together > $rider->cutOff) {
            $together = max($rider->cutOff, SteadySpeed::of(Climb::DRIVE * $rider->load->riderW, $slope, $rider->load));
        }

        return min($together, $rider->fastest);
    }

    /**
     * The gear nearest to the motor's rated crank speed among those that pull, else among those that labour.
     *
     * @param  non-empty-list<Gear>  $gears
     * @return array{Gear, Pull}
     */
    private static function gear(float $speed, float $force, Motor $motor, array $gears, Load $load): array
    {
        $best = [$gears[0], Pull::Stalls];
        [$rank, $distance] = [Pull::Stalls->rank() + 1, INF];
        $torque = $force / (2 * M_PI * Climb::DRIVE);
        foreach ($gears as $gear) {
            $rpm = $gear->crankRpm($speed);
            $pull = Pull::of($torque * $gear->development, $rpm, $motor, $load->riderTorque);
            [$ranks, $off] = [$pull->rank(), abs($rpm - $motor->ratedCrankRpm)];
            if ($ranks < $rank || ($ranks === $rank && $off < $distance)) {
                [$best, $rank, $distance] = [[$gear, $pull], $ranks, $off];
            }
        }

        return $best;
    }
}
