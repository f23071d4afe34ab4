<?php

declare(strict_types=1);

use App\Actions\Prove\HandBikeOver;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\StepRecord;
use Illuminate\Support\Carbon;
use Tests\Support\Hand;
use Tests\Support\Paper;
use Tests\Support\WholeJob;
use Tests\Support\Workshops;

it('takes up a bike that clicks, opens the steps that cure it with what they were, and lets it leave again', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::proved(Workshops::kitted($person), $person);
    app(HandBikeOver::class)($job, $person, Workshops::fresh($job)->version, Carbon::today()->addDays(14), null);
    $ticked = StepRecord::query()->where('sheet', 'build')->whereNull('superseded_at')->count();
    $hand = new Hand(Paper::open()->signIn($person->email, Workshops::PASSWORD));
    $site = $hand->site->visit("/jobs/{$job->id}/prove/come-back");
    $site->type('kilometres', '60')->choose('found-crank-right', 'loose')->type('back-note', 'It clicks once a turn')
        ->click('#keep-recheck');
    expect($site->text('#found-work'))->toContain('says the rider')->toContain('Right crank’s bolt to torque');
    $site->click('#take-up-found');
    $open = $ticked - StepRecord::query()->where('sheet', 'build')->whereNull('superseded_at')->where('state', 'done')->count();
    expect(Workshops::fresh($job)->handed_over_at)->toBeNull()->and($open)->toBeGreaterThan(0)->toBeLessThan(6);
    $site->visit("/jobs/{$job->id}/build");
    expect($site->text('.step-now'))->toContain('As it was');
    (new WholeJob($hand, [], ['band' => '35 to 42', 'wakes' => '48.0', 'cut-off' => '25.0']))->toTheDoor();
    expect(HandOver::query()->whereNull('taken_back_at')->count())->toBe(1)->and($hand->presses)->toBeLessThan(30);
});

it('stops a carbon frame at intake, before anything comes off, in two presses and with its reason', function (): void {
    $person = Workshops::stocked();
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD)->visit('/jobs/new');
    $site->type('customer', 'A. Rider')->type('bike', 'Black race bike')->choose('frame_material', 'carbon')->press('Start measuring');
    expect($site->text('#carbon-first'))->toContain('This frame is carbon')
        ->and($site->text('#carbon'))->toContain('Never')->toContain('Its maker decides');
    $site->tick('#carbon summary')->click('#carbon-ends');
    $job = Job::query()->sole();
    expect($job->ended_as)->toBe(JobEnd::GivenUp)->and((string) $job->ended_because)->not->toBe('')
        ->and(StepRecord::query()->exists())->toBeFalse();
    $site->visit('/');
    expect($site->text())->not->toContain('Black race bike Survey');
});
