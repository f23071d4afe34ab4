<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('hand_overs', function (Blueprint $table): void {
            $table->json('sheet')->nullable()->comment('what left with the bike, in words; null where it left before sheets were kept');
        });
    }

    public function down(): void
    {
        Schema::table('hand_overs', fn (Blueprint $table) => $table->dropColumn('sheet'));
    }
};
