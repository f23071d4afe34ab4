<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->string('next_at', 20)->nullable()
            ->comment('the place where its next thing is done, where that is not the one of its stage'));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('next_at'));
    }
};
