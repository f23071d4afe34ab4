<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

/** Something wrong in a document: where (a JSON pointer) and what was expected. */
final readonly class Fault
{
    public function __construct(public string $path, public string $message) {}
}
