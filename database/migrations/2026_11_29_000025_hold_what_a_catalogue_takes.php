<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('logbook_entries', function (Blueprint $table): void {
            $table->string('motor', 200)->nullable()->change();
            $table->string('motor_name', 200)->nullable()->change();
            $table->string('ring', 200)->nullable()->change();
        });
        Schema::table('recheck_items', fn (Blueprint $table) => $table->string('title', 500)->comment('as the sheet called it then')->change());
    }

    /** What is longer by then would not fit any more: columns that grew stay as they are. */
    public function down(): void {}
};
