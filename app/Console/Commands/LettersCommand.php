<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Calendar\WriteMornings;

class LettersCommand extends SaysInALine
{
    protected $signature = 'spindle:letters';

    protected $description = 'Tell who wants it what should be looked at today';

    public function handle(WriteMornings $write): int
    {
        $write();

        return self::SUCCESS;
    }
}
