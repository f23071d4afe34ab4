<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use LogicException;
use NeatSpindle\Core\CoreException;

/** A stack was asked for that cannot even be tried; no document that was read leads here. */
final class CannotBuildStack extends LogicException implements CoreException
{
    public static function becauseMeasuresAreMissing(Mount $mount): self
    {
        return new self("Measure the bike for a {$mount->code()} motor before its stack is solved.");
    }
}
