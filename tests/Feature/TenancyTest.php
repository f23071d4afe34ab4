<?php

declare(strict_types=1);

use App\Models\Customer;
use App\Models\Job;
use App\Models\Role;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;

it('shows a person the own workshop’s rows alone, however they are asked for', function (): void {
    [$ours, $theirs] = [Workshop::factory()->createOne(), Workshop::factory()->createOne()];
    foreach ([$ours, $theirs] as $workshop) {
        Job::factory()->for($workshop)->count(2)->create();
        Spacer::factory()->count(3)->create(['workshop_id' => $workshop->id]);
    }
    expect(Job::query()->count())->toBe(4, 'a command sees all');

    $this->actingAs(User::factory()->in($ours, Role::Installer)->createOne());
    $foreign = Job::query()->withoutGlobalScopes()->where('workshop_id', $theirs->id)->firstOrFail();

    expect(Job::query()->pluck('workshop_id')->unique()->all())->toBe([$ours->id])
        ->and(Job::query()->find($foreign->id))->toBeNull()
        ->and(Job::query()->where('workshop_id', $theirs->id)->count())->toBe(0)
        ->and(Spacer::query()->count())->toBe(3)
        ->and(Customer::query()->count())->toBe(2);
    $this->get("/jobs/{$foreign->id}/survey")->assertNotFound();
    $this->get('/')->assertOk()->assertDontSee("#{$foreign->number}");
});

it('lets no form write whose row it is', function (): void {
    expect(fn () => Job::query()->create(['workshop_id' => 1, 'bike_id' => 1, 'number' => 1]))->toThrow('workshop_id')
        ->and(fn () => (new User)->fill(['shut_out_at' => null]))->toThrow('shut_out_at');
});
