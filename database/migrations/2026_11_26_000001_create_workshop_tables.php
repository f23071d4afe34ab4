<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workshops', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('place');
            $table->unsignedInteger('first_number')->default(1)->comment('the number of its first job; later ones follow');
            $table->timestamps();
        });

        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->string('length_unit', 5)->default('mm');
            $table->string('torque_unit', 8)->default('N·m');
            $table->string('light', 10)->default('bright');
            $table->rememberToken();
            $table->dateTime('shut_out_at')->nullable()->comment('since when the person may no longer come in; what they did stays');
            $table->timestamps();
        });

        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });

        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('phone', 40)->nullable();
            $table->timestamps();
            $table->index(['workshop_id', 'name']);
        });

        Schema::create('bikes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('customer_id')->constrained()->cascadeOnDelete();
            $table->string('label');
            $table->string('kind', 30);
            $table->string('frame_material', 20);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['bikes', 'customers', 'password_reset_tokens', 'users', 'workshops'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
