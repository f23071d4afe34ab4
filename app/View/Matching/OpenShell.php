<?php

declare(strict_types=1);

namespace App\View\Matching;

use App\Bench\OpenJob;
use App\View\Job\Obstacle;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\ShellGuesses;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** What a shell that is not identified may be, and which motors go in which of them, in words. */
class OpenShell
{
    private ?ShellGuesses $guesses = null;

    /** @var array<array-key, MotorMatch> by the motor's code */
    private array $likeliest = [];

    public function __construct(private readonly OpenJob $opened) {}

    /** What is still known of a shell that is not identified; null when it is. */
    public function identification(): ?Identification
    {
        $shell = $this->opened->identification();

        return $shell?->identified === null ? $shell : null;
    }

    /** The shells it may be, in words. */
    public function left(): string
    {
        $codes = array_map(fn (ShellStandard $one) => $one->value, $this->identification()->candidates ?? []);
        $last = array_pop($codes);

        return $codes === [] ? (string) $last : implode(', ', $codes)." or {$last}";
    }

    /** With which of the shells it may be a motor would go, in words; null when that is not the question. */
    public function goesIf(MotorMatch $row): ?string
    {
        $standards = $this->guesses()?->for($row->motor->code) ?? [];

        return match (true) {
            $standards === [] => null,
            $this->guesses()->always($row->motor->code) => 'Goes whatever the shell turns out to be, as far as its width goes.',
            default => 'Goes if the shell is '.implode(' or ', array_map(fn (ShellStandard $one) => $one->value, $standards)).'; not otherwise.',
        };
    }

    /** A motor in the likeliest of the shells this may be; the row itself where the shell is known, or none of them takes it. */
    public function asIn(MotorMatch $row): MotorMatch
    {
        [$bike, $shell, $ring] = [$this->opened->bike(), $this->identification(), $this->opened->ring()];

        return $row->stack !== null || $bike === null || $shell === null || $ring === null ? $row
            : $this->likeliest[$row->motor->code] ??= MotorMatch::likeliest($row->motor, $shell->candidates, $bike, $ring, $this->opened->catalogue->core()) ?? $row;
    }

    /** What stands in the way of a motor that goes in none of the shells this may be. */
    public function obstacle(MotorMatch $row, LengthUnit $unit): string
    {
        $likeliest = $this->asIn($row)->stack;
        $obstacle = $likeliest === null ? null : Obstacle::of($likeliest, $unit);

        return $obstacle === null
            ? 'No insert of the catalogue makes any of the shells this may be take it.' : "Whichever shell this is: {$obstacle}";
    }

    /** Null where no motor can be judged yet. */
    private function guesses(): ?ShellGuesses
    {
        [$bike, $shell, $ring] = [$this->opened->bike(), $this->opened->identification(), $this->opened->ring()];

        return $bike === null || $shell === null || $ring === null ? null
            : $this->guesses ??= ShellGuesses::of($bike, $shell, $ring, $this->opened->catalogue->core());
    }
}
