<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('step_records', fn (Blueprint $table) => $table->double('figure')->nullable()->comment('what was read at a check, in the unit that was asked'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dateTime('handed_over_at')->nullable());

        Schema::create('settings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 30);
            $table->string('value', 80);
            $table->string('reason', 500)->nullable();
            $table->string('law', 500)->nullable()->comment('the law’s own sentence, where a limit was taken away');
            $table->dateTime('set_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at', 'name']);
        });

        Schema::create('hand_overs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('handed_at');
            $table->date('recheck_on');
            $table->string('note', 500)->nullable();
            $table->dateTime('taken_back_at')->nullable();
            $table->foreignId('taken_back_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('taken_back_because', 500)->nullable();
            $table->index(['job_id', 'taken_back_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hand_overs');
        Schema::dropIfExists('settings');
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('handed_over_at'));
        Schema::table('step_records', fn (Blueprint $table) => $table->dropColumn('figure'));
    }
};
