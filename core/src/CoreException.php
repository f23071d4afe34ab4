<?php

declare(strict_types=1);

namespace NeatSpindle\Core;

use Throwable;

/** Marks every failure the core throws on purpose; its message says what to do. */
interface CoreException extends Throwable {}
