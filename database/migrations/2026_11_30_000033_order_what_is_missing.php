<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->timestamps();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->foreignId('supplier_id')->constrained();
            $table->date('placed_on');
            $table->date('expected_on')->nullable();
            $table->timestamp('ended_at')->nullable()->comment('all of it came, or nobody waits for the rest any more');
            $table->string('note', 200)->nullable();
            $table->unsignedInteger('version')->default(0);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['workshop_id', 'number']);
        });
        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('what', 250);
            $table->unsignedSmallInteger('count');
            $table->unsignedSmallInteger('came')->default(0)->comment('what went back again among it');
            $table->unsignedSmallInteger('went_back')->default(0);
            $table->foreignId('spacer_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('lead_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('stock_item_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedBigInteger('job_id')->nullable()->index()
                ->comment('no foreign key: an order is written while the workshop is held, and must not wait for a job');
            $table->string('mark', 32)->nullable()->comment('of the need of its job');
        });
    }

    public function down(): void
    {
        Schema::drop('order_lines');
        Schema::drop('orders');
        Schema::drop('suppliers');
    }
};
