<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('ended_as', 10)->nullable()->comment('how it ended without a hand-over');
            $table->string('ended_because', 500)->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->foreignId('ended_by_id')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('customers', fn (Blueprint $table) => $table->dateTime('erased_at')->nullable()->comment('since when nobody here knows any more who it was'));
    }

    public function down(): void
    {
        Schema::table('customers', fn (Blueprint $table) => $table->dropColumn('erased_at'));
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('ended_by_id');
            $table->dropColumn(['ended_as', 'ended_because', 'ended_at']);
        });
    }
};
