<?php

declare(strict_types=1);

use App\Actions\Kit\BraceBody;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Run;
use App\Models\Values\BracingDecision;
use Facebook\WebDriver\WebDriverKeys;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** @return list<string> the way the main harness takes */
function harnessWay(Job $job): array
{
    return OpenJob::of(Workshops::fresh($job))->routePlan()->routes[0]->path ?? [];
}

it('moves a run off the pinch by keyboard, and the sheet follows', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    app(BraceBody::class)(
        $job, $person, $job->version,
        new BracingDecision(position: BodyPosition::Below, rest: Rest::Strut, restRadius: 120.0, gap: GapContents::Nothing),
    );
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/route");
    expect(harnessWay($job))->not->toContain('motor-top');

    $site->tabTo('a[aria-label="Move main harness"]');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    $site->tabTo('a.way-place[aria-label="above the motor"]');
    $site->andWait(fn () => $site->keys(WebDriverKeys::ENTER));
    $site->driver()->executeScript('document.activeElement.blur()');
    $site->andWait(fn () => $site->keys('p'));
    expect(harnessWay($job))->toContain('motor-top')->and(Run::query()->where('name', 'main harness')->sole()->via)->toBe('motor-top')
        ->and($site->text('[data-run="0"]'))->toContain('foot of the down tube → above the motor → motor');

    $site->visit("/jobs/{$job->id}/build?step=thread-0-1-2");
    expect($site->text('.step-now'))->toContain('foot of the down tube → above the motor → motor');
});
