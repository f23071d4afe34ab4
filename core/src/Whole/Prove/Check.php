<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Holding\Build\Asked;

/** One thing that is proved before a bike leaves: what is done, what is expected, and what may be behind a miss, the quickest to look at first. */
final readonly class Check
{
    public const STAND = 'On the stand';

    public const RIDE = 'On the road';

    public const AFTER = 'After the first kilometres';

    /** Its name as a record and an address have it. */
    public string $code;

    /**
     * @param  list<Cause>  $causes
     * @param  ?Figure  $figure what is read; null where it is only seen, heard or felt
     * @param  list<CheckName>  $after those that have to be right before
     * @param  array<string, string>  $things what it is held to, in words, by what it is: battery and settings
     * @param  ?string  $waits what else has to be there before it can be made, in words; null when nothing has
     */
    public function __construct(
        public CheckName $name,
        public string $chapter,
        public string $title,
        public string $how,
        public string $expects,
        public array $causes,
        public ?Figure $figure = null,
        public array $after = [],
        public ?string $caution = null,
        public array $things = [],
        public ?string $waits = null,
    ) {
        $this->code = $name->value;
    }

    /**
     * The same, held to these.
     *
     * @param  array<string, string>  $things
     */
    public function heldTo(array $things, ?string $waits): self
    {
        return $this->with(things: $things, waits: $waits);
    }

    /**
     * The same in other words; null, or none, for what reads as it does.
     *
     * @param  list<Cause>  $causes
     */
    public function reading(?string $title, ?string $how, ?string $expects, array $causes): self
    {
        return $this->with(title: $title ?? $this->title, how: $how ?? $this->how, expects: $expects ?? $this->expects, causes: $causes ?: $this->causes);
    }

    private function with(mixed ...$changed): self
    {
        /** @var array{name: CheckName, chapter: string, title: string, how: string, expects: string, causes: list<Cause>} $all */
        $all = [...array_diff_key(get_object_vars($this), ['code' => 1]), ...$changed];

        return new self(...$all);
    }

    /** Whether it is made by itself: a figure is read, or one lever is pulled at a time. */
    public function isAlone(): bool
    {
        return $this->figure !== null || $this->name->side() !== null;
    }

    /** What it asks for: it was right for this, and for nothing set or chosen later. */
    public function asked(): Asked
    {
        return Asked::of($this->things);
    }

    /**
     * Whether one that was right is open again, because it would be asked otherwise now.
     *
     * @param  ?float  $figure as it was read then
     */
    public function isAskedOtherwise(Asked $then, ?float $figure): bool
    {
        return $this->asked()->isOtherThan($then) || $this->lacks($figure) !== null;
    }

    /**
     * What is wanting before it counts as right; null when nothing is.
     *
     * @param  ?float  $value as it was read
     */
    public function lacks(?float $value): ?string
    {
        return match (true) {
            $this->figure === null => null,
            $value === null => "Write down what was read, in {$this->figure->unit}.",
            ! $this->figure->holds($value) => "{$value} {$this->figure->unit} is not as expected, which is {$this->figure->band()}: it is a miss.",
            default => null,
        };
    }
}
