<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('decisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('about', 40);
            $table->string('choice', 40);
            $table->string('reason', 500)->nullable();
            $table->dateTime('made_at');
            $table->dateTime('superseded_at')->nullable();
            $table->foreignId('allowed_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('allowed_at')->nullable();
            $table->string('allowed_because', 500)->nullable();
            $table->index(['job_id', 'superseded_at', 'about']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('decisions');
    }
};
