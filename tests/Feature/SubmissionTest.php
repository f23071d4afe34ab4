<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reading;
use App\Models\Spacer;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\Workshops;

const KEY = 'kkkkkkkkkkkkkkkkkkkkkkkkkk';

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
});

it('takes a form in once, however often it is sent', function (): void {
    $job = Workshops::job($this->person);
    $read = fn (string $key) => $this->from("/jobs/{$job->id}/survey")->post("/jobs/{$job->id}/readings", [
        'spot' => 'shell_width', 'typed' => '73.04', 'instrument' => 'caliper', 'form_key' => $key,
    ]);
    $read(KEY)->assertSessionHasNoErrors();
    $read(KEY)->assertRedirect("/jobs/{$job->id}/survey")
        ->assertSessionHas('told', 'This was sent twice. It was kept the first time, and counts once.');
    expect(Reading::query()->count())->toBe(1);
    $read(str_repeat('m', 26));
    expect(Reading::query()->count())->toBe(2);

    $this->post('/drawer', $kind = ['thickness' => '2.85', 'new_quantity' => '4', 'uses' => ['drive'], 'form_key' => str_repeat('d', 26)])
        ->assertSessionHasNoErrors();
    $this->post('/drawer', $kind)->assertSessionHas('told');
    $this->post(
        '/jobs',
        $bike = [
            'customer' => 'A. Rider', 'whose' => 'new', 'bike' => 'Red one', 'kind' => 'diamond', 'frame_material' => 'steel',
            'form_key' => str_repeat('j', 26),
        ],
    )
        ->assertSessionHasNoErrors();
    $this->post('/jobs', $bike)->assertSessionHas('told');
    expect(Spacer::query()->where('thickness_mm', 2.85)->count())->toBe(1)->and(Job::query()->count())->toBe(2);
});

it('takes a form in that was refused before, and another person’s of the same key', function (): void {
    $job = Workshops::job($this->person);
    $read = fn (string $typed) => $this
        ->post("/jobs/{$job->id}/readings", ['spot' => 'shell_width', 'typed' => $typed, 'instrument' => 'caliper', 'form_key' => KEY]);
    $read('73')->assertSessionHasNoErrors();
    $this->actingAs(Workshops::person(workshop: $this->person->workshop));
    $read('cold')->assertSessionHasErrors('typed');
    $read('73.1')->assertSessionHasNoErrors();
    expect(Reading::query()->count())->toBe(2);
});

it('gives every form that changes something a key of its own', function (string $path): void {
    $job = Workshops::kitted($this->person);
    $page = (string) $this->get(str_replace('JOB', (string) $job->id, $path))->assertOk()->getContent();
    preg_match_all('/<form[^>]*method="post".*?<\/form>/s', $page, $found);
    $forms = count($found[0]);
    $keys = array_map(
        fn (string $form) => preg_match('/name="form_key" value="([a-z0-9]{26})"/', $form, $key) === 1 ? $key[1] : null, $found[0],
    );

    expect($forms)->toBeGreaterThan(0)->and($keys)->not->toContain(null)->and(array_unique($keys))->toHaveCount($forms);
})->with([
    '/jobs/JOB/survey', '/jobs/JOB/condition', '/jobs/JOB/strip', '/jobs/JOB/match', '/jobs/JOB/stack', '/jobs/JOB/stack/ways',
    '/jobs/JOB/stack/order', '/jobs/JOB/stack/rest',
    '/jobs/JOB/line', '/jobs/JOB/line/hills', '/jobs/JOB/route', '/jobs/JOB/pictures', '/jobs/JOB/build/estimate', '/jobs/JOB/build',
    '/drawer', '/drawer/stock', '/drawer/count', '/drawer/orders/new', '/drawer/should-hold', '/catalogue', '/people', '/account',
    '/jobs/new',
]);

it('forgets keys after a month', function (): void {
    $old = fn () => DB::table('submissions')->where('taken_in_at', '<', now()->subDays(30));
    $kept = ['user_id' => $this->person->id, 'form_key' => str_repeat('o', 26), 'taken_in_at' => now()->subDays(31)];
    // Every five hundredth looks, wherever the table has got to.
    $next = DB::table('submissions')->insertGetId($kept) + 1;
    DB::table('submissions')->delete();
    DB::table('submissions')->insert(['id' => (intdiv($next, 500) + 1) * 500 - 2, ...$kept]);
    $job = Workshops::job($this->person);
    foreach (['p', 'q'] as $letter) {
        $this->post(
            "/jobs/{$job->id}/readings",
            ['spot' => 'shell_width', 'typed' => '73', 'instrument' => 'caliper', 'form_key' => str_repeat($letter, 26)],
        );
    }
    expect($old()->count())->toBe(0)->and(DB::table('submissions')->count())->toBe(2)->and(User::query()->count())->toBeGreaterThan(0);
});
