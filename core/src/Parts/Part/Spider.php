<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** An adapter spider: it bolts to a motor's ring face and offers a ring's bolt circle. In mm. */
final readonly class Spider
{
    use Called;

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
}
