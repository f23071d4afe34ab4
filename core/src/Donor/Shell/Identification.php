<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Shell;

use function count;

/**
 * Which standards a shell may be, which the readings rule out and by what, and what to measure next.
 */
final readonly class Identification
{
    /**
     * @param  list<ShellStandard>  $candidates in the table's order
     * @param  array<string, non-empty-list<Evidence>>  $ruledOut by standard code, in the table's order
     */
    private function __construct(
        public Shell $shell,
        public array $candidates,
        public array $ruledOut,
        public ?ShellStandard $identified,
        public ?Evidence $next,
    ) {}

    public static function of(Shell $shell): self
    {
        $candidates = [];
        $ruledOut = [];
        $known = array_values(array_filter(Evidence::cases(), fn (Evidence $evidence) => $evidence->isKnownOf($shell)));
        foreach (ShellStandard::cases() as $standard) {
            $reasons = self::reasonsAgainst($standard, $shell, $known);
            if ($reasons === []) {
                $candidates[] = $standard;
            } else {
                $ruledOut[$standard->value] = $reasons;
            }
        }

        return new self(
            $shell,
            $candidates,
            $ruledOut,
            count($candidates) === 1 ? $candidates[0] : null,
            count($candidates) > 1 ? self::bestQuestion($candidates, $shell) : null,
        );
    }

    /** As it would be if the shell turned out to be this one of its candidates. */
    public function assuming(ShellStandard $standard): self
    {
        return new self($this->shell, [$standard], $this->ruledOut, $standard, null);
    }

    /** The nominal width of the identified standard nearest to the measured one, in mm. */
    public function nominalWidth(): int|float|null
    {
        return $this->identified?->nearestWidth($this->shell->width->value);
    }

    /**
     * When nothing is left: the readings of which any single one, dropped, would leave an answer, with what
     * it would leave.
     *
     * @return array<string, non-empty-list<ShellStandard>> by the evidence's value, in its order
     */
    public function leftWithout(): array
    {
        if ($this->candidates !== []) {
            return [];
        }
        $left = [];
        foreach (Evidence::cases() as $evidence) {
            foreach (ShellStandard::cases() as $standard) {
                if ($this->ruledOut[$standard->value] === [$evidence]) {
                    $left[$evidence->value][] = $standard;
                }
            }
        }

        return $left;
    }

    /**
     * @param  list<Evidence>  $known
     * @return list<Evidence>
     */
    private static function reasonsAgainst(ShellStandard $standard, Shell $shell, array $known): array
    {
        $reasons = [];
        foreach ($known as $evidence) {
            if ($evidence->rulesOut($standard, $shell)) {
                $reasons[] = $evidence;
            }
        }

        return $reasons;
    }

    /** @param  list<ShellStandard>  $candidates */
    private static function bestQuestion(array $candidates, Shell $shell): ?Evidence
    {
        $best = null;
        $smallest = count($candidates);
        foreach (Evidence::TO_ASK as $evidence) {
            if ($evidence->isKnownOf($shell)) {
                continue;
            }
            $size = $evidence->largestGroup($candidates);
            if ($size < $smallest) {
                [$best, $smallest] = [$evidence, $size];
            }
        }

        return $best;
    }
}
