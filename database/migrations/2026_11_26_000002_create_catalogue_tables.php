<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('motors', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 200);
            $table->string('name', 200);
            $table->string('mount', 20);
            $table->decimal('continuous_w', 8, 1);
            $table->decimal('max_torque_nm', 8, 1);
            $table->json('figures')->comment('the motor as the catalogue document has it, without name and mount');
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });

        Schema::create('rings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 200);
            $table->unsignedTinyInteger('teeth');
            $table->decimal('dish_mm', 8, 3);
            $table->decimal('thickness_mm', 8, 3);
            $table->json('details')->nullable()->comment('what the sums do not need: bolt circle, narrow-wide teeth, whether it can be turned round');
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });

        Schema::create('inserts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 200);
            $table->json('shells');
            $table->json('motors');
            $table->decimal('flange_mm', 8, 3);
            $table->decimal('bore_mm', 8, 3);
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });

        Schema::create('spacers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->decimal('thickness_mm', 7, 2);
            $table->unsignedSmallInteger('quantity');
            $table->json('uses');
            $table->string('uses_key', 60)->comment('the uses in order, so that no kind is kept twice');
            $table->string('lies_in', 60)->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'thickness_mm', 'uses_key']);
        });

        Schema::create('leads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('connector', 200);
            $table->decimal('length_mm', 8, 1);
            $table->unsignedSmallInteger('quantity');
            $table->timestamps();
            $table->index(['workshop_id', 'connector']);
        });

        Schema::create('spiders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 200);
            $table->decimal('bolt_circle_mm', 8, 3);
            $table->decimal('thickness_mm', 8, 3);
            $table->json('motors');
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });
    }

    public function down(): void
    {
        foreach (['spiders', 'leads', 'spacers', 'inserts', 'rings', 'motors'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
