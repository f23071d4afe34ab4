<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->string('via', 40)->nullable()->comment('a place it was moved to pass');
            $table->json('off')->nullable()->comment('places it was moved off');
            $table->dateTime('removed_at')->nullable()->comment('since when it is not laid any more');
        });
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn(['via', 'off', 'removed_at']));
    }
};
