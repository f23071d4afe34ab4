<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('packs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 200);
            $table->json('figures')->comment('the battery as the catalogue document has it');
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });

        Schema::table('kits', function (Blueprint $table): void {
            $table->json('battery')->nullable()->comment('which pack, where it sits, what holds it, what was seen there');
            $table->json('cockpit')->nullable()->comment('what goes on the bar, side by side');
        });
    }

    public function down(): void
    {
        Schema::table('kits', fn (Blueprint $table) => $table->dropColumn(['battery', 'cockpit']));
        Schema::dropIfExists('packs');
    }
};
