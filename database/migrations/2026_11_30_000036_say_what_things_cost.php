<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const TABLES = ['spacers', 'leads', 'stock_items'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->decimal('price', 10, 2)->nullable()
                ->comment('of one; in whatever the workshop counts in'));
        }
        Schema::table('workshops', fn (Blueprint $table) => $table->decimal('hour_price', 10, 2)->nullable());
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('price'));
        }
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('hour_price'));
    }
};
