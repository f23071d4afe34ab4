<?php

declare(strict_types=1);

use App\Models\Motor;
use App\Models\Role;
use App\Models\Spacer;
use Illuminate\Http\UploadedFile;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::person();
    $this->actingAs($this->person);
    $this->upload = fn (string $json, string $name = 'catalogue.json') => $this->from('/catalogue')->post('/catalogue', ['file' => UploadedFile::fake()->createWithContent($name, $json)]);
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
    'one fault among good motors' => [fn () => str_replace('"thread_length_mm": 22.0', '"thread_length_mm": 220', (string) file_get_contents(database_path('demo/catalogue.json'))), '/motors/heron-73/sleeve/thread_length_mm'],
]);

it('refuses what is no JSON file, and what is too large', function (): void {
    ($this->upload)('GIF89a', 'picture.gif')->assertSessionHasErrors('file');
    $this->from('/catalogue')->post('/catalogue', [])->assertSessionHasErrors('file');
    $this->from('/catalogue')->post('/catalogue', ['file' => UploadedFile::fake()->create('big.json', 5000, 'application/json')])->assertSessionHasErrors('file');
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
    $this->from('/drawer')->followingRedirects()->put("/drawer/{$spacer->id}", ['quantity' => 'some', 'lies_in' => 'shelf 9', 'row' => $spacer->id])
        ->assertSeeInOrder(['shelf 9', 'value="some"', 'a whole number from 0 to 1000'], false);
    $this->actingAs(Workshops::person())->put("/drawer/{$spacer->id}", ['quantity' => 9, ...$seen])->assertNotFound();
    expect($spacer->refresh()->quantity)->toBe(3);
});

it('writes only what was changed of a kind, and against what was seen', function (): void {
    ($this->upload)($this->demo);
    $spacer = Spacer::query()->firstOrFail();
    $spacer->update(['quantity' => 5, 'lies_in' => 'tray A']);
    $count = fn (array $typed) => $this->from('/drawer')->put("/drawer/{$spacer->id}", ['seen_quantity' => 5, 'seen_lies_in' => 'tray A', 'quantity' => 5, 'lies_in' => 'tray A', ...$typed]);
    $spacer->update(['quantity' => 2]);
    $count(['lies_in' => 'tray B'])->assertSessionHasNoErrors();
    expect($spacer->refresh()->only('quantity', 'lies_in'))->toBe(['quantity' => 2, 'lies_in' => 'tray B']);
    $count(['quantity' => 7])->assertSessionHasErrors(['quantity' => 'There are 2 now: somebody counted them or took some out after you had opened this page. Count them again; yours was not kept.']);
    $count(['lies_in' => 'tray C'])->assertSessionHasErrors('lies_in');
    expect($spacer->refresh()->only('quantity', 'lies_in'))->toBe(['quantity' => 2, 'lies_in' => 'tray B']);
});
