<?php

declare(strict_types=1);

namespace App\View\Job;

use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Whole\Prove\Check;

use function array_filter;

/** A step that is done in the same movement as the one at hand, as it is read before both are ticked. */
final readonly class InOneGo
{
    /** @param  list<string>  $notes what else is to be seen or known there */
    private function __construct(public string $code, public string $title, public string $how, public ?string $caution, public array $notes) {}

    public static function built(BuildStep $step, ?string $band): self
    {
        return new self($step->code, $step->title, $step->how, $step->caution, self::notes([
            'Torque' => $band, 'Compound' => $step->compound?->label(), 'Tool' => $step->tool, 'Look' => $step->look,
            'Out of reach afterwards' => $step->closesOff, 'House rule' => $step->house,
        ]));
    }

    public static function stripped(StripStep $step): self
    {
        return new self($step->code, $step->title, $step->how, $step->caution, self::notes([
            'Tool' => $step->tool, 'Keep' => $step->keep, 'Look' => $step->look,
        ]));
    }

    public static function proved(Check $check): self
    {
        return new self($check->code, $check->title, $check->how, $check->caution, self::notes(['Expected' => $check->expects]));
    }

    /**
     * @param  array<string, ?string>  $said by what it is
     * @return list<string>
     */
    private static function notes(array $said): array
    {
        $said = array_filter($said);

        return array_map(fn (string $what, string $text) => "{$what}: {$text}", array_keys($said), $said);
    }
}
