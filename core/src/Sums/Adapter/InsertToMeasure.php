<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Adapter;

use NeatSpindle\Core\Donor\Shell\Shell;

/** What a pair of flanged bushes must be that makes a plain or odd shell take a sleeve motor. In mm. */
final readonly class InsertToMeasure
{
    /** What the sleeve needs around it: twice the least bore clearance. */
    private const SLEEVE_CLEARANCE = 0.2;

    /** How much larger than the bore a pressed bush is turned. */
    public const PRESS = 0.03;

    private const FLANGE_RIM = 3.0;

    private const LEAST_FLANGE = 1.2;

    private const LEAST_WALL = 1.5;

    /** A bush is no longer than this, nor than lets two of them meet. */
    private const LONGEST = 26.0;

    private const APART = 2.0;

    private function __construct(
        public float $outer,
        public float $inner,
        public float $length,
        public float $flange,
        public float $flangeOuter,
        public float $boreDoubt,
    ) {}

    /**
     * Null while the bore is not measured, or when no wall would be left between sleeve and bore.
     *
     * @param  float  $sleeve outer diameter of what passes through
     * @param  float  $wants the width the motor was made for
     */
    public static function for(Shell $shell, float $sleeve, float $wants): ?self
    {
        if ($shell->bore === null) {
            return null;
        }
        $outer = $shell->bore->value + self::PRESS;
        $inner = $sleeve + self::SLEEVE_CLEARANCE;
        $lacking = max(0.0, $wants - $shell->width->value);

        return ($outer - $inner) / 2 < self::LEAST_WALL ? null : new self(
            $outer,
            $inner,
            min(self::LONGEST, $shell->width->value / 2 - self::APART),
            max(self::LEAST_FLANGE, $lacking / 2),
            $outer + 2 * self::FLANGE_RIM,
            $shell->bore->plusMinus,
        );
    }

    public function wall(): float
    {
        return ($this->outer - $this->inner) / 2;
    }
}
