<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Demo;
use Tests\Support\Site;

beforeEach(function (): void {
    Demo::week();
});

it('replans a week by keys: a bike before another, seen before it is kept', function (): void {
    $site = Site::open()->signIn('maren@tollgate.example', 'bench-demo')->visit('/calendar');
    expect($site->has('svg.week .task'))->toBeTrue()->and($site->seriousFaults())->toBe([]);
    $site->andWait(fn () => $site->keys('j'));
    expect($site->driver()->getCurrentURL())->toContain('week=');
    $site->visit('/calendar');
    $job = Job::query()->where('number', 250)->sole();
    $site->click('#change-250')->choose("before-{$job->id}", (string) Job::query()->where('number', 241)->value('id'));
    $site->tabTo('#try-250')->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect($site->text())->toContain('Nothing is kept yet')->and(Job::query()->whereNotNull('before_id')->exists())->toBeFalse();
    $site->tabTo('#keep-plan')->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    expect($site->text())->toContain('Kept for 250.')
        ->and(Job::query()->where('number', 250)->value('before_id'))->toBe(Job::query()->where('number', 241)->value('id'));
});
