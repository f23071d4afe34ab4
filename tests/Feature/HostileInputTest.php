<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Testing\TestResponse;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Forms;
use Tests\Support\Instruments;
use Tests\Support\Workshops;

/*
 * Sends what nobody should: forms, addresses and files with something wrong in them, drawn from a seed. Whatever it is,
 * the answer is one of ours, and either all of it is kept or nothing. HOSTILE_SEED and HOSTILE_REQUESTS ask for others.
 */

const PLACES = [
    '', '/survey', '/survey?spot=cogs', '/condition', '/strip', '/match', '/stack', '/stack/ways', '/stack/order', '/stack/rest', '/box',
    '/read-in', '/pictures', '/customer', '/line', '/line/gears', '/line/hills', '/route', '/route/battery',
    '/route/cockpit', '/route/sensors', '/build', '/build/house', '/build/estimate', '/build/estimate.csv', '/prove', '/prove/live',
    '/prove/live?step=wakes', '/prove?step=pedals', '/prove/settings', '/prove/hand-over', '/prove/come-back',
    '/news', '/job.json', '/worksheet.json', '/section.svg', '/line/line.svg', '/line/gears.svg', '/line/road.svg', '/build/print',
    '/stack/order.csv',
];

const ASKED = [
    'spot', 'subject', 'step', 'posture', 'compare', 'mount', 'law', 'least_w', 'voltage', 'drawer', 'goes', 'nearly', 'does_not', 'find',
    'detail', 'with', 'road', 'seen', 'page', 'near', 'plug', 'run', 'place', 'like', 'job',
];

/** What stands in no good form; a text, a list, or nothing at all. */
const WRONG = [
    '', ' ', '0', '-1', '1e999', '1e-320', '9223372036854775808', '99999999999999999999999999', '1,5', '[7]', '1;2', '½', 'NaN', 'INF',
    '0x1f', "\0", "a\0b", "\xff\xfe", "\xc3\x28", '٣', '＝1+1',
    '<script>alert(1)</script>', "'; drop table jobs; --", '../../../../etc/passwd', '${7*7}', "line\nbreak", '🙂', '2026-13-45', 'true',
    'null', ['x'], ['a' => ['b' => 'c']], [], [[]], null,
];

const FILES = [
    '', '{', '[]', '{"motors":{}}', '{"motors":{"a":{"mount":"sleeve"}},"rings":[],"spacers":{}}', "\xff\xfe\0", '<gpx></gpx>',
    '<gpx><trk><trkseg><trkpt lat="1" lon="1"/><trkpt lat="x" lon="1"/></trkseg></trk></gpx>', "thickness_mm,quantity,use\n1,2",
    "thickness_mm;quantity;use\n\"1\n", '<!DOCTYPE x [<!ENTITY a "b">]><gpx>&a;</gpx>',
];

/**
 * What is kept of some tables, a figure for each; of all when none is named.
 *
 * @param  list<string>  $tables
 * @return array<string, mixed> by table
 */
function keptOf(array $tables = []): array
{
    $all = array_map(fn (object $row): string => (string) current((array) $row), DB::select('show tables'));
    $kept = array_values(array_diff($tables ?: $all, ['submissions', 'migrations', 'password_reset_tokens']));
    $sums = $kept === [] ? [] : DB::select('checksum table `'.implode('`, `', $kept).'`');

    return array_combine($kept, array_map(fn (object $row): mixed => ((array) $row)['Checksum'], $sums));
}

/** The table a statement writes to; null where it only reads. */
function writtenBy(string $statement): ?string
{
    return preg_match(
        '/^\s*(?:insert (?:ignore )?into|replace into|update|delete from)\s+`?(\w+)`?/i', $statement, $found,
    ) === 1 ? $found[1] : null;
}

/**
 * One or two fields with a text that is too long, some number, or one of what is wrong.
 *
 * @param  array<string, mixed>  $fields
 * @return array<string, mixed>
 */
function spoil(array $fields, Randomizer $random): array
{
    for ($i = $random->getInt(1, 2); $i > 0; $i--) {
        $names = array_keys($fields) ?: ['x'];
        $name = (string) $names[$random->getInt(0, count($names) - 1)];
        $fields[$name] = match ($random->getInt(0, 9)) {
            0 => str_repeat('ä', $random->getInt(100, 20_000)),
            1 => (string) $random->getInt(-1_000_000, 1_000_000),
            default => WRONG[$random->getInt(0, count(WRONG) - 1)],
        };
    }

    return $fields;
}

afterEach(fn () => isset($this->instruments) ? $this->instruments->stop() : null);

it('answers whatever is sent with a page of ours, and keeps nothing by halves', function (): void {
    $seed = (int) (getenv('HOSTILE_SEED') ?: 20261126);
    $random = new Randomizer(new Mt19937($seed));
    $this->instruments = Instruments::plugIn('caliper', 'wrench', 'display', 'scale');
    config(['instruments.play' => true]);
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $other = Workshops::kitted(Workshops::stocked());
    $read = fn (): User => User::query()->findOrFail($owner->id);
    $this->actingAs($read());
    $this->post(
        "/jobs/{$job->id}/line/roads",
        ['track' => UploadedFile::fake()->createWithContent('r.gpx', (string) file_get_contents(database_path('demo/road.gpx')))],
    );
    $paths = [
        ...array_map(fn (string $place) => "/jobs/{$job->id}{$place}", PLACES), '/', '/jobs/new', '/drawer', '/drawer/missing',
        '/drawer/stock', '/drawer/count', '/drawer/labels', '/drawer/labels?each=1', '/jobs.csv', '/calendar.csv', '/archive',
        '/drawer/orders', '/drawer/orders/new', '/drawer/should-hold', '/drawer/stock/spacer-1', '/catalogue', '/house', '/instruments',
        '/logbook', '/people', '/account',
    ];
    $forms = [];
    foreach ($paths as $path) {
        array_push($forms, ...Forms::on((string) $this->get($path)->getContent()));
    }
    $forms = array_values(array_filter($forms, fn (array $form) => $form['path'] !== '/sign-out' && $form['method'] !== 'GET'));
    $faults = [];
    $foreign = DB::table('jobs')->where('id', $other->id)->value('version');

    /** @var ArrayObject<string, string> $written */
    $written = new ArrayObject;
    DB::listen(function (QueryExecuted $query) use ($written): void {
        $table = writtenBy($query->sql);
        $table === null ?: $written[$table] = $table;
    });
    $kept = keptOf();
    for ($i = 0; $i < (int) (getenv('HOSTILE_REQUESTS') ?: 4_000); $i++) {
        $this->actingAs($read());
        RateLimiter::clear('letters');
        if ($random->getInt(0, 3) === 0) {
            $path = $paths[$random->getInt(0, count($paths) - 1)];
            $asked = spoil([ASKED[$random->getInt(0, count(ASKED) - 1)] => 'x'], $random);
            [$what, $method] = [$path.' '.json_encode($asked, JSON_INVALID_UTF8_SUBSTITUTE), 'GET'];
            $send = fn (): TestResponse => $this->call('GET', $path, $asked);
        } else {
            $form = $forms[$random->getInt(0, count($forms) - 1)];
            $path = $random->getInt(0, 15) === 0 ? (string) preg_replace(
                '/\d+/', ['0', '99999999999999999999', (string) $other->id, '1,5'][$random->getInt(0, 3)], $form['path'],
            ) : $form['path'];
            $fields = spoil(
                isset($form['fields']['version']) ? [
                    'version' => (string) DB::table('jobs')->where('id', $job->id)->value('version'),
                ] + $form['fields'] : $form['fields'],
                $random,
            );
            $files = [];
            foreach ($form['files'] as $name) {
                $content = $random->getInt(0, 2) === 0 ? changedBytes($random) : FILES[$random->getInt(0, count(FILES) - 1)];
                $files[$name] = $random->getInt(0, 9) === 0 ? [UploadedFile::fake()->createWithContent('a.json', $content)] : UploadedFile::fake()
                    ->createWithContent(['a.json', 'a.gpx', 'a.csv', 'a.exe', 'a'][$random->getInt(0, 4)], $content);
            }
            [$what, $method] = ["{$path} ".json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE), $form['method']];
            $isJson = $files === [] && $random->getInt(0, 7) === 0;
            $send = fn (): TestResponse => $isJson && json_encode($fields) !== false ? $this->json($form['method'], $path, $fields)
                : $this->call($form['method'], $path, $fields, [], $files);
        }
        $written->exchangeArray([]);
        $response = $send();
        $now = count($written) === 0 ? [] : keptOf(array_values($written->getArrayCopy()));
        $isChanged = array_diff_assoc($now, $kept) !== [];
        $kept = [...$kept, ...$now];
        $isRefused = $response->getStatusCode() >= 400 || session()->has('errors');
        if ($response->getStatusCode() >= 500 || ($isRefused && $isChanged)) {
            $faults[] = "{$method} {$what}: {$response->getStatusCode()}".(
                $response->exception === null ? '' : " {$response->exception->getMessage()}"
            );
        }
    }

    expect($faults)->toBe([])->and(DB::table('jobs')->where('id', $other->id)->value('version'))->toBe($foreign)
        // Nothing was written past the statements that were looked at.
        ->and($kept)->toBe(keptOf());
});

/** A good file with some of its bytes changed. */
function changedBytes(Randomizer $random): string
{
    $files = [database_path('demo/catalogue.json'), database_path('demo/road.gpx'), base_path('core/tests/cases/hardtail-73.job.json')];
    $text = (string) file_get_contents($files[$random->getInt(0, count($files) - 1)]);
    for ($i = $random->getInt(1, 6); $i > 0; $i--) {
        $text[$random->getInt(0, strlen($text) - 1)] = chr($random->getInt(0, 255));
    }

    return $text;
}
