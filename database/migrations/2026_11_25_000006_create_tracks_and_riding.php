<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            $table->string('ring_mounting', 200)->default('')->after('ring_id')->comment('turned round, on or inside a spider; empty: as it comes');
            $table->json('riding')->nullable()->after('bracing')->comment('load, rider, surface, wind, hill, battery');
        });
        Schema::table('rings', function (Blueprint $table): void {
            $table->json('details')->nullable()->comment('what the sums do not need: bolt circle, narrow-wide teeth, whether it can be turned round');
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
        Schema::create('tracks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('name', 120);
            $table->mediumText('heights')->comment('JSON: m, at even steps along the road, smoothed; empty when none were written down');
            $table->double('length_m');
            $table->double('raw_ascent_m');
            $table->unsignedInteger('points');
            $table->json('remarks')->comment('what was odd about the file');
            $table->timestamps();
            $table->index('job_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tracks');
        Schema::dropIfExists('spiders');
        Schema::table('rings', fn (Blueprint $table) => $table->dropColumn('details'));
        Schema::table('kits', fn (Blueprint $table) => $table->dropColumn(['ring_mounting', 'riding']));
    }
};
