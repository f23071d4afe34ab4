<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->double('nut_socket_bore_mm')->nullable()->comment('of the socket for a sleeve’s nut');
            $table->double('nut_socket_depth_mm')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn(['nut_socket_bore_mm', 'nut_socket_depth_mm']);
        });
    }
};
