<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

use NeatSpindle\Core\Donor\Shell\ShellStandard;

use function in_array;

/** A press-in insert that makes a shell take a motor it was not made for. In mm. */
final readonly class Insert
{
    use Called;

    /**
     * @param  list<ShellStandard>  $shells
     * @param  list<string>  $motors motor codes
     */
    public function __construct(
        public string $code,
        public array $shells,
        public array $motors,
        public float $flange,
        public float $bore,
        private string $name = '',
    ) {}

    public function suits(ShellStandard $standard, string $motor): bool
    {
        return in_array($standard, $this->shells, true) && in_array($motor, $this->motors, true);
    }
}
