<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** Something that is looked at by hand before torque goes on: what it is, and what stands against it while it is open. */
final readonly class Gate
{
    /**
     * @param  ?string  $open what is wrong or not looked at yet; null once it is right
     * @param  bool  $isTried false while nobody has looked
     * @param  ?string  $behind code of the step after which it holds; null: from the first torque on
     */
    public function __construct(public string $label, public ?string $open, public bool $isTried, public ?string $behind = null) {}
}
