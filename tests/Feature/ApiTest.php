<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\Role;
use App\Models\StepRecord;
use Illuminate\Support\Facades\DB;
use Tests\Support\Api;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
});

it('tells a program of jobs, documents, worksheets, sheets step by step and the calendar, each as described', function (): void {
    $api = Api::of($this, $this->person, ['read']);
    $number = $this->job->number;
    expect($api->get('/jobs')->assertOk()->json('jobs.0.number'))->toBe($number)
        ->and($api->get("/jobs/{$number}")->assertOk()->json('stage'))->toBe($this->job->refresh()->stage->value);
    foreach (['document', 'worksheet'] as $what) {
        expect($api->get("/jobs/{$number}/{$what}")->assertOk()->json('format'))->toContain('neat-spindle/');
    }
    $strip = $api->get("/jobs/{$number}/strip")->assertOk()->json('steps');
    expect(array_filter($strip, fn (array $step) => ($step['turns']['thread'] ?? null) === 'left'))->not->toBe([]);
    $build = array_column($api->get("/jobs/{$number}/build")->assertOk()->json('steps'), null, 'code');
    expect($build['body-in']['needs'])->not->toBe([])->and($build['body-in']['held_by'])->not->toBeNull()
        ->and(array_filter(array_column($build, 'torque')))->not->toBe([]);
    expect($api->get("/jobs/{$number}/prove")->assertOk()->json('steps.0.held_by'))->toContain('build comes first');
    expect($api->get('/schedule')->assertOk()->json('jobs.0.tasks'))->not->toBe([]);
    $this->get('/api/openapi.json')->assertOk()->assertHeader('Content-Type', 'application/json');
    $bare = Workshops::job($this->person);
    $api->get("/jobs/{$bare->number}/build")->assertOk()->assertExactJson(['steps' => []]);
    $api->get("/jobs/{$bare->number}/worksheet")->assertNotFound();
});

it('keeps what an instrument’s box sends, once, through the same doors as at the bench', function (): void {
    $api = Api::of($this, $this->person, ['record']);
    $at = "/jobs/{$this->job->number}/readings";
    $before = Reading::query()->count();
    $api->post($at, ['spot' => 'shell_width', 'value_mm' => 73.02], once: 'box 7')->assertBadRequest();
    $api->post($at, ['spot' => 'shell_width', 'value_mm' => 73.02], once: 'box-7-reading-0001')->assertCreated();
    $api->post($at, ['spot' => 'shell_width', 'value_mm' => 73.02], once: 'box-7-reading-0001')->assertConflict();
    expect(Reading::query()->count())->toBe($before + 1);
    expect($api->post($at, ['spot' => 'shell_width', 'value_mm' => 8.0])->assertUnprocessable()->json('errors.0.field'))->toBe('value_mm');
    expect($api->post($at, ['spot' => 'shell_width', 'value_mm' => 71.0])->assertUnprocessable()->json('errors.*.field'))
        ->toContain('value_mm', 'sure');
    $api->post($at, ['spot' => 'shell_width', 'value_mm' => 73.1, 'plus_minus_mm' => 0.05, 'afresh' => true, 'sure' => true])
        ->assertCreated();
    foreach ([
        ['spot' => 'zebra', 'value_mm' => 1], ['spot' => 'shell_width', 'value_mm' => 'wide'], ['spot' => ['x'], 'value_mm' => 1],
        ['spot' => 'shell_width', 'value_mm' => 73, 'instrument' => 'thumb'], [],
    ] as $body) {
        $api->post($at, $body)->assertUnprocessable();
    }
    expect($api->post('/jobs/999999/readings', ['spot' => 'shell_width', 'value_mm' => 73])->assertNotFound()->getContent())
        ->not->toContain('App');
    $checks = "/jobs/{$this->job->number}/checks";
    expect($api->post($checks, ['check' => 'wakes', 'state' => 'done'])->assertUnprocessable()->json('errors.0.message'))
        ->toContain('build comes first');
    $api->post($checks, ['check' => 'wakes', 'state' => 'stopped'])->assertUnprocessable();
    $built = Workshops::built(Workshops::ready(Workshops::kitted($this->person)), $this->person);
    $first = Api::of($this, $this->person)->get("/jobs/{$built->number}/prove")->json('steps.0');
    $api->post(
        "/jobs/{$built->number}/checks",
        ['check' => $first['code'], 'state' => 'done', 'figure' => $first['figure'] === null ? null : $first['figure']['least']],
    )
        ->assertCreated();
    expect(StepRecord::query()->where('sheet', 'prove')->sole()->step)->toBe($first['code']);
    $api->post(
        "/jobs/{$built->number}/checks",
        ['check' => $first['code'], 'state' => 'stopped', 'note' => 'It went out again', 'record' => 0],
    )
        ->assertConflict();
});

it('lets a token do no more than its scopes, its person and its days allow', function (): void {
    $number = $this->job->number;
    (new Api($this, null))->get('/jobs')->assertUnauthorized();
    (new Api($this, '1|nonsense'))->get('/jobs')->assertUnauthorized();
    Api::of($this, $this->person, ['record'])->get("/jobs/{$number}")->assertForbidden();
    Api::of($this, $this->person, ['read'])->post("/jobs/{$number}/readings", ['spot' => 'shell_width', 'value_mm' => 73])
        ->assertForbidden();
    Api::of($this, Workshops::stocked())->get("/jobs/{$number}")->assertNotFound();
    $token = $this->person->createToken('Old', ['read'], now()->subMinute())->plainTextToken;
    (new Api($this, $token))->get('/jobs')->assertUnauthorized();
    $ines = Workshops::person(Role::Apprentice, $this->person->workshop);
    $api = Api::of($this, $ines);
    $api->get('/jobs')->assertOk();
    $ines->forceFill(['shut_out_at' => now()])->save();
    $api->get('/jobs')->assertForbidden();
    $this->actingAs($this->person)->getJson('/api/jobs')->assertUnauthorized();
});

it('answers no program more than so often a minute', function (): void {
    $api = Api::of($this, $this->person);
    foreach (range(1, 120) as $i) {
        $api->get("/jobs/{$this->job->number}")->assertOk();
    }
    $api->get("/jobs/{$this->job->number}")->assertTooManyRequests()->assertHeader('Retry-After');
});

it('gives a token on one’s own page, tells it once, and calls it back', function (): void {
    $this->actingAs($this->person);
    $give = fn (array $typed) => $this->from('/account')
        ->post(
            '/account/tokens',
            ['token_name' => 'Caliper box', 'scopes' => ['read'], 'until' => today()->addMonth()->format('Y-m-d'), ...$typed],
        );
    $give(['token_name' => ''])->assertSessionHasErrors(['token_name' => 'Which program is it for?']);
    $give(['scopes' => []])->assertSessionHasErrors('scopes');
    $give(['scopes' => ['everything']])->assertSessionHasErrors('scopes.0');
    $give(['until' => today()->addYears(3)->format('Y-m-d')])->assertSessionHasErrors('until');
    $give([])->assertSessionHasNoErrors();
    $token = (string) session('token');
    $this->get('/account')->assertOk()->assertSee($token)->assertSee('Caliper box');
    $this->get('/account')->assertDontSee($token);
    expect(DB::table('personal_access_tokens')->value('token'))->not->toContain(explode('|', $token)[1]);
    (new Api($this, $token))->get('/jobs')->assertOk();
    $this->actingAs(Workshops::stocked())->delete('/account/tokens/'.explode('|', $token)[0])->assertNotFound();
    $this->actingAs($this->person)->delete('/account/tokens/'.explode('|', $token)[0])->assertSessionHasNoErrors();
    (new Api($this, $token))->get('/jobs')->assertUnauthorized();
});
