<?php

declare(strict_types=1);

use App\Actions\People\ForgetCustomer;
use App\Documents\UploadStash;
use App\Models\Customer;
use App\Models\FreeText;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Models\Values\NameInText;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Storage;
use NeatSpindle\Core\Ground\House\Question;
use Tests\Support\Forms;
use Tests\Support\Workshops;

/** Names that were not forgotten, or took other words with them; how they are written, and what is another word. The next finding is a line. */
dataset('names', [
    'two letters' => ['Li', ['Li', 'LI', 'lí', 'Li’s bike', 'as Li said'], ['Limit', 'Li-ion pack', 'li_2']],
    'one letter' => ['e', ['e', 'E said'], ['e-bike', 'e.g. this', 'the']],
    'an accent' => ['Šmit', ['Šmit', 'smit', 'ŠMIT’s', 'home-smit.gpx'], ['Smith', 'smitten']],
    'three words' => ['Ana Maria Šmit', ['ana maria smit', "Ana  Maria\nŠmit", 'ANA-MARIA ŠMIT'], ['Ana Maria', 'Maria Šmit']],
    'signs' => ["A. O'Neil", ['A. O’Neil', 'a o neil'], ['J.A. Oneil']],
    'signs of a pattern' => ['100% Rider_', ['100% rider'], ['1000 riders']],
]);

it('finds a name as whole words in any case and accent, and nothing else', function (string $name, array $written, array $other): void {
    $sought = NameInText::of($name) ?? throw new LogicException('no name');
    foreach ($written as $text) {
        expect($sought->isIn($text))->toBeTrue($text)->and($sought->isIn($sought->replacedIn($text, 'the customer')))->toBeFalse($text);
    }
    foreach ($other as $text) {
        expect($sought->replacedIn($text, 'the customer'))->toBe($text);
    }
})->with('names');

it('knows of every column of text whether somebody writes there freely', function (): void {
    $known = [];
    foreach ([FreeText::OF_A_JOB, FreeText::OF_THE_WORKSHOP] as $written) {
        foreach ($written as $table => $columns) {
            array_push($known, ...array_map(fn (string $column) => "{$table}.{$column}", array_keys($columns)));
        }
    }
    foreach ([FreeText::OF_THE_PEOPLE, FreeText::OF_THE_CATALOGUE, FreeText::CODED, FreeText::OF_THE_CUSTOMER] as $other) {
        foreach ($other as $table => $columns) {
            array_push($known, ...array_map(fn (string $column) => "{$table}.{$column}", $columns));
        }
    }
    expect($known)->toEqualCanonicalizing(array_keys(FreeText::lengths()))->and(array_diff(array_keys(FreeText::IN_JSON), $known))->toBe([])
        ->and(array_diff(FreeText::PLACES, $known))->toBe([]);
});

/** Everything there is of a workshop, as text: tables, files set aside, sessions, logs. */
function everythingKept(): string
{
    $tables = array_map(fn (object $row): string => (string) current((array) $row), DB::select('show tables'));
    $rows = array_map(
        fn (string $table) => $table.': '.json_encode(DB::table($table)->get(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        array_diff($tables, ['users', 'migrations']),
    );
    $files = array_map(
        fn ($file) => File::get($file->getPathname()),
        [
            ...File::files((string) config('session.files')), ...File::allFiles(Storage::path('')),
            ...File::files(storage_path('framework/testing/logs-'.getmypid())),
        ],
    );

    return stripslashes(implode("\n", [...$rows, ...array_map(mb_scrub(...), $files)]));
}

/** Asks for it in another way than what forgets it does: letter by letter, with the signs of a pattern. */
function standsIn(string $text, string $name): bool
{
    $words = preg_split('/[^\p{L}\p{N}]+/u', $name, flags: PREG_SPLIT_NO_EMPTY) ?: [];
    $plain = iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $text) ?: '';
    $pattern = implode(
        '[^a-z0-9]{1,4}',
        array_map(fn (string $word) => preg_quote((string) iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $word), '/'), $words),
    );

    return preg_match("/(?<![a-z0-9])(?<![a-z0-9][_&@.-]){$pattern}(?![a-z0-9])(?![_&@-][a-z0-9])(?!\\.[a-z](?![a-z]))/i", $plain) === 1;
}

/** A job whose customer is called so, with the name in every column somebody writes in. */
function writtenEverywhere(User $person, string $name): Job
{
    $job = Workshops::proved(Workshops::kitted($person), $person);
    $of = ['job_id' => $job->id, 'user_id' => $person->id];
    DB::table('customers')->update(['name' => $name, 'phone' => '0123 45']);
    DB::table('conditions')
        ->insert([...$of, 'subject' => 'frame', 'severity' => 'bad', 'remedy' => 'declined', 'declined_by' => $name, 'found_at' => now()]);
    DB::table('obstacles')
        ->insert([...$of, 'kind' => 'bulge', 'height_mm' => 1, 'plus_minus_mm' => 1, 'angle_deg' => 1, 'seen_at' => now()]);
    DB::table('box_records')
        ->insert([...$of, 'motor_id' => $job->kit?->motor_id, 'position' => 0, 'what' => 'x', 'state' => 'wrong', 'noted_at' => now()]);
    DB::table('fastener_bands')
        ->insert([...$of, 'fastener' => 'pedal', 'low_nm' => 1, 'high_nm' => 2, 'paper' => 'x', 'typed_at' => now()]);
    DB::table('own_stretches')
        ->insert([
            ...$of, 'from_place' => 'x', 'to_place' => 'y', 'length_mm' => 1, 'towards' => 'up', 'tags' => '[]', 'added_at' => now(),
        ]);
    DB::table('tracks')
        ->insert([...$of, 'name' => 'x', 'heights' => '[]', 'length_m' => 1, 'raw_ascent_m' => 1, 'points' => 1, 'remarks' => '["x"]']);
    DB::table('hand_overs')
        ->insert([
            ...$of, 'handed_at' => now(), 'recheck_on' => today(), 'taken_back_at' => now(), 'sheet' => '{"customer":"x","decided":["x"]}',
        ]);
    DB::table('rechecks')->insert([...$of, 'done_at' => now(), 'kilometres' => 50]);
    DB::table('recheck_items')
        ->insert(['recheck_id' => DB::table('rechecks')->value('id'), 'code' => 'ties', 'title' => 'x', 'found' => 'held']);
    DB::table('logbook_entries')
        ->insert([
            'workshop_id' => $job->workshop_id, 'job_id' => $job->id, 'kind' => 'diamond', 'measures' => '{}', 'pieces' => '{}',
            'left_over' => '["x"]', 'found' => '{"ties":"x"}', 'written_at' => now(),
        ]);
    DB::table('house_rules')
        ->insert([
            'workshop_id' => $job->workshop_id, 'user_id' => $person->id, 'question' => Question::cases()[0]->value,
            'school' => Question::cases()[0]->schools()[0]->value, 'why' => 'x', 'made_at' => now(),
        ]);
    DB::table('feeds')
        ->insert(['workshop_id' => $job->workshop_id, 'by_id' => $person->id, 'secret_hash' => 'x', 'told' => '{"title":"x"}']);
    DB::table('leads')->insert(['workshop_id' => $job->workshop_id, 'connector' => 'x', 'length_mm' => 1, 'quantity' => 1]);
    DB::table('stock_items')->insert(['workshop_id' => $job->workshop_id, 'kind' => 'small', 'name' => 'x']);
    DB::table('pictures')
        ->insert([
            'job_id' => $job->id, 'user_id' => $job->assignee_id, 'of' => 'intake', 'title' => 'As it came', 'note' => 'x', 'file' => 'x',
            'width' => 1, 'height' => 1,
        ]);
    $supplier = DB::table('suppliers')->insertGetId(['workshop_id' => $job->workshop_id, 'name' => 'x']);
    $order = DB::table('orders')
        ->insertGetId([
            'workshop_id' => $job->workshop_id, 'supplier_id' => $supplier, 'number' => 1, 'placed_on' => today(), 'note' => 'x',
        ]);
    DB::table('order_lines')->insert(['workshop_id' => $job->workshop_id, 'order_id' => $order, 'what' => 'x', 'count' => 1]);
    DB::table('runs')
        ->insert([
            'job_id' => $job->id, 'position' => 39, 'name' => 'x', 'kind' => 'signal', 'from_place' => 'x', 'to_place' => 'y',
            'supply_mm' => 1, 'connector' => 'z', 'off' => '["bar"]',
        ]);
    foreach (FreeText::OF_A_JOB + FreeText::OF_THE_WORKSHOP as $table => $columns) {
        foreach (array_keys($columns) as $column) {
            $at = "{$table}.{$column}";
            $row = DB::table($table)->when($at === 'runs.name', fn ($runs) => $runs->whereNull('role'))->latest('id')->first();
            $long = mb_substr("says {$name}, and ".str_repeat('much ', 120), 0, min(500, FreeText::lengths()[$at]));
            DB::table($table)->where('id', $row->id ?? 0)->update([$column => match (FreeText::IN_JSON[$at] ?? null) {
                null => $long,
                ['*'] => json_encode($column === 'sheet' ? ['customer' => $name, 'decided' => [$long]] : [$name, $long]),
                default => json_encode([(FreeText::IN_JSON[$at])[0] => $long, 'code' => 'limit']),
            }]);
        }
    }

    return $job;
}

beforeEach(function (): void {
    config([
        'session.driver' => 'file', 'session.files' => storage_path('framework/testing/sessions-'.getmypid()),
        'filesystems.disks.local.root' => storage_path('framework/testing/stash-'.getmypid()),
    ]);
    File::ensureDirectoryExists((string) config('session.files'));
    File::ensureDirectoryExists((string) config('filesystems.disks.local.root'));
    Storage::forgetDisk('local');
    config(['logging.channels.single.path' => storage_path('framework/testing/logs-'.getmypid().'/spindle.log')]);
    File::ensureDirectoryExists(storage_path('framework/testing/logs-'.getmypid()));
    Log::forgetChannel('single');
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
});

afterEach(function (): void {
    File::deleteDirectory((string) config('session.files'));
    File::deleteDirectory((string) config('filesystems.disks.local.root'));
    File::deleteDirectory(storage_path('framework/testing/logs-'.getmypid()));
});

it('forgets a name wherever one can be written, and shortens what would overflow', function (string $name): void {
    $job = writtenEverywhere($this->person, $name);
    $found = iterator_to_array(ForgetCustomer::mentions(Workshops::fresh($job), [], true), false);
    $expected = array_sum(array_map(count(...), FreeText::OF_A_JOB + FreeText::OF_THE_WORKSHOP));
    expect(array_unique(array_map(fn ($one) => "{$one->table}.{$one->column}", $found)))->toHaveCount($expected);
    $this->get("/jobs/{$job->id}/customer")->assertOk()->assertSee('Where it stands')->assertSee('What the rider said')
        ->assertSee('No backup is kept here');
    File::put(config('session.files').'/somebody', serialize(['_previous' => ['url' => "http://x/?find={$name}"]]));
    (new UploadStash($this->person, 'roads'))->put("<name>{$name}</name>");
    expect(standsIn(everythingKept(), $name))->toBeTrue();
    $this->delete("/jobs/{$job->id}/customer")->assertSessionHasNoErrors();
    $kept = everythingKept();
    expect(standsIn($kept, $name))->toBeFalse()->and($kept)->toContain('limit')->toContain('the customer');
    $this->get("/jobs/{$job->id}/prove/hand-over")->assertOk();
    $this->get("/jobs/{$job->id}/customer")->assertOk()->assertSee('Nobody knows any more');
    foreach ([
        '/', '/logbook', "/jobs/{$job->id}/job.json", "/jobs/{$job->id}/build", "/jobs/{$job->id}/route",
        "/jobs/{$job->id}/prove/hand-over.pdf",
    ] as $page) {
        $this->get($page)->assertOk();
    }
})->with(['Li', 'e', 'Šmit', 'Ana Maria Šmit', "A. O'Neil", '100% Rider_']);

it('forgets what was typed into every field of text of every form', function (string $name): void {
    $job = Workshops::proved(Workshops::kitted($this->person), $this->person);
    DB::table('customers')->update(['name' => $name]);
    $sent = 0;
    foreach ([
        'survey', 'condition', 'strip?step=pedal-left', 'stack/order', 'stack/rest', 'box', 'route', 'route/cockpit', 'route/sensors',
        'build?step=nut-torque', 'build/house', 'prove', 'prove/settings', 'prove/hand-over', 'line/hills', '../../house', '../../drawer',
        '../../jobs/new',
    ] as $place) {
        $html = (string) $this->get("/jobs/{$job->id}/{$place}")->getContent();
        foreach (Forms::on($html) as $form) {
            foreach (array_filter($form['fields'], is_string(...)) as $field => $value) {
                if (
                    $form['method'] !== 'GET' && ! str_contains($form['path'], '/customer') && ! in_array(
                        $field, ['version', 'seen', 'form_key'], true,
                    )
                ) {
                    $this->call($form['method'], $form['path'], [...$form['fields'], $field => $name]);
                    $sent++;
                }
            }
        }
    }
    expect($sent)->toBeGreaterThan(100)->and(standsIn(everythingKept(), $name))->toBeTrue();
    $this->delete("/jobs/{$job->id}/customer")->assertSessionHasNoErrors();
    expect(standsIn(everythingKept(), $name))->toBeFalse();
})->with(['Šmit', 'Ana Maria Šmit']);

it('leaves alone what is written about a namesake, and what else a customer is called goes too', function (): void {
    [$one, $other] = [Workshops::job($this->person), Workshops::job($this->person, 'Another')];
    expect(Customer::query()->where('name', 'A. Rider')->count())->toBe(2);
    Job::query()->whereKey($one->id)->update(['ended_because' => 'A. Rider and Nick moved away']);
    Job::query()->whereKey($other->id)->update(['ended_because' => 'A. Rider moved away']);
    $this->get("/jobs/{$one->id}/customer?asked=1&also=Nick")->assertOk()->assertSee('1 more customer has this name')
        ->assertSee('Nick moved away');
    $this->get("/jobs/{$one->id}/customer?asked=1&also=..,%20,-")->assertSessionHasErrors('also');
    $this->delete("/jobs/{$one->id}/customer", ['asked' => '1', 'also' => 'nick'])->assertSessionHasNoErrors();
    expect(Job::query()->findOrFail($one->id)->ended_because)->toBe('the customer and the customer moved away')
        ->and(Job::query()->findOrFail($other->id)->ended_because)->toBe('A. Rider moved away')
        ->and(Customer::query()->where('name', 'A. Rider')->count())->toBe(1);
    $this->delete("/jobs/{$one->id}/customer")->assertSessionHasErrors('erase');
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    $this->get("/jobs/{$other->id}/customer")->assertForbidden();
    $this->delete("/jobs/{$other->id}/customer")->assertForbidden();
});

it('takes a customer who is chosen or new, and never one of the same spelling unasked', function (): void {
    $start = fn (array $with) => $this->post('/jobs', ['bike' => 'Grey', 'kind' => 'diamond', 'frame_material' => 'steel', ...$with]);
    $start(['customer' => 'Ana Šmit'])->assertSessionHasNoErrors();
    $known = Customer::query()->sole();
    $start(['customer' => 'ana  SMIT'])->assertSessionHasErrors('whose');
    $this->get('/jobs/new')->assertSee('somebody else of the same name')->assertSee('Ana Šmit: Grey');
    $start(['customer' => 'ana SMIT', 'whose' => '999'])->assertSessionHasErrors('whose');
    $start(['customer' => 'ana SMIT', 'whose' => (string) $known->id])->assertSessionHasNoErrors();
    expect(Customer::query()->count())->toBe(1)->and($known->bikes()->count())->toBe(2);
    $start(['customer' => 'Ana Šmit', 'whose' => 'new'])->assertSessionHasNoErrors();
    expect(Customer::query()->count())->toBe(2)->and($known->bikes()->count())->toBe(2);
    $known->forceFill(['name' => 'Erased', 'erased_at' => now()])->save();
    $start(['customer' => 'Erased'])->assertSessionHasNoErrors();
});

it('writes no value of a statement into the log', function (): void {
    Illuminate\Support\Facades\Route::get(
        '/falls', fn () => DB::table('customers')->insert(['workshop_id' => 1, 'name' => str_repeat("Šmit's ", 100)]),
    );
    $this->get('/falls')->assertStatus(500);
    $log = implode(
        '', array_map(fn ($file) => File::get($file->getPathname()), File::files(storage_path('framework/testing/logs-'.getmypid()))),
    );
    expect($log)->toContain('A fault of the database')->toContain('insert into')->not->toContain('mit')->and($log)->toContain('request_id');
});

it('ends the sessions a name stands in, but of nobody in another workshop', function (): void {
    $job = Workshops::job($this->person);
    $other = Workshops::person();
    $session = fn (string $file, int $of) => File::put(
        config('session.files')."/{$file}",
        serialize([Auth::guard('web')->getName() => $of, '_old_input' => ['note' => 'Old New, as ever']]),
    );
    $session('own', $this->person->id);
    $session('strangers', $other->id);
    DB::table('customers')->update(['name' => 'Old New']);
    $this->delete("/jobs/{$job->id}/customer")->assertSessionHasNoErrors();
    expect(File::exists(config('session.files').'/own'))->toBeFalse()->and(File::exists(config('session.files').'/strangers'))->toBeTrue();
});

it('forgives nobody’s wrong tries with what it empties', function (): void {
    config(['cache.limiter' => 'limits', 'cache.stores.limits.path' => storage_path('framework/testing/limits-'.getmypid())]);
    app()->forgetInstance(RateLimiter::class);
    app(RateLimiter::class)->hit('somebody at the door');
    Cache::put('worked out before', 'A. Rider');
    $this->delete('/jobs/'.Workshops::job($this->person)->id.'/customer')->assertSessionHasNoErrors();
    expect(Cache::get('worked out before'))->toBeNull()->and(app(RateLimiter::class)->attempts('somebody at the door'))->toBe(1);
    File::deleteDirectory((string) config('cache.stores.limits.path'));
});
