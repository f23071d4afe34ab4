<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('elsewhere')->nullable()->comment('what of it lies in other hands, and what did');
            $table->date('comes_back_on')->nullable()->comment('when its next re-check is due');
            $table->json('hands')->nullable()->comment('who does which kind of work, where somebody is named');
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->unsignedSmallInteger('stands')->nullable()->comment('so many bikes hang at a time; null where nobody has said');
            $table->json('skills')->nullable()->comment('what work asks for that not everybody can');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('wants_letter')->default(false)->comment('once a day, what somebody should look at');
            $table->date('lettered_on')->nullable();
        });
        Schema::table('customers', function (Blueprint $table): void {
            $table->string('email', 120)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('customers', fn (Blueprint $table) => $table->dropColumn('email'));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['wants_letter', 'lettered_on']));
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn(['stands', 'skills']));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['elsewhere', 'comes_back_on', 'hands']));
    }
};
