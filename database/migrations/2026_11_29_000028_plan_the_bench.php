<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->json('hours')->nullable()->comment('opening hours by weekday, and days it is closed');
            $table->string('time_zone', 64)->default('UTC');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('rest')->nullable()->comment('what is still to be done, counted in pieces of work');
            $table->timestamp('waits_since')->nullable();
            $table->date('parts_on')->nullable()->comment('when what is missing comes');
            $table->integer('turn')->nullable()->comment('its place before others, where somebody has moved it');
        });
        Schema::create('absences', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('by_id')->constrained('users');
            $table->date('from_on');
            $table->date('to_on');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        Schema::create('promises', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->date('promised_on')->nullable();
            $table->timestamp('promised_at');
        });
        Schema::create('feeds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->foreignId('by_id')->constrained('users');
            $table->string('secret_hash', 64)->unique();
            $table->json('told')->nullable()->comment('what was told last of each entry: its number and its times');
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('feeds');
        Schema::dropIfExists('promises');
        Schema::dropIfExists('absences');
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn(['rest', 'waits_since', 'parts_on', 'turn']);
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn(['hours', 'time_zone']);
        });
    }
};
