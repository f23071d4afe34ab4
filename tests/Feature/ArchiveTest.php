<?php

declare(strict_types=1);

use App\Actions\Archive\ReadArchiveIn;
use App\Documents\Archive\Archive;
use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\ArchiveTables;
use App\Documents\Archive\ArchiveWriter;
use App\Documents\Archive\CannotReadArchive;
use App\Models\Job;
use App\Models\Picture;
use App\Models\Role;
use App\Models\Workshop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Opis\JsonSchema\Validator;
use Tests\Support\Demo;
use Tests\Support\Workshops;

beforeEach(function (): void {
    Storage::fake();
    $this->file = (string) tempnam(sys_get_temp_dir(), 'archive');
});

afterEach(function (): void {
    is_file($this->file) && unlink($this->file);
});

/** The database as it is before anybody works with it, but for what the program itself needs. */
function emptied(): void
{
    Auth::forgetUser();
    Schema::disableForeignKeyConstraints();
    array_map(
        fn (string $table) => DB::table($table)->delete(),
        [...ArchiveTables::names(), 'workshops', 'feeds', 'sheet_addresses', 'submissions'],
    );
    Schema::enableForeignKeyConstraints();
    Storage::deleteDirectory('pictures');
}

/** Another archive made of one, with one of its files altered. */
function altered(string $from, string $name, ?string $content): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'altered');
    copy($from, $path);
    $zip = new ZipArchive;
    $zip->open($path);
    $content === null ? $zip->deleteName($name) : $zip->addFromString($name, $content);
    $zip->close();

    return $path;
}

it('has every table and every column of a workshop, or says why not', function (): void {
    $tables = array_map(fn (object $row): string => (string) current((array) $row), DB::select('show tables'));
    expect(array_diff($tables, ArchiveTables::names(), array_keys(ArchiveTables::STAY)))->toBe([])
        ->and(array_diff(ArchiveTables::names(), $tables))->toBe([]);
});

it('gives out the demo, each line as its schema says, reads it in, and gives out the same to the byte', function (): void {
    Demo::week();
    $job = Job::query()->where('number', 242)->firstOrFail();
    DB::table('jobs')->where('number', 245)->update(['before_id' => $job->id]);
    ArchiveWriter::write(Workshop::query()->sole()->id, $this->file);
    $first = (string) hash_file('sha256', $this->file);
    $counts = array_map(fn (string $table) => DB::table($table)->count(), array_combine(ArchiveTables::names(), ArchiveTables::names()));
    $sheet = $this->actingAs(Workshop::query()->sole()->users()->firstOrFail())->get("/jobs/{$job->id}/worksheet.json")->assertOk()
        ->getContent();

    $zip = new ZipArchive;
    $zip->open($this->file);
    $file = ArchiveFile::open($this->file);
    $checked = 0;
    foreach (ArchiveTables::names() as $table) {
        $schema = json_decode((string) $zip->getFromName(Archive::schema($table)));
        foreach ($file->lines($table) as $number => $line) {
            if ($number <= 40) {
                expect((new Validator)->validate($line, $schema)->isValid())->toBeTrue("{$table}:{$number}");
                $checked++;
            }
        }
    }
    expect($checked)->toBeGreaterThan(300);

    emptied();
    $workshop = app(ReadArchiveIn::class)(ArchiveFile::open($this->file), null);
    expect(array_map(fn (string $table) => DB::table($table)->count(), array_combine(ArchiveTables::names(), ArchiveTables::names())))
        ->toBe($counts)
        ->and(Storage::allFiles())->toHaveCount(2 * $counts['pictures']);
    $again = "{$this->file}-again";
    ArchiveWriter::write($workshop->id, $again);
    expect((string) hash_file('sha256', $again))->toBe($first);
    unlink($again);

    $this->actingAs($workshop->users()->firstOrFail());
    $job = Job::query()->where('number', 242)->firstOrFail();
    expect(Job::query()->where('number', 245)->value('before_id'))->toBe($job->id);
    expect($this->get("/jobs/{$job->id}/worksheet.json")->assertOk()->getContent())->toBe($sheet);
    foreach ([
        '/', '/calendar', '/drawer/stock', '/drawer/orders', '/logbook', "/jobs/{$job->id}/pictures", "/jobs/{$job->id}/build",
    ] as $path) {
        $this->get($path)->assertOk();
    }
    $picture = Picture::query()->firstOrFail();
    $this->get("/jobs/{$picture->job_id}/pictures/{$picture->id}/large.jpg")->assertOk();
});

it('reads nothing of what is no archive, was cut short, altered, or holds what it may not', function (): void {
    $person = Workshops::stocked();
    Workshops::kitted($person);
    ArchiveWriter::write($person->workshop_id, $this->file);
    $line = "{\"n\":1}\n";
    $whole = (string) file_get_contents($this->file);
    $cut = (string) tempnam(sys_get_temp_dir(), 'cut');
    file_put_contents($cut, substr($whole, 0, intdiv(strlen($whole), 2)));
    $bomb = altered($this->file, Archive::table('readings'), str_repeat('0', 60_000_000));
    $manifest = json_decode((string) file_get_contents('zip://'.$this->file.'#'.Archive::MANIFEST));
    $manifest->version = 7;
    foreach ([
        [$cut, 'That is no archive, or it did not arrive whole.'], [__FILE__, 'That is no archive, or it did not arrive whole.'], [
            '/nowhere', 'That is no archive, or it did not arrive whole.',
        ],
        [
            altered($this->file, '../../evil.php', '<?php'),
            'There is “../../evil.php” in it, which is no part of an archive. Nothing was read.',
        ],
        [altered($this->file, 'tables/motors.jsonl', $line), 'tables/motors.jsonl is not as it was written: its hash is another.'],
        [altered($this->file, 'tables/motors.jsonl', null), 'tables/motors.jsonl is missing from it.'],
        [
            altered($this->file, Archive::MANIFEST, (string) json_encode($manifest)),
            'A later version of the program has written it (archive version 7). Bring this one up to date first.',
        ],
        [altered($this->file, Archive::MANIFEST, '[]'), 'That is no archive, or it did not arrive whole.'],
        [$bomb, 'Unpacked it would be far larger than any workshop’s archive. Nothing was read.'],
    ] as [$path, $says]) {
        $before = Workshop::query()->withoutGlobalScopes()->count();
        expect(fn () => app(ReadArchiveIn::class)(ArchiveFile::open($path), null))->toThrow(CannotReadArchive::class, $says);
        expect(Workshop::query()->withoutGlobalScopes()->count())->toBe($before);
    }
    expect(fn () => app(ReadArchiveIn::class)(ArchiveFile::open($this->file), null))
        ->toThrow(ValidationException::class, 'is somebody of another workshop here already');
});

it('says line and column of what does not fit, and reads nothing of it', function (string $table, Closure $spoil, string $says): void {
    $person = Workshops::stocked();
    Workshops::kitted($person);
    ArchiveWriter::write($person->workshop_id, $this->file);
    emptied();
    $zip = new ZipArchive;
    $zip->open($this->file);
    $lines = explode("\n", trim((string) $zip->getFromName(Archive::table($table))));
    $line = json_decode($lines[0]);
    $spoil($line);
    $lines[0] = (string) json_encode($line, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    $content = implode("\n", $lines)."\n";
    $manifest = json_decode((string) $zip->getFromName(Archive::MANIFEST));
    $manifest->tables->{$table}->sha256 = hash('sha256', $content);
    $zip->close();
    $spoilt = altered(altered($this->file, Archive::table($table), $content), Archive::MANIFEST, (string) json_encode($manifest));
    expect(fn () => app(ReadArchiveIn::class)(ArchiveFile::open($spoilt), null))->toThrow(ValidationException::class, $says);
    expect(DB::table('workshops')->count() + DB::table('jobs')->count() + DB::table('users')->count())->toBe(0);
})->with([
    'a strange column' => ['jobs', fn (stdClass $line) => $line->zebra = 1, 'tables/jobs.jsonl:1: expected exactly its columns'],
    'a row that is not there' => [
        'jobs', fn (stdClass $line) => $line->bike_id = 99, 'tables/jobs.jsonl:1: bike_id names row 99 of bikes, of which there are 1.',
    ],
    'a word nobody knows' => [
        'jobs', fn (stdClass $line) => $line->stage = 'zebra', 'tables/jobs.jsonl:1: stage is a word that is not known here.',
    ],
    'a text for a number' => [
        'readings', fn (stdClass $line) => $line->value_mm = 'wide', 'tables/readings.jsonl:1: value_mm is no number.',
    ],
    'nothing where something is due' => [
        'customers', fn (stdClass $line) => $line->name = null, 'tables/customers.jsonl:1: name must not be empty.',
    ],
    'a day that is none' => ['jobs', fn (stdClass $line) => $line->promised_on = 'soon', 'tables/jobs.jsonl:1: promised_on is no day.'],
    'no number' => ['jobs', function (stdClass $line): void {
        unset($line->n);
    }, 'tables/jobs.jsonl:1: expected exactly its columns'],
    'too long' => [
        'customers', fn (stdClass $line) => $line->name = str_repeat('x', 300), 'tables/customers.jsonl:1: name is no text that fits.',
    ],
]);

it('reads nothing where two lines clash, or a figure is larger than can be kept', function (string $table, Closure $spoil): void {
    $person = Workshops::stocked();
    Workshops::kitted($person);
    Workshops::kitted($person);
    ArchiveWriter::write($person->workshop_id, $this->file);
    emptied();
    $zip = new ZipArchive;
    $zip->open($this->file);
    $lines = array_map(json_decode(...), explode("\n", trim((string) $zip->getFromName(Archive::table($table)))));
    $spoil($lines);
    $content = implode("\n", array_map(fn ($line) => json_encode($line, JSON_PRESERVE_ZERO_FRACTION), $lines))."\n";
    $manifest = json_decode((string) $zip->getFromName(Archive::MANIFEST));
    $manifest->tables->{$table}->sha256 = hash('sha256', $content);
    $zip->close();
    $spoilt = altered(altered($this->file, Archive::table($table), $content), Archive::MANIFEST, (string) json_encode($manifest));
    expect(fn () => app(ReadArchiveIn::class)(ArchiveFile::open($spoilt), null))
        ->toThrow(CannotReadArchive::class, 'Two of its lines clash');
    expect(DB::table('workshops')->count() + DB::table('jobs')->count())->toBe(0);
})->with([
    'two jobs of one number' => ['jobs', fn (array $lines) => $lines[1]->number = $lines[0]->number],
    'more pieces than can be kept' => ['spacers', fn (array $lines) => $lines[0]->quantity = 70_000],
]);

it('shows an owner what is in an archive before anything is kept, and reads it into an empty workshop alone', function (): void {
    $person = Workshops::stocked();
    Workshops::kitted($person);
    ArchiveWriter::write($person->workshop_id, $this->file);
    $this->actingAs($person)->get('/archive')->assertOk()->assertSee('nothing is read over them');
    $this->get('/archive.zip')->assertOk()->assertHeader('Content-Type', 'application/zip');
    $upload = fn (string $path, string $name = 'w.zip') => $this->from('/archive')
        ->post('/archive', ['archive' => UploadedFile::fake()->createWithContent($name, (string) file_get_contents($path))]);
    $upload(__FILE__)->assertSessionHasErrors(['archive' => 'That is no archive, or it did not arrive whole.']);
    $upload($this->file, 'w.exe')->assertSessionHasErrors(['archive' => 'Expected the .zip file of a workshop.']);
    $this->post('/archive', [])->assertSessionHasErrors(['archive' => 'Choose an archive first.']);
    $look = (string) $upload($this->file)->assertSessionHasNoErrors()->headers->get('Location');
    $this->get($look)->assertOk()->assertSee('Every line of it can be read')->assertSee('Readings');
    parse_str((string) parse_url($look, PHP_URL_QUERY), $query);
    $this->put('/archive', ['stashed' => $query['look']])->assertSessionHasErrors('archive');
    $this->put('/archive', ['stashed' => str_repeat('a', 26)])->assertSessionHasErrors('archive');

    emptied();
    $owner = Workshops::person(Role::Owner, Workshop::query()->create(['name' => 'Empty', 'place' => 'Nowhere']));
    $owner->forceFill(['email' => $person->email])->save();
    $this->actingAs($owner);
    $look = (string) $upload($this->file)->assertSessionHasNoErrors()->headers->get('Location');
    parse_str((string) parse_url($look, PHP_URL_QUERY), $query);
    $this->get($look)->assertSee('Read it in');
    $this->put('/archive', ['stashed' => $query['look']])->assertSessionHasNoErrors();
    expect(Job::query()->count())->toBe(1)->and($owner->workshop->refresh()->name)->not->toBe('Empty');
    ArchiveWriter::write($owner->workshop_id, "{$this->file}-again");
    expect(hash_file('sha256', "{$this->file}-again"))->toBe(hash_file('sha256', $this->file));
    unlink("{$this->file}-again");
    $this->actingAs(Workshops::person(Role::Installer, $owner->workshop));
    foreach (['/archive', '/archive.zip'] as $path) {
        $this->get($path)->assertForbidden();
    }
    $this->put('/archive', ['stashed' => $query['look']])->assertSessionHasErrors('archive');
    $upload($this->file)->assertForbidden();
});

it('reads what an earlier version has written, which knew nothing of a table and a column that came since', function (): void {
    $person = Workshops::stocked();
    Workshops::kitted($person);
    ArchiveWriter::write($person->workshop_id, $this->file);
    emptied();
    $zip = new ZipArchive;
    $zip->open($this->file);
    $lines = array_map(
        fn (string $line) => json_encode(
            array_diff_key((array) json_decode($line), ['price' => 0]), JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
        ),
        explode("\n", trim((string) $zip->getFromName(Archive::table('spacers')))),
    );
    $content = implode("\n", $lines)."\n";
    $manifest = json_decode((string) $zip->getFromName(Archive::MANIFEST));
    $manifest->version = Archive::VERSION - 1;
    $manifest->tables->spacers->sha256 = hash('sha256', $content);
    unset($manifest->tables->pictures, $manifest->workshop->hour_price);
    $zip->close();
    $older = altered(
        altered(altered($this->file, Archive::table('spacers'), $content), Archive::table('pictures'), null), Archive::MANIFEST,
        (string) json_encode($manifest),
    );
    app(ReadArchiveIn::class)(ArchiveFile::open($older), null);
    expect(DB::table('spacers')->count())->toBe(count($lines))->and(DB::table('spacers')->whereNotNull('price')->count())->toBe(0);
    $manifest->version = Archive::VERSION;
    $now = altered($older, Archive::MANIFEST, (string) json_encode($manifest));
    emptied();
    expect(fn () => app(ReadArchiveIn::class)(ArchiveFile::open($now), null))
        ->toThrow(CannotReadArchive::class, 'tables/pictures.jsonl is missing');
});
