<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Where the leads of what sits on the bar begin; all of them ran to the motor. */
    private const BEGIN = ['throttle' => 'throttle', 'keypad' => 'keypad', 'brake-sensor-left' => 'lever-left', 'brake-sensor-right' => 'lever-right'];

    public function up(): void
    {
        foreach (self::BEGIN as $role => $place) {
            DB::table('runs')->where('role', $role)->where('from_place', 'bar')->where('to_place', 'motor')
                ->update(['from_place' => $place, 'to_place' => 'bar', 'via' => null, 'off' => null]);
        }
    }

    public function down(): void
    {
        foreach (self::BEGIN as $role => $place) {
            DB::table('runs')->where('role', $role)->where('from_place', $place)->where('to_place', 'bar')
                ->update(['from_place' => 'bar', 'to_place' => 'motor']);
        }
    }
};
