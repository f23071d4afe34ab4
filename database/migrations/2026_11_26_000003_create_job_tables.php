<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bike_id')->constrained()->cascadeOnDelete();
            $table->foreignId('assignee_id')->nullable()->constrained('users')->nullOnDelete();
            $table->unsignedInteger('number');
            $table->date('promised_on')->nullable();
            $table->string('stage', 20)->default('survey');
            $table->string('waits_for', 20)->default('measurement');
            $table->string('next_step', 200)->default('');
            $table->string('stopped_for', 200)->nullable()->comment('the standing stop in words; null when none stands');
            $table->unsignedInteger('version')->default(0)->comment('raised by every change; a write against an older one is refused');
            $table->foreignId('changed_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->unique(['workshop_id', 'number']);
            $table->index(['workshop_id', 'promised_on']);
        });

        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('spot', 40);
            $table->decimal('value_mm', 9, 3);
            $table->decimal('plus_minus_mm', 8, 3)->nullable()->comment('stated by the person; else it follows from readings and instrument');
            $table->string('instrument', 20);
            $table->decimal('instrument_mm', 8, 3);
            $table->string('typed', 200);
            $table->dateTime('taken_at');
            $table->dateTime('superseded_at')->nullable();
            $table->foreignId('superseded_by_id')->nullable()->constrained('readings')->nullOnDelete();
            $table->foreignId('withdrawn_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->index(['job_id', 'superseded_at', 'spot']);
        });

        Schema::create('answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('question', 40);
            $table->string('value', 200);
            $table->dateTime('given_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at', 'question']);
        });

        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('motor_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('ring_id')->nullable()->constrained()->nullOnDelete();
            $table->string('ring_mounting', 200)->default('')->comment('turned round, on or inside a spider; empty: as it comes');
            $table->foreignId('insert_id')->nullable()->constrained()->nullOnDelete();
            $table->json('by_hand')->comment('thicknesses in mm by place, for the places a hand has filled');
            $table->json('bracing')->nullable()->comment('how the nut is torqued and what keeps the body from turning');
            $table->json('riding')->nullable()->comment('load, rider, surface, wind, hill, battery');
            $table->timestamps();
        });

        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('name', 200);
            $table->string('kind', 20);
            $table->string('from_place', 200);
            $table->string('to_place', 200);
            $table->decimal('supply_mm', 8, 1);
            $table->string('connector', 200);
            $table->decimal('current_a', 6, 2)->nullable();
            $table->decimal('area_mm2', 6, 2)->nullable();
            $table->timestamps();
            $table->unique(['job_id', 'position']);
        });

        Schema::create('step_records', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('sheet', 10);
            $table->string('step', 40);
            $table->string('state', 10);
            $table->decimal('torque_nm', 7, 2)->nullable();
            $table->string('compound', 20)->nullable();
            $table->string('note', 500)->nullable();
            $table->json('asked')->comment('what the sheet asked for when this was recorded');
            $table->dateTime('recorded_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at', 'sheet', 'step']);
        });
    }

    public function down(): void
    {
        foreach (['step_records', 'runs', 'kits', 'answers', 'readings', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
