<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** An adapter spider: it bolts to a motor's ring face and offers a ring's bolt circle. In mm. */
final readonly class Spider
{
    /**
     * @param  float  $thickness from the motor's ring face to the spider's outer face
     * @param  list<string>  $motors codes of those it bolts to
     */
    public function __construct(
        public string $code,
        public float $boltCircle,
        public float $thickness,
        public array $motors,
        public string $name = '',
    ) {}

    /** As people call it: its name, or the code it stands under where nobody has named it. */
    public function label(): string
    {
        return $this->name === '' ? $this->code : $this->name;
    }
}
