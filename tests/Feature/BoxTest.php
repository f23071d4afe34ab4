<?php

declare(strict_types=1);

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Bench\OpenJob;
use App\Documents\CatalogueDocument;
use App\Models\BoxRecord;
use App\Models\Reservation;
use App\Models\Spacer;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->note = fn (int $position, string $state, string $note = '') => $this->from('/')->post("/jobs/{$this->job->id}/box", [
        'position' => $position, 'state' => $state, 'note' => $note, 'seen' => BoxRecord::query()->where('position', $position)
            ->whereNull('superseded_at')->value('id') ?? 0,
    ]);
    $contents = OpenJob::of(Workshops::fresh($this->job))->motor()->papers->contents ?? [];
    $this->at = fn (string $what) => array_search($what, array_column($contents, 'what'), true);
});

it('ticks off what came, and keeps on record with a date what is missing or wrong', function (): void {
    ($this->note)(($this->at)('Socket for the nut'), 'missing')->assertSessionHasNoErrors();
    ($this->note)(($this->at)('Main harness, eight pins'), 'wrong')->assertSessionHasErrors('note');
    ($this->note)(($this->at)('Main harness, eight pins'), 'wrong', 'six pins')->assertSessionHasNoErrors();
    ($this->note)(99, 'here')->assertSessionHasErrors('state');
    $this->get("/jobs/{$this->job->id}/box")->assertOk()->assertSee('2 of 10 looked at')
        ->assertSeeInOrder(['Socket for the nut', 'Missing', 'Main harness, eight pins', 'Wrong', 'six pins']);
    $this->get("/jobs/{$this->job->id}/stack/order")->assertOk()
        ->assertSeeInOrder([
            'Everything this job needs', 'Socket for the nut: missing from the box, or wrong', 'the shop', 'Body in from the drive side',
        ]);
});

it('lets the stack take what came in the box before the drawer’s, and puts away what is left', function (): void {
    $washers = ($this->at)('Boss washer');
    $before = OpenJob::of(Workshops::fresh($this->job))->worksheet()?->stack->spacers['boss']->pieces ?? [];
    expect($before)->toContain(1.6);
    Spacer::query()->where('thickness_mm', 1.6)->update(['quantity' => 0]);
    $short = OpenJob::of(Workshops::fresh($this->job))->worksheet()?->stack->spacers['boss']->pieces ?? [];
    expect($short)->not->toContain(1.6);

    ($this->note)($washers, 'here')->assertSessionHasNoErrors();
    expect(OpenJob::of(Workshops::fresh($this->job))->worksheet()?->stack->spacers['boss']->pieces ?? [])->toBe($before);
    $used = count(array_keys($before, 1.6));
    $this->get("/jobs/{$this->job->id}/box")->assertSee("{$used} of 4");
    $this->post("/jobs/{$this->job->id}/stack/order", ['version' => Workshops::fresh($this->job)->version, 'does' => 'reserve'])
        ->assertSessionHasNoErrors();
    expect(Reservation::query()->whereHas('spacer', fn ($spacer) => $spacer->where('thickness_mm', 1.6))->count())->toBe(0);

    ($this->note)($washers, 'to-drawer')->assertSessionHasNoErrors();
    expect(BoxRecord::query()->whereNull('superseded_at')->sole()->left_over)->toBe(4 - $used)
        ->and((int) Spacer::query()->where('thickness_mm', 1.6)->where('uses_key', 'boss')->value('quantity'))->toBe(4 - $used);
    ($this->note)($washers, 'to-bag')->assertSessionHasErrors('state');
});

it('leaves nothing over of what is not here, or of what the stack takes whole', function (): void {
    ($this->note)(($this->at)('Boss washer'), 'to-bag')->assertSessionHasErrors('state');
    ($this->note)(($this->at)('Crank arms, left and right'), 'here')->assertSessionHasNoErrors();
    ($this->note)(($this->at)('Crank arms, left and right'), 'to-bag')->assertSessionHasNoErrors();
});

it('lists all a job needs with what waits for it, as a table too', function (): void {
    $csv = (string) $this->get("/jobs/{$this->job->id}/stack/needs.csv")->assertOk()->getContent();
    expect($csv)->toContain('what,quantity,from,waits')->toContain('Plate bolts M6')->toContain('Ring Deep-dish 40 with its bolts')
        ->toContain('Chain,')->toContain('"Speed sensor with its magnet",1,box')->toContain('boss washers');
    ($this->note)(($this->at)('Speed sensor with magnet'), 'missing');
    expect((string) $this->get("/jobs/{$this->job->id}/stack/needs.csv")->getContent())->toContain('"Speed sensor with its magnet",1,shop')
        ->not->toContain('missing from the box');
});

it('keeps a tick with its piece when the maker’s list is read in with other lines', function (): void {
    $at = ($this->at)('Boss washer');
    ($this->note)($at, 'missing')->assertSessionHasNoErrors();
    $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true);
    array_splice(
        $catalogue['motors']['heron-73']['contents'], $at, 0,
        [['what' => 'Drive washer'] + $catalogue['motors']['heron-73']['contents'][$at]],
    );
    app(ReadCatalogueIn::class)($this->person, CatalogueDocument::read((string) json_encode($catalogue)));

    $this->get("/jobs/{$this->job->id}/box")->assertOk()->assertSee('Drive washer')->assertSee('0 of 11 looked at');
    $this->get("/jobs/{$this->job->id}/stack/order")->assertDontSee('Drive washer: missing');
});
