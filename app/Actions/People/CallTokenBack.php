<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\WorkshopAction;
use App\Models\User;

/** Calls a token of one's own back: it opens nothing from then on. */
class CallTokenBack extends WorkshopAction
{
    public function __invoke(User $by, int $token): void
    {
        $this->change($by, 'startJob', fn () => $by->tokens()->whereKey($token)->firstOrFail()->delete());
    }
}
