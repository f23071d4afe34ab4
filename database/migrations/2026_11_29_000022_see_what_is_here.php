<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('arrivals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('mark', 32)->comment('of what was needed, how many, and for which step');
            $table->string('what', 250);
            $table->dateTime('seen_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('arrivals');
    }
};
