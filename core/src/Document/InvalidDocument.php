<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

use InvalidArgumentException;
use NeatSpindle\Core\CoreException;

use function array_slice;

/** A document that cannot be used, with every fault it has. */
final class InvalidDocument extends InvalidArgumentException implements CoreException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct('The document has faults: '.implode('; ', array_map(
            fn (Fault $fault) => "{$fault->path} {$fault->message}",
            array_slice($faults, 0, 5),
        )));
    }

    public static function becauseItIsUnreadable(string $message): self
    {
        return new self([new Fault('', $message)]);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function becauseOf(array $faults): self
    {
        return new self($faults);
    }
}
