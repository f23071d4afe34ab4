<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('house_rules', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('question', 40);
            $table->string('school', 40);
            $table->string('why', 500);
            $table->dateTime('made_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['workshop_id', 'superseded_at']);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('house')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('house');
        });
        Schema::dropIfExists('house_rules');
    }
};
