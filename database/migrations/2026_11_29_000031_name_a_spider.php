<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spiders', fn (Blueprint $table) => $table->string('name', 200)->nullable()->comment('as people call it'));
    }

    public function down(): void
    {
        Schema::table('spiders', fn (Blueprint $table) => $table->dropColumn('name'));
    }
};
