<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('logbook_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->string('mount', 40)->nullable();
            $table->string('motor', 60)->nullable();
            $table->string('motor_name', 160)->nullable();
            $table->string('ring', 60)->nullable();
            $table->json('measures');
            $table->json('pieces');
            $table->json('left_over');
            $table->json('found');
            $table->dateTime('written_at');
            $table->index(['workshop_id', 'written_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('logbook_entries');
    }
};
