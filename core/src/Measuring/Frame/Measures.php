<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

/** What a frame is drawn from: its measures, and for what is not measured yet what is typical of the kind. In mm. */
final readonly class Measures
{
    /**
     * @param  array<string, float>  $measured  by the spot's code
     * @param  array<string, float>  $typical
     */
    public function __construct(private array $measured, private array $typical) {}

    public function of(string $spot): float
    {
        return $this->measured[$spot] ?? $this->typical[$spot] ?? 0.0;
    }

    public function isMeasured(string $spot): bool
    {
        return isset($this->measured[$spot]);
    }

    public function rearRadius(): float
    {
        return $this->of('wheel') / (2 * M_PI);
    }

    /** The front wheel is as large as the rear one unless it is measured, or typically is not. */
    public function frontRadius(): float
    {
        $front = $this->of('front_wheel');

        return ($front > 0.0 ? $front : $this->of('wheel')) / (2 * M_PI);
    }
}
