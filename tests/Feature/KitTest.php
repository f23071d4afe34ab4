<?php

declare(strict_types=1);

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Documents\CatalogueDocument;
use App\Models\Job;
use App\Models\Role;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use Tests\Support\Workshops;

/** The worksheet the core makes of the document a job gives out. */
function exportedWorksheet(Job $job): Worksheet
{
    return Worksheet::of(JobReader::fromJson((string) test()->get("/jobs/{$job->id}/job.json")->assertOk()->getContent()));
}

it('matches every motor but twin-plates and lets one be chosen', function (): void {
    $person = Workshops::stocked(Role::Installer);
    $job = Workshops::measured($person);
    $motor = $person->workshop->motors()->where('code', 'heron-73')->sole();

    $this->actingAs($person)->get("/jobs/{$job->id}/match")->assertOk()
        ->assertSeeInOrder([
            'Goes', 'Heron, 73 sleeve', 'Does not go', 'Stoat, 120 heavy', 'too far off centre', 'Twin-plate motors',
            'Wren, hung between plates',
        ])
        ->assertSee('Bittern');
    $this->put("/jobs/{$job->id}/motor", ['motor_id' => $motor->id, 'version' => $job->version])->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->kit?->motor_id)->toBe($motor->id);
});

it('lets an apprentice look but not choose', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $apprentice = Workshops::person(Role::Apprentice, $owner->workshop);

    $this->actingAs($apprentice)->get("/jobs/{$job->id}/stack")->assertOk()->assertDontSee('take out');
    $this->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'add:5', 'version' => $job->version])->assertForbidden();
    expect(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
});

it('refuses a motor that is not the workshop’s', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person);
    $foreign = Workshops::stocked()->workshop->motors()->where('code', 'heron-73')->sole();

    $this->actingAs($person)->put("/jobs/{$job->id}/motor", ['motor_id' => $foreign->id, 'version' => $job->version])
        ->assertSessionHasErrors('motor_id');
});

it('shows on Stack and Line what the core computes from the document it gives out', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $sheet = exportedWorksheet($job);

    $stack = $this->get("/jobs/{$job->id}/stack")->assertOk();
    foreach ($sheet->stack->margins as $margin) {
        $stack->assertSeeInOrder(
            [$margin->name->label(), number_format($margin->value, 2).' mm', '± '.number_format($margin->plusMinus, 2).' mm'], false,
        );
    }
    $line = $this->get("/jobs/{$job->id}/line")->assertOk()->assertSee("{$sheet->chain->links} links");
    foreach ($sheet->chainline->cogs ?? [] as $cog) {
        $line->assertSee(number_format($cog->angle, 2).'°');
    }
});

it('moves the margins when a hand adds and drops a spacer', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $put = fn (array $data) => $this->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'version' => Workshops::fresh($job)->version, ...$data])
        ->assertSessionHasNoErrors();

    $put(['seen' => ['drive' => '2 0.5'], 'op' => 'add:1']);
    expect(exportedWorksheet($job)->stack->spacers['drive']?->pieces)->toBe([2.0, 1.0, 0.5]);
    $put(['seen' => ['drive' => '2 1 0.5'], 'op' => 'drop:1']);
    expect(exportedWorksheet($job)->stack->spacers['drive']?->pieces)->toBe([2.0, 0.5]);
    $put(['op' => 'fill', 'typed' => '']);
    expect(exportedWorksheet($job)->stack->spacers['drive']?->pieces)->toBe([]);
    $put(['op' => 'drawer']);
    expect(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
    $put(['place' => 'nut', 'op' => 'fill', 'typed' => '1/16 in']);
    expect(exportedWorksheet($job)->stack->spacers['nut']?->pieces)->toBe([1.5875]);
    $this->delete("/jobs/{$job->id}/stack", ['version' => Workshops::fresh($job)->version])->assertRedirect();
    expect(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
});

it('says at the place what is wrong with a piece', function (string $pieces, string $message): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)
        ->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => $pieces, 'version' => $job->version])
        ->assertSessionHasErrors('drive');
    expect(session('errors')->first('drive'))->toContain($message)->and(Workshops::fresh($job)->version)->toBe($job->version);
})->with([['thick', 'not a number'], ['-1', 'thicker than 0'], ['900', 'at most 200'], [str_repeat('1 ', 61), 'more than 60']]);

it('lets nobody write over the place somebody else has just changed', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $second = Workshops::person(Role::Installer, $owner->workshop);
    $seen = $job->version;

    $this->actingAs($owner)->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => '3', 'version' => $seen])
        ->assertSessionHasNoErrors();
    $this->actingAs($second)->from("/jobs/{$job->id}/stack")
        ->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => '5', 'version' => $seen])
        ->assertRedirect("/jobs/{$job->id}/stack")
        ->assertSessionHasErrors('drive')
        ->assertSessionHasInput('typed', '5');

    expect(session('errors')->first('drive'))->toContain('Owner changed “Drive side”')->toContain('3 mm into Drive side')
        ->and(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [3]]);
});

it('keeps what was said at a place for the page that comes next, whatever a poll asks in between', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->from("/jobs/{$job->id}/stack")
        ->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => 'thick', 'version' => $job->version])
        ->assertSessionHasErrors('drive');
    $this->get("/jobs/{$job->id}/news?seen={$job->version}")->assertNoContent();
    $this->get("/jobs/{$job->id}/stack")->assertSee('“thick” is not a number')->assertSee('value="thick"', false);
    $this->get("/jobs/{$job->id}/stack")->assertDontSee('“thick” is not a number');
});

it('lets two people fill different places of one stack from the same page', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $second = Workshops::person(Role::Installer, $owner->workshop);
    $seen = $job->version;

    $this->actingAs($owner)->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => '3', 'version' => $seen])
        ->assertSessionHasNoErrors();
    $this->actingAs($second)->put("/jobs/{$job->id}/stack", ['place' => 'nut', 'op' => 'fill', 'typed' => '1', 'version' => $seen])
        ->assertSessionHasNoErrors();

    expect(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [3], 'nut' => [1]]);
    $this->get("/jobs/{$job->id}/news?seen={$seen}")->assertOk()->assertSee('changed this job');
    $this->get("/jobs/{$job->id}/news?seen=".Workshops::fresh($job)->version)->assertNoContent();
});

it('moves a piece to another place and swaps it for another', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $put = fn (array $data) => $this->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'version' => Workshops::fresh($job)->version, ...$data]);

    $put(['seen' => ['drive' => '3 1', 'nut' => '0.5'], 'op' => 'move:1:nut'])->assertSessionHasNoErrors()
        ->assertSessionHas('place', 'nut');
    expect(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [3], 'nut' => [1, 0.5]]);
    $put(['seen' => ['drive' => '3'], 'op' => 'swap:0:4'])->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [4], 'nut' => [1, 0.5]]);
    $put(['seen' => ['drive' => '4'], 'op' => 'move:0:slot_inner'])->assertSessionHasErrors('drive');
    $put(['seen' => ['drive' => '4'], 'op' => 'drop:3'])->assertSessionHasErrors('drive');
    $put(['op' => 'melt'])->assertSessionHasErrors('op');
});

it('takes changes back one after the other, and makes them again', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $do = fn (string $method, string $path, array $data = []) => $this->{$method}(
        "/jobs/{$job->id}/{$path}", ['version' => Workshops::fresh($job)->version, ...$data],
    )
        ->assertSessionHasNoErrors();
    $hand = fn () => Workshops::fresh($job)->kit?->by_hand;

    $do('put', 'stack', ['place' => 'drive', 'op' => 'fill', 'typed' => '3']);
    $do('put', 'stack', ['place' => 'nut', 'op' => 'fill', 'typed' => '1']);
    $do('post', 'stack/undo');
    expect($hand())->toEqual(['drive' => [3]]);
    $do('post', 'stack/undo');
    expect($hand())->toBe([]);
    $do('post', 'stack/redo');
    expect($hand())->toEqual(['drive' => [3]]);
    $do('post', 'stack/redo');
    $do('post', 'stack/redo');
    expect($hand())->toEqual(['drive' => [3], 'nut' => [1]]);
    $do('post', 'stack/undo');
    $do('put', 'stack', ['place' => 'plate', 'op' => 'fill', 'typed' => '2']);
    $do('post', 'stack/redo');
    expect($hand())->toEqual(['drive' => [3], 'plate' => [2]]);
    $this->get("/jobs/{$job->id}/stack")->assertSee('2 mm into Under the plate');
    // However often it is pressed, the motor stays.
    for ($i = 0; $i < 12 && ! session()->has('errors'); $i++) {
        $this->post("/jobs/{$job->id}/stack/undo", ['version' => Workshops::fresh($job)->version]);
    }
    $this->post("/jobs/{$job->id}/stack/undo", ['version' => Workshops::fresh($job)->version])->assertSessionHasErrors('undo');
    expect(Workshops::fresh($job)->kit?->motor_id)->not->toBeNull()->and($hand())->toBe([]);
    $this->get("/jobs/{$job->id}/stack")->assertOk()->assertDontSee('id="undo" data-key="z"  title', false);
    $this->post("/jobs/{$job->id}/stack/undo", ['version' => 0])->assertSessionHasErrors('version');
});

it('builds another way that works, and refuses one that does not', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $page = (string) $this->actingAs($person)->get("/jobs/{$job->id}/stack/ways")->assertOk()->getContent();
    $this->put("/jobs/{$job->id}/stack/ways", ['way' => '0 0 0 0', 'version' => $job->version])->assertSessionHasErrors('way');
    if (preg_match('/name="way" value="([^"]+)"/', $page, $found) === 1) {
        $this->put("/jobs/{$job->id}/stack/ways", ['way' => $found[1], 'version' => $job->version])->assertSessionHasNoErrors();
        expect(exportedWorksheet($job)->stack->verdict->value)->not->toBe('fails');
    }
    expect($page)->toContain('As now');
});

it('forgets hand-filled places with a new motor, and keeps them with the same', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)
        ->put("/jobs/{$job->id}/stack", ['place' => 'drive', 'op' => 'fill', 'typed' => '3', 'version' => $job->version]);
    $choose = fn (string $code) => $this->put(
        "/jobs/{$job->id}/motor",
        ['version' => Workshops::fresh($job)->version, 'motor_id' => $person->workshop->motors()->where('code', $code)->value('id')],
    );
    $choose('heron-73');
    expect(Workshops::fresh($job)->kit?->by_hand)->toEqual(['drive' => [3]]);
    $choose('otter-73');
    expect(Workshops::fresh($job)->kit?->by_hand)->toBe([]);
});

it('routes three runs and follows a longer lead', function (): void {
    $person = Workshops::stocked();
    $person->workshop->leads()->create(['connector' => 'eight', 'length_mm' => 200, 'quantity' => 1]);
    $job = Workshops::kitted($person);
    $run = $job->runs->firstOrFail();

    $this->actingAs($person)->put("/jobs/{$job->id}/runs/{$run->id}", ['supply' => '950', 'version' => $job->version])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/route")->assertSee('Needs an extension: 200 mm');
    $this->put("/jobs/{$job->id}/runs/{$run->id}", ['supply' => '1250', 'version' => Workshops::fresh($job)->version])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/route")->assertDontSee('Needs an extension');
    $this->put("/jobs/{$job->id}/runs/{$run->id}", ['supply' => 'long', 'version' => Workshops::fresh($job)->version])
        ->assertSessionHasErrors('supply');
});

it('gives the section out as a drawing', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $svg = (string) $this->actingAs($person)->get("/jobs/{$job->id}/section.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();
    expect(simplexml_load_string($svg))->not->toBeFalse()->and($svg)->toContain('Ring to chainstay');
    $this->get('/jobs/'.Workshops::job($person)->id.'/section.svg')->assertNotFound();
});

it('shows a long list in parts, each motor once', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person);
    $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true);
    foreach (range(1, 95) as $i) {
        $catalogue['motors']["copy-{$i}"] = ['name' => "Copy {$i}"] + $catalogue['motors']['heron-73'];
    }
    app(ReadCatalogueIn::class)($person, CatalogueDocument::read((string) json_encode($catalogue)));
    $seen = [];
    for ($from = 0; $from < 120; $from += 40) {
        $page = (string) $this->actingAs($person)->get("/jobs/{$job->id}/match?mount=sleeve&goes={$from}")->assertOk()->getContent();
        preg_match_all('/data-motor="(copy-\d+)"/', $page, $found);
        array_push($seen, ...$found[1]);
        expect(count($found[1]))->toBeLessThanOrEqual(40)->and(str_contains($page, 'Show the next'))->toBe($from < 80);
    }
    expect($seen)->toHaveCount(95)->and(array_unique($seen))->toHaveCount(95);
    foreach (['goes=-1', 'goes=x', 'goes=99999999999', 'goes=9000'] as $odd) {
        $this->get("/jobs/{$job->id}/match?{$odd}")->assertOk();
    }
});
