<?php

declare(strict_types=1);

use App\Actions\Jobs\StartJob;
use App\Models\Job;
use App\Models\StepRecord;
use App\Models\User;
use Illuminate\Http\Request;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\Workshops;

function bikeOf(User $person, string $kind): Job
{
    return app(StartJob::class)(
        $person, ['customer' => 'A. Rider', 'bike' => "A {$kind}", 'kind' => $kind, 'frame_material' => 'aluminium'],
    );
}

/** @param  array<string, string>  $answers spot and the words on its button */
function stripBySayingWhatIsFitted(Paper $site, Job $job, array $answers): void
{
    foreach ($answers as $spot => $words) {
        $site->visit("/jobs/{$job->id}/survey?spot={$spot}")->press($words);
    }
    $site->press('Strip');
    Journey::of($site, [])->strip();
}

it('strips a two-piece press-fit full-suspension bike', function (): void {
    $person = Workshops::stocked();
    $job = bikeOf($person, 'full-suspension');
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    stripBySayingWhatIsFitted(
        $site, $job, ['crank_kind' => 'Two-piece, pinch bolts', 'bracket_kind' => 'Pressed in', 'front_mech' => 'No'],
    );

    expect(StepRecord::query()->orderBy('id')->pluck('step')->all())->toBe([
        'power', 'pedal-right', 'pedal-left', 'chain', 'pinch-bolts', 'preload-cap', 'crank-left', 'crank-right', 'cup-left', 'cup-drive',
        'look-inside',
    ]);
    expect($site->text('#arrived'))->toContain('the bare shell');
    expect($site->visit("/jobs/{$job->id}/strip")->text())->toContain('Two-piece, pinch bolts, pressed in 11 of 11 done');
});

it('strips a one-piece cruiser, turning its left-hand parts the right way', function (): void {
    $person = Workshops::stocked();
    $job = bikeOf($person, 'step-through');
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit("/jobs/{$job->id}/survey?spot=crank_kind")->press('One piece');
    $site->visit("/jobs/{$job->id}/strip?step=locknut-left");
    expect($site->text('.turn figcaption'))->toBe('Clockwise, top of the wrench to the back');
    $site->press('Upside down');
    expect($site->text('.turn figcaption'))->toBe('Clockwise, top of the wrench to the front');

    stripBySayingWhatIsFitted($site, $job, ['kickstand' => 'Yes']);
    expect(StepRecord::query()->pluck('step')->all())->toContain('kickstand', 'locknut-left', 'cone-left', 'crank-out')
        ->not->toContain('crank-right');
});

it('identifies a shell by following the questions alone, in the fewest readings', function (
    string $shell, string $width, array $answers, string $name
): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/survey?spot=shell_width");
    $site->type('typed', $width)->press('Keep');
    $given = 1;
    while ($site->has('#next-evidence')) {
        $site->click('#next-evidence');
        $spot = Request::create($site->address())->query->getString('spot');
        $spot === 'shell_bore' ? $site->type('typed', $answers[$spot])->press('Keep') : $site->press($answers[$spot]);
        $given++;
    }
    expect($site->text('.shell'))->toContain($name)->and($given)->toBe(1 + count($answers));
})->with([
    'italian' => ['italian', '70.02', [], 'Italian thread'],
    'french' => ['french', '68.04', ['shell_bore' => '34.1', 'drive_cup_loosens' => 'Anticlockwise'], 'French thread'],
]);
