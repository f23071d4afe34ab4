<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Brake;

use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Sums\Margin\Verdict;

/**
 * A bike's brakes before and after the motor: an estimate to talk about, never a promise. What is assumed stands in
 * `assumptions` and is shown beside it; the limits are ours.
 */
final readonly class BrakeEstimate
{
    /** A rider alone, in m/s. */
    public const WITHOUT_MOTOR = 20.0 / 3.6;

    /** Motor, its plate, cranks and leads, in kg. */
    public const MOTOR_KG = 4.5;

    /** What a pack holds for each kg of it. */
    public const WH_PER_KG = 170.0;

    /** Slower than that, in m/s², brakes are weak for what they have to stop. */
    private const WEAK = ['dry' => 3.4, 'wet' => 2.0];

    /** From this share of what a brake bears on, it is hot. */
    private const HOT = 0.7;

    /** @param  Braking  $lighter without the motor, at the speed with it: a hill is ridden down as fast with it as without */
    private function __construct(public Braking $before, public Braking $after, private Braking $lighter, private float $gradePercent) {}

    /**
     * @param  Load  $load with motor and pack
     * @param  float  $speed to which the motor helps, in m/s
     * @param  float  $batteryWh what the pack holds
     * @param  float  $gradePercent of the hill that is ridden down
     */
    public static function of(
        WheelBrake $front, WheelBrake $rear, BikeKind $kind, Load $load, float $speed, float $batteryWh, float $gradePercent,
    ): self {
        $lighter = new Load(
            max(1.0, $load->mass - self::MOTOR_KG - $batteryWh / self::WH_PER_KG), rolling: $load->rolling, dragArea: $load->dragArea,
        );

        return new self(
            new Braking($front, $rear, $kind, $lighter, min(self::WITHOUT_MOTOR, $speed)),
            new Braking($front, $rear, $kind, new Load($load->mass, rolling: $load->rolling, dragArea: $load->dragArea), $speed),
            new Braking($front, $rear, $kind, $lighter, $speed), $gradePercent,
        );
    }

    /** How well it stops with the motor. */
    public function stops(Weather $weather): Verdict
    {
        $slowing = $this->after->slowing($weather);
        $weak = self::WEAK[$weather->value];

        return match (true) {
            $slowing < $weak => Verdict::Fails,
            $slowing < 1.25 * $weak => Verdict::Tight,
            default => Verdict::Clear,
        };
    }

    /** How the hotter brake bears the way down the hill. */
    public function heat(): Verdict
    {
        return self::heatOf($this->after->hottest($this->gradePercent / 100));
    }

    /** @return array{?float, ?float} how much warmer than the air the brake that bears it worst stays on the way down, before and after, in K */
    public function warmer(): array
    {
        return [$this->lighter->hottest($this->gradePercent / 100)[1] ?? null, $this->after->hottest($this->gradePercent / 100)[1] ?? null];
    }

    public function verdict(): Verdict
    {
        return Verdict::worst($this->stops(Weather::Dry), $this->stops(Weather::Wet), $this->heat());
    }

    /** What speaks against these brakes with that load, in words; null where nothing does. */
    public function objection(): ?string
    {
        $told = [];
        foreach (Weather::cases() as $weather) {
            $distance = $this->after->distance($weather);
            if ($this->stops($weather) === Verdict::Fails) {
                $told[] = $distance === null ? 'nothing slows it' : sprintf(
                    '%.0f m to stand from %.0f km/h, %s', $distance, $this->after->speed * 3.6, $weather->value,
                );
            }
        }
        $hottest = $this->after->hottest($this->gradePercent / 100);
        if ($this->heat() === Verdict::Fails && $hottest !== null) {
            $told[] = sprintf(
                '%.0f K warmer than the air down a hill of %s %%, and about %.0f is where one stops counting on it',
                $hottest[1],
                $this->gradePercent + 0,
                $hottest[0]->mostWarmer(),
            );
        }

        return $told === [] ? null : 'Estimated: '.implode('; ', array_unique($told)).'.';
    }

    /** @return list<string> what the figures stand on */
    public function assumptions(): array
    {
        return [
            'Brakes in good order, pads bedded in, one firm pull of each hand: forces usual for their kind, ours.',
            sprintf('%.1f s from seeing to braking. A tyre holds %.0f %% of its weight dry, %.0f %% wet; a short bike lifts its rear wheel at 0.6 of gravity.',
                Braking::REACTION_S, 100 * Weather::Dry->grip(), 100 * Weather::Wet->grip()),
            sprintf('Before: %.0f km/h and as much lighter as motor (%.1f kg) and battery (1 kg for %.0f Wh) weigh.',
                $this->before->speed * 3.6, self::MOTOR_KG, self::WH_PER_KG),
            sprintf('Heat: %s %% downhill on the brakes all the way at %.0f km/h, with and without the motor, until what comes in goes out with the wind.',
                $this->gradePercent + 0, $this->after->speed * 3.6),
            'Nobody has tried these brakes for this: the ride on Prove does.',
        ];
    }

    /** @param  array{WheelBrake, float}|null  $hottest */
    private static function heatOf(?array $hottest): Verdict
    {
        $share = $hottest === null ? 0.0 : $hottest[1] / $hottest[0]->mostWarmer();

        return match (true) {
            $share > 1.0 => Verdict::Fails,
            $share > self::HOT => Verdict::Tight,
            default => Verdict::Clear,
        };
    }
}
