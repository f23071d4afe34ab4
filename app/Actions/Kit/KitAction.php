<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\ChangeJob;
use App\Actions\JobAction;

/** A choice of what is to be fitted, which can be taken back. */
abstract class KitAction extends JobAction
{
    public function __construct(ChangeJob $change, protected readonly KitChanger $kit)
    {
        parent::__construct($change);
    }
}
