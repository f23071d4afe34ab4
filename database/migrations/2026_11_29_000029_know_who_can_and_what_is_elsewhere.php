<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('turn');
            $table->foreignId('before_id')->nullable()->comment('the job it is done before, where somebody has put it there')->constrained('jobs')->nullOnDelete();
            $table->json('elsewhere')->nullable()->comment('what of it lies in other hands, and what did');
            $table->date('comes_back_on')->nullable()->comment('when its next re-check is due');
            $table->json('hands')->nullable()->comment('who does which kind of work, where somebody is named');
        });
        // What has left before this was kept is looked for when it comes back like all others.
        DB::statement(<<<'SQL'
            update jobs set comes_back_on = case
                when exists (select 1 from rechecks where job_id = jobs.id and done_at >= jobs.handed_over_at)
                then (select next_on from rechecks where job_id = jobs.id order by id desc limit 1)
                else (select recheck_on from hand_overs where job_id = jobs.id and taken_back_at is null order by id desc limit 1)
            end where handed_over_at is not null
            SQL);
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
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('before_id');
            $table->dropColumn(['elsewhere', 'comes_back_on', 'hands']);
            $table->integer('turn')->nullable()->comment('its place before others, where somebody has moved it');
        });
    }
};
