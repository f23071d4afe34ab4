<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Whose codes differ when a single byte does. */
    private const CODED = ['motors' => 'code', 'rings' => 'code', 'inserts' => 'code', 'spiders' => 'code', 'leads' => 'connector'];

    public function up(): void
    {
        Schema::create('submissions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('form_key', 26)->comment('of the form as it was shown; it is taken in once');
            $table->dateTime('taken_in_at')->index();
            $table->unique(['user_id', 'form_key']);
        });
        Schema::table('readings', function (Blueprint $table): void {
            $table->foreignId('brought_back_by_id')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('tracks', function (Blueprint $table): void {
            $table->dateTime('dropped_at')->nullable();
            $table->foreignId('dropped_by_id')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('spacers', function (Blueprint $table): void {
            $table->dateTime('retired_at')->nullable()->comment('since when nothing is chosen from it any more');
            $table->foreignId('retired_by_id')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('motors', function (Blueprint $table): void {
            $table->double('continuous_w')->change();
            $table->double('max_torque_nm')->change();
        });
        foreach (self::CODED as $of => $column) {
            Schema::table($of, fn (Blueprint $table) => $table->string($column, 200)->collation('utf8mb4_nopad_bin')->change());
        }
        DB::statement('update users set email = lower(email)');
        Schema::table('users', fn (Blueprint $table) => $table->string('email')->collation('utf8mb4_nopad_bin')->change());
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->string('email')->collation('utf8mb4_unicode_ci')->change());
        foreach (self::CODED as $of => $column) {
            Schema::table($of, fn (Blueprint $table) => $table->string($column, 200)->collation('utf8mb4_unicode_ci')->change());
        }
        Schema::table('motors', function (Blueprint $table): void {
            $table->decimal('continuous_w', 8, 1)->change();
            $table->decimal('max_torque_nm', 8, 1)->change();
        });
        Schema::table('spacers', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('retired_by_id');
            $table->dropColumn('retired_at');
        });
        Schema::table('tracks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('dropped_by_id');
            $table->dropColumn('dropped_at');
        });
        Schema::table('readings', fn (Blueprint $table) => $table->dropConstrainedForeignId('brought_back_by_id'));
        Schema::dropIfExists('submissions');
    }
};
