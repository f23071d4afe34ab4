<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('step_records', function (Blueprint $table): void {
            $table->string('lies_in', 120)->nullable()->after('note')->comment('where what came off lies');
            $table->boolean('by_hand')->default(false)->after('torque_nm')->comment('made fast without a wrench; the note says why');
        });

        Schema::create('fastener_bands', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('fastener', 20);
            $table->decimal('low_nm', 6, 2);
            $table->decimal('high_nm', 6, 2);
            $table->string('paper', 120)->comment('where it stands: the part’s paper, as it was named');
            $table->dateTime('typed_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at']);
        });

        Schema::create('obstacles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 10);
            $table->decimal('height_mm', 6, 2)->comment('over the shell’s tube');
            $table->decimal('plus_minus_mm', 5, 2);
            $table->unsignedSmallInteger('angle_deg')->comment('around the axis, seen from the drive side: 0 to the front, 90 up');
            $table->string('cure', 10)->default('stays');
            $table->dateTime('seen_at');
            $table->dateTime('superseded_at')->nullable();
            $table->index(['job_id', 'superseded_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('obstacles');
        Schema::dropIfExists('fastener_bands');
        Schema::table('step_records', fn (Blueprint $table) => $table->dropColumn(['lies_in', 'by_hand']));
    }
};
