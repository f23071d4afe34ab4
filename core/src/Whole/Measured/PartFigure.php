<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use function explode;

/** One figure of a part: where it stands in a catalogue, what it is called, how it is taken. */
final readonly class PartFigure
{
    /**
     * @param  string  $code where it stands in the part's entry, the way there parted by dots
     * @param  string  $how how it is measured, or where it stands
     * @param  ?float  $usual what is drawn while it is not measured; never counted with
     * @param  bool  $isNeeded without it the part cannot be tried in anything
     * @param  array<string, string>  $choices labels by value
     */
    private function __construct(
        public string $code,
        public string $label,
        public string $how,
        public FigureKind $kind,
        public FigureGroup $group,
        public ?float $usual = null,
        public bool $isNeeded = true,
        public string $unit = '',
        public array $choices = [],
    ) {}

    public static function length(
        string $code, string $label, string $how, FigureGroup $group, float $usual, FigureKind $kind = FigureKind::Length,
    ): self {
        return new self($code, $label, $how, $kind, $group, $usual);
    }

    public static function figure(
        string $code, string $label, string $how, FigureGroup $group, string $unit, FigureKind $kind = FigureKind::Figure,
    ): self {
        return new self($code, $label, $how, $kind, $group, unit: $unit);
    }

    public static function said(string $code, string $label, string $how, FigureGroup $group, FigureKind $kind): self
    {
        return new self($code, $label, $how, $kind, $group);
    }

    /** @param  array<string, string>  $choices labels by value */
    public static function chosen(
        string $code, string $label, string $how, FigureGroup $group, array $choices, FigureKind $kind = FigureKind::Choice,
    ): self {
        return new self($code, $label, $how, $kind, $group, choices: $choices);
    }

    /** The same, asked only when a place wants it. */
    public function ifKnown(): self
    {
        return new self(
            $this->code,
            $this->label,
            $this->how,
            $this->kind,
            $this->group,
            $this->usual,
            false,
            unit: $this->unit,
            choices: $this->choices,
        );
    }

    /** @return non-empty-list<string> the way to it in the part's entry */
    public function way(): array
    {
        return explode('.', $this->code);
    }

    /** Its name in a form, where dots mean something else. */
    public function field(): string
    {
        return str_replace('.', '-', $this->code);
    }
}
