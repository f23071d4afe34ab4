<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            $table->json('bracing')->nullable()->after('by_hand')->comment('how the nut is torqued and what keeps the body from turning');
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
    }

    public function down(): void
    {
        Schema::dropIfExists('reservations');
        Schema::dropIfExists('kit_changes');
        Schema::table('kits', fn (Blueprint $table) => $table->dropColumn('bracing'));
    }
};
