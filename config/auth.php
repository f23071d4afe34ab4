<?php

declare(strict_types=1);

use App\Models\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],

    /* A letter holds for a day, and another one may be asked for after a minute. */
    'passwords' => ['users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 24 * 60, 'throttle' => 60]],
];
