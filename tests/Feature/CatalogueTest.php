<?php

declare(strict_types=1);

use App\Models\Motor;
use App\Models\Role;
use App\Models\Spacer;
use Illuminate\Http\UploadedFile;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::person();
    $this->actingAs($this->person);
    $this->upload = fn (string $json, string $name = 'catalogue.json') => $this->from('/catalogue')
        ->post('/catalogue', ['file' => UploadedFile::fake()->createWithContent($name, $json)]);
    $this->demo = (string) file_get_contents(database_path('demo/catalogue.json'));
});

it('gives out exactly what it read in', function (string $file): void {
    $json = (string) file_get_contents($file);
    ($this->upload)($json)->assertSessionHasNoErrors()->assertRedirect('/catalogue');
    $given = json_decode((string) $this->get('/catalogue.json')->assertOk()->getContent(), true);
    $read = json_decode($json, true);
    foreach ($read['rings'] as &$ring) {
        $ring += ['thickness_mm' => 3];
    }
    usort($read['spacers'], fn ($a, $b) => $a['thickness_mm'] <=> $b['thickness_mm']);

    expect($given)->toEqual($read);
})->with([__DIR__.'/../../database/demo/catalogue.json', __DIR__.'/../../core/tests/cases/catalogue.json']);

it('updates the same codes and rows instead of doubling them', function (): void {
    ($this->upload)($this->demo);
    ($this->upload)(str_replace('"Heron, 73 sleeve"', '"Heron, renamed"', $this->demo));
    expect(Motor::query()->count())->toBe(8)->and(Motor::query()->where('code', 'heron-73')->value('name'))->toBe('Heron, renamed')
        ->and(Spacer::query()->count())->toBe(12);
});

it('says what is wrong with a file at its pointer, and keeps nothing of it', function (string $json, string $message): void {
    ($this->upload)($json)->assertSessionHasErrors('file');
    expect(implode(' ', session('errors')->get('file')))->toContain($message)->and(Motor::query()->count())->toBe(0);
})->with([
    'broken' => ['{"motors":', 'not JSON'],
    'a list' => ['[1]', 'not a JSON object'],
    'deeply nested' => ['{"a":'.str_repeat('[', 90).str_repeat(']', 90).'}', 'nested deeper'],
    'another format' => ['{"format":"something/else"}', '/motors: This is required and missing.'],
    'one fault among good motors' => [
        fn () => str_replace(
            '"thread_length_mm": 22.0', '"thread_length_mm": 220', (string) file_get_contents(database_path('demo/catalogue.json')),
        ),
        '/motors/heron-73/sleeve/thread_length_mm',
    ],
]);

it('refuses what is no JSON file, and what is too large', function (): void {
    ($this->upload)('GIF89a', 'picture.gif')->assertSessionHasErrors('file');
    $this->from('/catalogue')->post('/catalogue', [])->assertSessionHasErrors('file');
    $this->from('/catalogue')->post('/catalogue', ['file' => UploadedFile::fake()->create('big.json', 5000, 'application/json')])
        ->assertSessionHasErrors('file');
});

it('lets only the owner change the catalogue', function (): void {
    $this->actingAs(Workshops::person(Role::Installer, $this->person->workshop()->first()));
    ($this->upload)($this->demo)->assertForbidden();
    $this->get('/catalogue')->assertOk()->assertSee('Only the owner');
});

it('counts the drawer', function (): void {
    ($this->upload)($this->demo);
    $spacer = Spacer::query()->firstOrFail();
    $seen = ['seen_quantity' => $spacer->quantity, 'seen_lies_in' => $spacer->lies_in];
    $this->put("/drawer/{$spacer->id}", ['quantity' => 3, 'lies_in' => 'tray Q', ...$seen])->assertSessionHasNoErrors();
    expect($spacer->refresh()->quantity)->toBe(3);
    $this->from('/drawer')->followingRedirects()
        ->put("/drawer/{$spacer->id}", ['quantity' => 'some', 'lies_in' => 'shelf 9', 'row' => $spacer->id])
        ->assertSeeInOrder(['shelf 9', 'value="some"', 'a whole number from 0 to 1000'], false);
    $this->actingAs(Workshops::person())->put("/drawer/{$spacer->id}", ['quantity' => 9, ...$seen])->assertNotFound();
    expect($spacer->refresh()->quantity)->toBe(3);
});

it('writes only what was changed of a kind, and against what was seen', function (): void {
    ($this->upload)($this->demo);
    $spacer = Spacer::query()->firstOrFail();
    $spacer->update(['quantity' => 5, 'lies_in' => 'tray A']);
    $count = fn (array $typed) => $this->from('/drawer')
        ->put(
            "/drawer/{$spacer->id}", ['seen_quantity' => 5, 'seen_lies_in' => 'tray A', 'quantity' => 5, 'lies_in' => 'tray A', ...$typed],
        );
    $spacer->update(['quantity' => 2]);
    $count(['lies_in' => 'tray B'])->assertSessionHasNoErrors();
    expect($spacer->refresh()->only('quantity', 'lies_in'))->toBe(['quantity' => 2, 'lies_in' => 'tray B']);
    $count(['quantity' => 7])
        ->assertSessionHasErrors([
            'quantity' => 'There are 2 now: somebody counted them or took some out after you had opened this page. Count them again; yours was not kept.',
        ]);
    $count(['lies_in' => 'tray C'])->assertSessionHasErrors('lies_in');
    expect($spacer->refresh()->only('quantity', 'lies_in'))->toBe(['quantity' => 2, 'lies_in' => 'tray B']);
});

it('keeps what the numbers of the contract allow, however large', function (): void {
    $catalogue = json_decode($this->demo, true);
    $catalogue['motors']['heron-73'] = ['continuous_w' => 12_345_678.9, 'max_torque_nm' => 1e12] + $catalogue['motors']['heron-73'];
    ($this->upload)((string) json_encode($catalogue))->assertSessionHasNoErrors();
    expect($this->get('/catalogue.json')->json('motors.heron-73.continuous_w'))->toEqual(12_345_678.9);
    $this->get('/catalogue')->assertOk();
});

it('tells codes apart by every byte, and asks about those that look alike', function (): void {
    ($this->upload)($this->demo)->assertSessionHasNoErrors();
    $catalogue = json_decode($this->demo, true);
    foreach (['Heron-73', 'héron-73', 'heron-73 ', 'heron-73  '] as $twin) {
        $catalogue['motors'][$twin] = ['name' => "Twin {$twin}"] + $catalogue['motors']['heron-73'];
    }
    ($this->upload)((string) json_encode($catalogue))->assertSessionHasErrors('twins');
    expect(session('errors')->first('twins'))->toContain('“Heron-73” and “heron-73”')->and(Motor::query()->count())->toBe(8);
    $key = session('stashed');
    $this->get('/catalogue')->assertSee('They are different parts');
    $this->post('/catalogue', ['stashed' => $key])->assertSessionHasNoErrors();
    expect(Motor::query()->count())->toBe(12)->and($this->get('/catalogue.json')->json('motors.heron-73.name'))->toBe('Heron, 73 sleeve');
    $this->actingAs(Workshops::person())->post('/catalogue', ['stashed' => $key])->assertSessionHasErrors('file');
});

it('keeps no more than the pages can work with, old and new together', function (array $more, string $message): void {
    ($this->upload)($this->demo)->assertSessionHasNoErrors();
    $before = $this->get('/catalogue.json')->json();
    $empty = ['motors' => (object) [], 'rings' => (object) [], 'spacers' => [], 'inserts' => (object) []];
    ($this->upload)((string) json_encode([...$empty, ...$more]))->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain($message)->toContain('Nothing was read in')
        ->and($this->get('/catalogue.json')->json())->toEqual($before);
})->with([
    'kinds of spacers' => [
        ['spacers' => array_map(fn (int $i) => ['thickness_mm' => $i / 100, 'quantity' => 1, 'use' => ['boss', 'slot']], range(1, 295))],
        '307 kinds of spacers; at most 300',
    ],
    'rings' => [
        [
            'rings' => (object) array_combine(
                array_map(fn (int $i) => "r{$i}", range(1, 200)), array_fill(0, 200, ['teeth' => 40, 'dish_mm' => 0]),
            ),
        ],
        'rings; at most 200',
    ],
    'ways to put a ring on' => [[
        'rings' => (object) array_combine(
            array_map(fn (int $i) => "r{$i}", range(1, 150)),
            array_fill(0, 150, ['teeth' => 40, 'dish_mm' => 1, 'bolt_circle_mm' => 91, 'reversible' => true]),
        ),
        'spiders' => (object) array_combine(
            array_map(fn (int $i) => "s{$i}", range(1, 40)),
            array_fill(0, 40, ['bolt_circle_mm' => 91, 'thickness_mm' => 4, 'motors' => ['heron-73']]),
        ),
    ], 'ways to put a ring on'],
]);

it('counts the limit of a drawer over tables too', function (): void {
    ($this->upload)($this->demo)->assertSessionHasNoErrors();
    $table = "thickness_mm,quantity,use\n".implode("\n", array_map(fn (int $i) => sprintf('%.2f,1,boss slot', $i / 100), range(1, 295)));
    $this->from('/drawer')->post('/drawer.csv', ['table' => UploadedFile::fake()->createWithContent('drawer.csv', $table)])
        ->assertSessionHasErrors('table');
    expect(session('errors')->first('table'))->toContain('Nothing was read in')->and(Spacer::query()->count())->toBe(12);
});

it('takes a kind out of use and brings it back', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $drive = fn (): array => $this->get("/jobs/{$job->id}/worksheet.json")->json('stack.spacers.drive');
    $used = $drive();
    $spacer = Spacer::query()->where('thickness_mm', $used[0])->firstOrFail();
    $retire = fn (bool $out) => $this->from('/drawer')->put("/drawer/{$spacer->id}/use", ['out' => $out]);

    $this->post("/jobs/{$job->id}/stack/order", ['does' => 'reserve', 'version' => $job->version])->assertSessionHasNoErrors();
    $retire(true)->assertSessionHasErrors('quantity');
    $this->post("/jobs/{$job->id}/stack/order", ['does' => 'give_back', 'version' => Workshops::fresh($job)->version])
        ->assertSessionHasNoErrors();
    $retire(true)->assertSessionHasNoErrors();
    expect($drive())->not->toContain($used[0])->and($spacer->refresh()->retired_by_id)->toBe($person->id);
    $this->get('/drawer')->assertSee('Out of use: 1');
    $this->post(
        '/drawer',
        ['thickness' => (string) $spacer->thickness_mm, 'new_quantity' => '2', 'uses' => array_column($spacer->uses, 'value')],
    )
        ->assertSessionHasNoErrors();
    expect($spacer->refresh()->only('quantity', 'retired_at'))->toBe(['quantity' => 2, 'retired_at' => null]);
    $retire(true);
    $retire(false)->assertSessionHasNoErrors();
    expect($spacer->refresh()->retired_at)->toBeNull();
    $this->actingAs(Workshops::person())->put("/drawer/{$spacer->id}/use", ['out' => 1])->assertNotFound();
});

it('shows every page of a job with a drawer that grew too large before, and says where to mend it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $workshop = $person->workshop()->firstOrFail();
    Spacer::query()
        ->insert(
            array_map(
                fn (int $i) => ['created_at' => now(), 'updated_at' => now()] + Spacer::rowOf(
                    $workshop, $i / 100, [SpacerUse::Drive, SpacerUse::Nut], 9,
                ),
                range(601, 1_220),
            ),
        );
    $this->actingAs($person);
    foreach ([
        'survey', 'strip', 'match', 'stack', 'stack/ways', 'stack/order', 'stack/rest', 'line', 'line/gears', 'line/hills', 'route',
        'build', 'job.json', 'worksheet.json',
    ] as $place) {
        $this->get("/jobs/{$job->id}/{$place}")->assertOk();
    }
    $this->get('/drawer')->assertOk()->assertSee('Take those out of use');
    $this->get('/drawer/missing')->assertOk();
});

it('goes on without a motor that cannot be read any more, and says so', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $row = $person->workshop->motors()->where('code', 'heron-73')->sole();
    $row->update(['figures' => ['rated_crank_rpm' => 0] + $row->figures]);
    $person->workshop->renewCatalogue();
    foreach ([
        'survey', 'strip', 'match', 'stack', 'stack/order', 'stack/rest', 'line', 'route', 'build', 'job.json', "insert/{$row->id}",
        "sleeve/{$row->id}",
    ] as $place) {
        $this->get("/jobs/{$job->id}/{$place}")->assertOk();
    }
    $this->get("/jobs/{$job->id}/stack")->assertSee('The chosen motor cannot be read any more')->assertSee('/rated_crank_rpm');
    $this->get('/catalogue')->assertOk()->assertSee('cannot be read any more');
    $this->get('/catalogue.json')->assertOk();
    $this->get('/')->assertOk();
    $this->get('/drawer/missing')->assertOk();
});

/** What stands in a catalogue beside what we know, as others write theirs, and whether it is taken. The next finding is a line. */
dataset('members nobody knows', [
    'a schema and a title' => [
        ['$schema' => 'https://example.org/x', 'title' => 'Ours', 'notes' => null, 'count' => 3, 'list' => [1], 'more' => ['a' => 'b']],
        true,
    ],
    'nothing where something may be' => [['inserts' => null, 'packs' => null, 'spiders' => null], true],
    'a spacer of no use' => [['spacers' => [['thickness_mm' => 1, 'quantity' => 2, 'use' => []]]], false],
]);

it('reads a catalogue as one of an open format: what it does not know is somebody else’s', function (array $more, bool $isTaken): void {
    $read = ($this->upload)((string) json_encode([...json_decode($this->demo, true), ...$more]));
    $isTaken ? $read->assertSessionHasNoErrors() : $read->assertSessionHasErrors('file');
    $isTaken || expect(session('errors')->first('file'))->toContain('/spacers/0/use: Say what it is good for');
    expect(Motor::query()->count())->toBe($isTaken ? 8 : 0);
})->with('members nobody knows');

it('reads back from its own table whatever a catalogue brought into the drawer', function (): void {
    $spacers = array_map(
        fn (int $i) => [
            'thickness_mm' => $i / 100, 'quantity' => $i % 7,
            'use' => array_map(fn ($use) => $use->value, array_slice(SpacerUse::cases(), $i % 3, 1 + $i % 3)),
        ],
        range(1, 60, 7),
    );
    ($this->upload)((string) json_encode([...json_decode($this->demo, true), 'spacers' => $spacers]))->assertSessionHasNoErrors();
    Spacer::query()->limit(1)->update(['lies_in' => 'box; "3", top']);
    $csv = (string) $this->get('/drawer.csv')->getContent();
    expect($csv)->toContain('"box; ""3"", top"');
    $before = Spacer::query()->orderBy('id')->get(['thickness_mm', 'quantity', 'uses_key', 'lies_in'])->toArray();
    $this->post('/drawer.csv', ['table' => UploadedFile::fake()->createWithContent('drawer.csv', $csv)])->assertSessionHasNoErrors();
    expect(Spacer::query()->orderBy('id')->get(['thickness_mm', 'quantity', 'uses_key', 'lies_in'])->toArray())->toBe($before);
});
