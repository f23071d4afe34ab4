<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use RuntimeException;

/** Trying one set of spacers after the other would take too long: ask for the sums of what is left instead. */
final class TooManySets extends RuntimeException {}
