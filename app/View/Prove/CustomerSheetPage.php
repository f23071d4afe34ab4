<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\OpenJob;
use App\Models\User;

/** A hand-over sheet as the customer sees it: in the units of whoever gave it out. */
class CustomerSheetPage extends HandOverPage
{
    public function __construct(OpenJob $opened, private readonly User $giver)
    {
        parent::__construct($opened);
    }

    public function user(): User
    {
        return $this->giver;
    }
}
