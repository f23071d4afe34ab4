<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Leaves every place of the stack to the drawer. */
class SolveRequest extends JobChangeRequest {}
