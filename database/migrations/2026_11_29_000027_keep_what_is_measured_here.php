<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measured_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 20);
            $table->string('code', 200);
            $table->json('figures')->comment('as a catalogue holds them, by the figure’s code');
            $table->timestamp('in_catalogue_at')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'code']);
        });
        Schema::table('inserts', function (Blueprint $table): void {
            $table->json('details')->nullable()->comment('what the contract does not know');
        });
    }

    public function down(): void
    {
        Schema::table('inserts', function (Blueprint $table): void {
            $table->dropColumn('details');
        });
        Schema::dropIfExists('measured_parts');
    }
};
