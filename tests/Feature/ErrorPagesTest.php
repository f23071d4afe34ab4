<?php

declare(strict_types=1);

use App\Models\Reading;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Tests\Support\Forms;
use Tests\Support\Workshops;

/** Nobody answers at the database's door while something is done. */
function withoutDatabase(callable $do): mixed
{
    $connection = ['port' => '1', 'name' => 'away'] + (array) config('database.connections.mariadb');
    config(['database.connections.away' => $connection, 'database.default' => 'away']);
    try {
        return $do();
    } finally {
        DB::purge('away');
        config(['database.default' => 'mariadb']);
    }
}

it('says so on a page of ours while the database is away, and offers to send it again', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $this->actingAs($person);
    $typed = ['spot' => 'shell_width', 'typed' => '73,04 <b>', 'instrument' => 'caliper', 'form_key' => str_repeat('k', 26)];
    withoutDatabase(function () use ($job, $typed): void {
        $this->get("/jobs/{$job->id}/survey")->assertStatus(503)->assertHeader('Retry-After', '10')->assertSee('records cannot be reached')
            ->assertDontSee('SQLSTATE')->assertDontSee('Send it again');
        $page = $this->post("/jobs/{$job->id}/readings", $typed)->assertStatus(503)->assertSee('Nothing of it was kept')
            ->assertSee('73,04 &lt;b&gt;', false);
        $form = Forms::on((string) $page->getContent())[0];
        expect($form['path'])->toBe("/jobs/{$job->id}/readings")
            ->and($form['fields'])->toMatchArray(array_diff_key($typed, ['form_key' => 1]));
        $this->get('/nowhere')->assertNotFound()->assertSee('no such job or page');
    });
    expect(Reading::query()->count())->toBe(0);
    $this->post("/jobs/{$job->id}/readings", ['typed' => '73,04'] + $typed)->assertSessionHasNoErrors();
    expect(Reading::query()->count())->toBe(1);
});

it('shows pages of ours that ask nothing of the database', function (Throwable $thrown, int $status, string $words): void {
    Route::middleware('web')->post('/thrown', fn () => throw $thrown);
    $this->actingAs(Workshops::person());
    config(['app.debug' => false]);
    DB::enableQueryLog();
    $this->post('/thrown', ['note' => 'oil, an hour', 'weights' => ['1', '2'], 'password' => 'secret-word', 'current' => 'secret-word'])
        ->assertStatus($status)->assertSee($words)->assertSee('oil, an hour')->assertSee('name="weights[1]" value="2"', false)
        ->assertDontSee('secret-word')->assertDontSee('Stack trace')->assertHeader('Content-Security-Policy');
    expect(DB::getQueryLog())->toBe([]);
})->with([
    [new PostTooLargeException, 413, 'That is too large'],
    [new TokenMismatchException, 419, 'open for too long'],
    [new TooManyRequestsHttpException, 429, 'Too many tries'],
    [new RuntimeException('boom'), 500, 'Something broke on our side'],
]);

it('reports a database that is away, and no conflict that was to be expected', function (): void {
    $reported = [];
    Log::listen(function ($message) use (&$reported): void {
        $reported[] = $message->level;
    });
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->put("/jobs/{$job->id}/ring", ['ring_id' => 1, 'version' => $job->version - 1])
        ->assertSessionHasErrors('version');
    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'fine']);
    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'fine'])->assertSessionHasErrors('severity');
    foreach ([1, 2] as $ignored) {
        $this->post(
            "/jobs/{$job->id}/readings",
            ['spot' => 'shell_bore', 'typed' => '33.7', 'instrument' => 'caliper', 'afresh' => 1, 'form_key' => str_repeat('z', 26)],
        );
    }
    expect($reported)->toBe([]);
    withoutDatabase(fn () => $this->get("/jobs/{$job->id}/survey"));
    expect($reported)->toBe(['error']);
});

it('gives a fresh token to whoever is signed in', function (): void {
    $this->getJson('/token')->assertUnauthorized();
    $this->actingAs(Workshops::person())->getJson('/token')->assertOk()->assertJsonStructure(['token']);
});

it('sends the same safe headers with pages, errors and files', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    foreach ([
        "/jobs/{$job->id}/stack", "/jobs/{$job->id}/section.svg", "/jobs/{$job->id}/job.json", '/drawer.csv', '/nowhere', '/jobs/999999',
        '/up', '/token',
    ] as $path) {
        $headers = $this->get($path)->headers;
        expect($headers->get('Content-Security-Policy'))->toContain("default-src 'none'")
            ->and($headers->get('X-Content-Type-Options'))->toBe('nosniff')
            ->and($headers->get('Permissions-Policy'))->toContain('camera=()')->and($headers->get('Cache-Control'))->toContain('no-store')
            ->and($headers->get('X-Powered-By'))->toBeNull()->and($headers->get('Strict-Transport-Security'))->toBeNull();
    }
    expect($this->get('https://127.0.0.1/sign-in')->headers->get('Strict-Transport-Security'))->toContain('max-age=31536000');
});

it('answers to no other name', function (): void {
    foreach (['evil.example', '127.0.0.1.evil.example', 'localhost.evil.example:8180'] as $host) {
        $answer = $this->get("http://{$host}/");
        expect($answer->getStatusCode())->toBe(400)->and((string) $answer->getContent())->not->toContain('evil')
            ->and($answer->headers->get('Location'))->toBeNull();
    }
    $this->get('http://localhost:8180/sign-in')->assertOk();
});
