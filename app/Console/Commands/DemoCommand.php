<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

class DemoCommand extends SaysInALine
{
    protected $signature = 'spindle:demo {--if-empty : only when there is no workshop yet}';

    protected $description = 'Set up the demo workshop';

    public function handle(DemoSeeder $seeder): int
    {
        if ($this->option('if-empty') && Workshop::query()->exists()) {
            return self::SUCCESS;
        }
        DB::transaction(fn () => $seeder->run());

        return self::SUCCESS;
    }
}
