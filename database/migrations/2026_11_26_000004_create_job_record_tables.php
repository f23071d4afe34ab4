<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('conditions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('subject', 30);
            $table->string('severity', 10);
            $table->string('remedy', 10)->nullable();
            $table->string('declined_by', 120)->nullable()->comment('who declined on the customer’s side');
            $table->string('note', 500)->nullable();
            $table->dateTime('found_at');
            $table->dateTime('superseded_at')->nullable();
            $table->dateTime('lifted_at')->nullable();
            $table->foreignId('lifted_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('lifted_because', 500)->nullable();
            $table->index(['job_id', 'superseded_at', 'subject']);
        });

        Schema::create('kit_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedInteger('version')->comment('the job’s version this change made');
            $table->string('what', 200);
            $table->json('touched')->comment('the places of the stack it altered');
            $table->json('before');
            $table->json('after');
            $table->dateTime('made_at');
            $table->dateTime('undone_at')->nullable();
            $table->dateTime('superseded_at')->nullable()->comment('undone, and then something else was done instead');
            $table->index(['job_id', 'superseded_at', 'id']);
        });

        Schema::create('reservations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('spacer_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedSmallInteger('quantity');
            $table->string('state', 10)->comment('reserved: still in the drawer; taken: out of it');
            $table->timestamps();
            $table->unique(['job_id', 'spacer_id', 'state']);
            $table->index(['spacer_id', 'state']);
        });

        Schema::create('tracks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 120);
            $table->mediumText('heights')->comment('JSON: m, at even steps along the road, smoothed; empty when none were written down');
            $table->double('length_m');
            $table->double('raw_ascent_m');
            $table->unsignedInteger('points');
            $table->json('remarks')->comment('what was odd about the file');
            $table->timestamps();
            $table->index('job_id');
        });
    }

    public function down(): void
    {
        foreach (['tracks', 'reservations', 'kit_changes', 'conditions'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
