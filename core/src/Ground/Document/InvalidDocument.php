<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use InvalidArgumentException;
use NeatSpindle\Core\CoreException;

use function array_slice;
use function count;

/** A document that cannot be used, with every fault it has; of very many the first. */
final class InvalidDocument extends InvalidArgumentException implements CoreException
{
    /**
     * @param  non-empty-list<Fault>  $faults
     * @param  int  $inAll how many there are, listed or not
     */
    private function __construct(public readonly array $faults, public readonly int $inAll)
    {
        parent::__construct('The document has faults: '.implode('; ', array_map(
            fn (Fault $fault) => "{$fault->path} {$fault->message}",
            array_slice($faults, 0, 5),
        )));
    }

    public static function becauseItIsUnreadable(string $message): self
    {
        return new self([new Fault('', $message)], 1);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function becauseOf(array $faults, ?int $inAll = null): self
    {
        return new self($faults, $inAll ?? count($faults));
    }
}
