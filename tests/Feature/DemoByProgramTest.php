<?php

declare(strict_types=1);

use App\Models\User;
use Tests\Support\Api;
use Tests\Support\Demo;

it('tells of every job of the demo as described', function (): void {
    Demo::week();
    $maren = User::query()->where('email', 'maren@tollgate.example')->firstOrFail();
    $api = Api::of($this, $maren);
    $jobs = $api->get('/jobs?which=all')->assertOk()->json('jobs');
    expect(count($jobs))->toBeGreaterThan(15);
    foreach (array_slice($jobs, 0, 18) as $job) {
        foreach (['', '/document', '/strip', '/build', '/prove'] as $what) {
            $api->get("/jobs/{$job['number']}{$what}")->assertOk();
        }
    }
    $api->get('/schedule')->assertOk();
});
