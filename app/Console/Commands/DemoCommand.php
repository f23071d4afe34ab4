<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Database\Seeders\Past\Fortnight;
use Database\Seeders\Past\PastSeeder;
use Illuminate\Support\Facades\DB;

class DemoCommand extends SaysInALine
{
    protected $signature = 'spindle:demo {--if-empty : only when there is no workshop yet}';

    protected $description = 'Set up the demo workshop';

    public function handle(DemoSeeder $demo, PastSeeder $past, Fortnight $fortnight): int
    {
        if ($this->option('if-empty') && Workshop::query()->exists()) {
            return self::SUCCESS;
        }
        DB::transaction(function () use ($demo, $past, $fortnight): void {
            $demo->run();
            $workshop = Workshop::query()->latest('id')->firstOrFail();
            $past->run($workshop);
            $fortnight->make($workshop);
        });

        return self::SUCCESS;
    }
}
