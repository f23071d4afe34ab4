<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const OF_A_RUN = ['plug', 'threaded_with', 'surplus_at', 'is_unused', 'fuse_a', 'connector_a', 'bears_a'];

    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->json('plug')->nullable()->comment('pins, colour, shape, whether it is the socket, whether it is sealed');
            $table->string('threaded_with', 80)->nullable()->comment('what it goes through or with on its way');
            $table->string('surplus_at', 10)->nullable()->comment('where what is left of it hides');
            $table->boolean('is_unused')->default(false)->comment('nothing goes on this plug: it is capped and tied');
            $table->double('fuse_a')->nullable();
            $table->double('connector_a')->nullable()->comment('what its plug is made for');
            $table->double('bears_a')->nullable()->comment('what the lead’s maker allows');
        });

        Schema::create('own_stretches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('from_place', 40);
            $table->string('to_place', 40);
            $table->double('length_mm');
            $table->string('towards', 10)->comment('where a new place lies, seen from the known one');
            $table->json('tags');
            $table->dateTime('added_at');
            $table->dateTime('removed_at')->nullable();
            $table->index(['job_id', 'removed_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_stretches');
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn(self::OF_A_RUN));
    }
};
