<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rechecks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('done_at');
            $table->unsignedInteger('kilometres')->comment('since the hand-over, or since the last one');
            $table->string('note', 500)->nullable();
            $table->date('next_on')->nullable();
            $table->index(['job_id', 'id']);
        });

        Schema::create('recheck_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recheck_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->string('title', 200)->comment('as the sheet called it then');
            $table->string('found', 10);
            $table->double('torque_nm')->nullable()->comment('found before anything was tightened');
            $table->string('note', 200)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recheck_items');
        Schema::dropIfExists('rechecks');
    }
};
