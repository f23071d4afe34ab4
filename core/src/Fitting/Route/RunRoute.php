<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** A run with the way it takes and what it needs for it. Lengths in mm. */
final readonly class RunRoute
{
    /**
     * @param  list<string>|null  $path places from end to end; null when there is no way
     * @param  list<float>|null  $extensions leads to add, longest first
     */
    private function __construct(
        public Run $run,
        public RouteVerdict $verdict,
        public ?array $path,
        public ?float $needed,
        public ?array $extensions,
        public ?float $surplus,
        public ?float $voltageDrop,
    ) {}

    public static function none(Run $run): self
    {
        return new self($run, RouteVerdict::NoRoute, null, null, null, null, null);
    }

    /** @param  list<string>  $path */
    public static function tooShort(Run $run, array $path, float $needed): self
    {
        return new self($run, RouteVerdict::TooShort, $path, $needed, null, null, null);
    }

    /**
     * @param  list<string>  $path
     * @param  list<float>|null  $extensions null when the supplied lead reaches by itself
     */
    public static function reaching(Run $run, array $path, float $needed, ?array $extensions): self
    {
        $length = $run->supply + array_sum($extensions ?? []);

        return new self(
            $run,
            $extensions === null ? RouteVerdict::Reaches : RouteVerdict::NeedsExtension,
            $path,
            $needed,
            $extensions,
            $length - $needed,
            $run->voltageDrop($length),
        );
    }
}
