<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('hand_doubts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('instrument', 20);
            $table->decimal('doubt_mm', 8, 3)->nullable();
            $table->unsignedInteger('from_readings');
            $table->unsignedInteger('from_spots');
            $table->dateTime('taken_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['user_id', 'superseded_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hand_doubts');
    }
};
