<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('box_records', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('motor_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedSmallInteger('position')->comment('in the maker’s list');
            $table->text('what')->comment('as the list said then');
            $table->string('state', 10);
            $table->unsignedSmallInteger('left_over')->nullable()->comment('of spacers: how many the stack did not take');
            $table->string('note', 200)->nullable();
            $table->dateTime('noted_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('box_records');
    }
};
