<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

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
    ) {
        $this->code = $name->value;
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
