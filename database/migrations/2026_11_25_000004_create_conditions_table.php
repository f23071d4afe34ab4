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
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('stopped_for', 200)->nullable()->after('next_step')->comment('the standing stop in words; null when none stands');
        });
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('stopped_for'));
        Schema::dropIfExists('conditions');
    }
};
