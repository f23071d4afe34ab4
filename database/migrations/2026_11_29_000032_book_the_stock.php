<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stock_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 120);
            $table->unsignedSmallInteger('quantity')->default(0);
            $table->unsignedSmallInteger('kept')->default(0);
            $table->unsignedSmallInteger('minimum')->nullable();
            $table->string('lies_in', 60)->nullable();
            $table->date('good_until')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'kind', 'name']);
        });
        Schema::table('spacers', function (Blueprint $table): void {
            $table->unsignedSmallInteger('kept')->default(0)->comment('how many of them are reserved for jobs');
            $table->unsignedSmallInteger('minimum')->nullable()->comment('below which it is ordered');
        });
        Schema::table('leads', function (Blueprint $table): void {
            $table->unsignedSmallInteger('kept')->default(0);
            $table->unsignedSmallInteger('minimum')->nullable();
            $table->string('lies_in', 60)->nullable();
        });
        Schema::create('movements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('spacer_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('lead_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('stock_item_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('how', 20);
            $table->integer('changed')->comment('how many more lie there; all of them together are how many there are');
            $table->integer('kept_changed')->default(0)->comment('how many more are reserved');
            $table->unsignedBigInteger('job_id')->nullable()->index()->comment('no foreign key: a line is written while the workshop is held, and must not wait for a job');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('note', 200)->nullable();
            $table->timestamp('moved_at')->useCurrent();
            $table->index(['workshop_id', 'moved_at']);
        });
        DB::statement("update spacers set kept = (select coalesce(sum(quantity), 0) from reservations where spacer_id = spacers.id and state = 'reserved')");
        foreach (['spacers' => 'spacer_id', 'leads' => 'lead_id'] as $table => $key) {
            DB::statement("insert into movements (workshop_id, {$key}, how, changed, kept_changed, note)
                select workshop_id, id, 'counted', quantity, kept, 'as it stood when the book was opened' from {$table} where quantity > 0 or kept > 0");
        }
    }

    public function down(): void
    {
        Schema::drop('movements');
        Schema::table('leads', fn (Blueprint $table) => $table->dropColumn(['kept', 'minimum', 'lies_in']));
        Schema::table('spacers', fn (Blueprint $table) => $table->dropColumn(['kept', 'minimum']));
        Schema::drop('stock_items');
    }
};
