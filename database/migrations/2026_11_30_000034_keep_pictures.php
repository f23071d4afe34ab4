<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('of', 20)->comment('which kind of thing it shows');
            $table->string('code', 60)->default('')->comment('of that thing');
            $table->string('title', 200)->comment('what that is called');
            $table->string('note', 200)->nullable();
            $table->string('file', 26)->unique();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->boolean('shows_person')->default(false);
            $table->boolean('on_sheet')->default(false);
            $table->timestamp('kept_at')->useCurrent();
            $table->index(['of', 'code']);
        });
    }

    public function down(): void
    {
        Schema::drop('pictures');
    }
};
