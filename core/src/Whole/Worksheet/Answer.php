<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Worksheet;

use NeatSpindle\Core\Sums\Margin\Verdict;

/** How one concern of a job stands: its verdict, null while somebody still has to decide or try, and why it is not clear. */
final readonly class Answer
{
    private function __construct(public Concern $concern, public ?Verdict $verdict, public string $why) {}

    public static function that(Concern $concern, Verdict $verdict, string $why = ''): self
    {
        return new self($concern, $verdict, $why);
    }

    public static function open(Concern $concern, string $why): self
    {
        return new self($concern, null, $why);
    }

    public function isClear(): bool
    {
        return $this->verdict === Verdict::Clear;
    }

    /** How bad it is: what fails before what is tight, and that before what is open. */
    public function rank(): int
    {
        return match ($this->verdict) {
            Verdict::Fails => 0,
            Verdict::Tight => 1,
            null => 2,
            Verdict::Clear => 3,
        };
    }
}
