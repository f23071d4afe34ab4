<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

class DemoCommand extends Command
{
    protected $signature = 'spindle:demo {--if-empty : only when there is no workshop yet}';

    protected $description = 'Set up the demo workshop';

    public function handle(DemoSeeder $seeder): int
    {
        if ($this->option('if-empty') && Workshop::query()->exists()) {
            return self::SUCCESS;
        }
        $seeder->run();

        return self::SUCCESS;
    }
}
