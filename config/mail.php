<?php

declare(strict_types=1);

return [
    'default' => env('MAIL_MAILER', 'log'),

    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => env('MAIL_LOG_CHANNEL', 'mail')],
    ],

    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'bench@spindle.example'), 'name' => env('MAIL_FROM_NAME', 'Neat Spindle')],
];
