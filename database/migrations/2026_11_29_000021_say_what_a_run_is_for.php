<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the names of the usual runs were when a name was all there was. */
    private const BY_NAME = [
        'main harness' => 'main-harness', 'speed sensor' => 'speed-sensor', 'battery lead' => 'battery-lead', 'throttle' => 'throttle', 'keypad' => 'keypad',
        'brake sensor, left' => 'brake-sensor-left', 'brake sensor, right' => 'brake-sensor-right', 'gear sensor' => 'gear-sensor',
        'front lamp' => 'front-lamp', 'rear lamp' => 'rear-lamp', 'rear brake hose' => 'rear-brake-hose', 'gear cable' => 'gear-cable',
    ];

    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->string('role', 30)->nullable()->after('position')->comment('which of the usual ones it is; null for one of their own');
        });
        foreach (self::BY_NAME as $name => $role) {
            DB::table('runs')->where('name', $name)->update(['role' => $role]);
        }
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn('role'));
    }
};
