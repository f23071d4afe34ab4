<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\Workshops;

beforeEach(function (): void {
    Storage::fake();
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $this->file = (string) $this->get("/jobs/{$this->job->id}/job.json")->assertOk()->getContent();
});

/** @return TestResponse<Response> */
function lookAt(Job $job, string $json, string $name = 'job.json'): TestResponse
{
    return test()->from("/jobs/{$job->id}/read-in")
        ->post(
            "/jobs/{$job->id}/read-in",
            ['version' => Workshops::fresh($job)->version, 'document' => UploadedFile::fake()->createWithContent($name, $json)],
        );
}

it('says of its own document that it is the same', function (): void {
    $this->get((string) lookAt($this->job, $this->file)->assertSessionHasNoErrors()->headers->get('Location'))->assertOk()
        ->assertSee('It says the same as the job');
});

it('shows field by field what a document says otherwise, and takes over what was measured and answered', function (): void {
    $document = json_decode($this->file);
    $document->bike->shell->width_mm = ['value' => 73.4, 'plus_minus' => 0.05];
    $document->bike->chainstay->profile[1]->outboard_mm = 4.5;
    $document->bike->rear->cogs[8] += 3;
    $document->kit->ring = $document->kit->ring === 'deep-40' ? 'half-36' : 'deep-40';
    $look = (string) lookAt($this->job, (string) json_encode($document))->assertSessionHasNoErrors()->headers->get('Location');
    $this->get($look)->assertOk()->assertSeeInOrder(['Shell width', '73.4 ± 0.05', 'measured afresh'])->assertSee('/kit/ring')
        ->assertSee('kept: it is chosen')->assertSee('Take over these 3');
    $readings = Reading::query()->whereNull('superseded_at')->where('spot', 'shell_width')->count();
    expect($readings)->toBeGreaterThan(0);
    $stashed = substr($look, -26);
    $keep = fn (int $version, string $stashed) => $this->from($look)
        ->put("/jobs/{$this->job->id}/read-in", ['version' => $version, 'stashed' => $stashed]);
    $keep(0, $stashed)->assertSessionHasErrors();
    $keep(Workshops::fresh($this->job)->version, str_repeat('b', 26))->assertSessionHasErrors('document');
    $keep(Workshops::fresh($this->job)->version, $stashed)->assertSessionHasNoErrors();
    $read = Reading::query()->where('job_id', $this->job->id)->where('spot', 'shell_width')->whereNull('superseded_at')->sole();
    expect([$read->value_mm, $read->plus_minus_mm, $read->typed])->toBe([73.4, 0.05, '73.4 ± 0.05 mm, from a document'])
        ->and(Answer::query()->where('question', 'cogs')->whereNull('superseded_at')->value('value'))
        ->toBe(implode(' ', $document->bike->rear->cogs));
    $after = json_decode((string) $this->get("/jobs/{$this->job->id}/job.json")->getContent());
    expect($after->bike->shell->width_mm)->toEqual((object) ['value' => 73.4, 'plus_minus' => 0.05]);
    $this->get($look)->assertSee('/kit/ring')->assertDontSee('Shell width</td>', false);
});

it('says what is wrong with a document at its pointer, and lets nobody take over what they may not choose', function (): void {
    $document = json_decode($this->file);
    $document->bike->shell->width_mm = -4;
    lookAt($this->job, (string) json_encode($document))->assertSessionHasErrors('document');
    expect(session('errors')->first('document'))->toContain('/bike/shell/width_mm');
    lookAt($this->job, '[]')->assertSessionHasErrors('document');
    lookAt($this->job, $this->file, 'job.exe')->assertSessionHasErrors(['document' => 'Expected the .json file of a job.']);
    $document = json_decode($this->file);
    $document->bike->rear->chainstay_length_mm = 40;
    $look = (string) lookAt($this->job, (string) json_encode($document))->headers->get('Location');
    $this->put("/jobs/{$this->job->id}/read-in", ['version' => Workshops::fresh($this->job)->version, 'stashed' => substr($look, -26)])
        ->assertSessionHasErrors('document');
    expect(session('errors')->first('document'))->toContain('cannot be 40');
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop));
    lookAt($this->job, $this->file)->assertForbidden();
    $this->actingAs(Workshops::stocked());
    $this->get("/jobs/{$this->job->id}/read-in")->assertNotFound();
});
