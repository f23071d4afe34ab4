<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Survey;

/** A place on the bike where something is measured or seen. Lengths in mm. */
final readonly class Spot
{
    /**
     * @param  string  $pointer where the answer stands in the job document
     * @param  array<string, string>  $choices labels by value
     */
    private function __construct(
        public string $code,
        public string $label,
        public SpotKind $kind,
        public string $how,
        public string $why,
        public string $pointer,
        public ?Instrument $instrument = null,
        public float $least = 0.0,
        public float $most = 0.0,
        public array $choices = [],
        public bool $isEssential = false,
        public Sitting $sitting = Sitting::BeforeTheStrip,
    ) {}

    public static function length(string $code, string $label, Instrument $with, float $least, float $most, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Length, $how, $why, $pointer, $with, $least, $most);
    }

    public static function offset(string $code, string $label, Instrument $with, float $reach, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Offset, $how, $why, $pointer, $with, -$reach, $reach);
    }

    /** @param  array<string, string>  $choices labels by value */
    public static function choice(string $code, string $label, array $choices, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Choice, $how, $why, $pointer, choices: $choices);
    }

    public static function teeth(string $code, string $label, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Teeth, $how, $why, $pointer, null, 9, 60);
    }

    public static function ratios(string $code, string $label, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Ratios, $how, $why, $pointer);
    }

    public static function count(string $code, string $label, int $least, int $most, string $pointer, string $how, string $why): self
    {
        return new self($code, $label, SpotKind::Count, $how, $why, $pointer, null, $least, $most);
    }

    /** Without this no motor can be judged. */
    public function essential(): self
    {
        return $this->with(true, $this->sitting);
    }

    /** Only the bare shell shows it. */
    public function afterTheStrip(): self
    {
        return $this->with($this->isEssential, Sitting::AfterTheStrip);
    }

    /** Only the hung plates show it. */
    public function withThePlates(): self
    {
        return $this->with($this->isEssential, Sitting::WithThePlates);
    }

    private function with(bool $isEssential, Sitting $sitting): self
    {
        return new self(
            $this->code, $this->label, $this->kind, $this->how, $this->why, $this->pointer,
            $this->instrument, $this->least, $this->most, $this->choices, $isEssential, $sitting,
        );
    }

    public function allows(float $mm): bool
    {
        return $mm >= $this->least && $mm <= $this->most;
    }
}
