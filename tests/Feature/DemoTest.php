<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\DB;

it('leaves nothing of a demo that fails in the middle', function (): void {
    Job::creating(fn (Job $job) => $job->number >= 4 ? throw new RuntimeException('It broke.') : null);
    try {
        $this->artisan('spindle:demo')->expectsOutputToContain('It did not go through')->assertFailed();
        expect(Workshop::query()->count() + User::query()->count() + DB::table('jobs')->count() + DB::table('readings')->count())->toBe(0);
    } finally {
        Job::flushEventListeners();
    }
});

it('says so where a workshop is made twice', function (): void {
    $password = (string) tempnam(sys_get_temp_dir(), 'password');
    file_put_contents($password, "a bicycle shed\n");
    $make = fn (string $name) => $this->artisan(
        'spindle:workshop',
        [
            '--name' => $name, '--place' => 'There', '--owner' => 'Ida', '--email' => 'ida@thorn.example',
            '--password-file' => $password, '--no-interaction' => true,
        ],
    );
    $make('One')->assertSuccessful();
    $make('Two')->expectsOutputToContain('taken')->assertFailed();
    // Both have been looked at, and one of them came first.
    User::creating(function (User $user): void {
        DB::table('users')->insertOrIgnore([...$user->getAttributes(), 'email' => 'late@thorn.example']);
    });
    $this->artisan(
        'spindle:workshop',
        [
            '--name' => 'Three', '--place' => 'There', '--owner' => 'Ida', '--email' => 'late@thorn.example',
            '--password-file' => $password, '--no-interaction' => true,
        ],
    )
        ->expectsOutputToContain('That is there already')->assertFailed();
    User::flushEventListeners();
    expect(Workshop::query()->pluck('name')->all())->toBe(['One']);
    unlink($password);
});
