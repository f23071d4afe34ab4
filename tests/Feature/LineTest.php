<?php

declare(strict_types=1);

use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Track;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Tests\Support\Workshops;

/** A GPX file with so many points, 10 m apart, gently up and down. */
function gpx(int $points, string $inside = ''): string
{
    $track = '';
    for ($i = 0; $i < $points; $i++) {
        $track .= sprintf('<trkpt lat="%.6f" lon="-20"><ele>%.1f</ele></trkpt>', 5 + $i * 10 / 111_195, 200 + 30 * sin($i / 90));
    }

    return "<?xml version=\"1.0\"?><gpx version=\"1.1\" xmlns=\"http://www.topografix.com/GPX/1/1\">{$inside}<trk><name>Up and "
        ."down</name><trkseg>{$track}</trkseg></trk></gpx>";
}

/** @param  array<string, string>  $more */
function upload(Job $job, string $content, string $name = 'road.gpx', array $more = []): mixed
{
    return test()->post("/jobs/{$job->id}/line/roads", ['track' => UploadedFile::fake()->createWithContent($name, $content), ...$more]);
}

it('weighs the cogs and ranks the rings anew', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/line")->assertOk()->assertSee('Rings on this bike')->assertSee('bolt circle');
    $before = $this->get("/jobs/{$job->id}/worksheet.json")->json('chainline.weighted_offset_mm');
    $this->put("/jobs/{$job->id}/line/weights", ['weights' => [0, 0, 0, 0, 0, 0, 0, 0, 10]])->assertSessionHasNoErrors();
    $after = $this->get("/jobs/{$job->id}/worksheet.json")->json('chainline');

    expect($after['weighted_offset_mm'])->not->toBe($before)->toEqualWithDelta(abs($after['cogs'][8]['offset_mm']), 0.011);
    $this->put("/jobs/{$job->id}/line/weights", ['weights' => [1, 2]])->assertSessionHasErrors('weights');
    $this->put("/jobs/{$job->id}/line/weights", ['weights' => array_fill(0, 9, 0)])->assertSessionHasErrors('weights');
    $this->put("/jobs/{$job->id}/line/weights", ['weights' => [...array_fill(0, 8, 1), 'lots']])->assertSessionHasErrors('weights.8');
});

it('fits a ring turned round, and takes that back', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $ring = $person->workshop->rings()->where('code', 'half-36')->sole();
    $this->actingAs($person)->get("/jobs/{$job->id}/line")->assertSee('Half-dish 36, turned round')->assertDontSee('Deep-dish 40, turned');
    $this->put("/jobs/{$job->id}/ring", ['ring_id' => $ring->id, 'mounting' => 'turned', 'version' => Workshops::fresh($job)->version])
        ->assertSessionHasNoErrors();

    expect($this->get("/jobs/{$job->id}/job.json")->json('kit.ring'))->toBe('half-36 turned')
        ->and($this->get("/jobs/{$job->id}/job.json")->json('catalogue.rings')['half-36 turned']['dish_mm'])->toEqual(-$ring->dish_mm);
    $this->post("/jobs/{$job->id}/stack/undo", ['version' => Workshops::fresh($job)->version])->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/job.json")->json('kit.ring'))->toBe('deep-40')
        ->and($this->get('/catalogue.json')->json('rings'))->not->toHaveKey('half-36 turned');
});

it('fits a ring on an adapter spider, and says which ring has nothing to bolt to', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $ring = $person->workshop->rings()->where('code', 'out-48')->sole();
    $fit = fn (string $mounting) => $this
        ->put("/jobs/{$job->id}/ring", ['ring_id' => $ring->id, 'mounting' => $mounting, 'version' => Workshops::fresh($job)->version]);
    $this->actingAs($person)->get("/jobs/{$job->id}/line")->assertSee('Outboard 48, on the outer face of spider Crab, 130')
        ->assertSee('6.00 mm further out')->assertDontSee('No bolts');
    $fit('on crab-130')->assertSessionHasNoErrors();
    $document = $this->get("/jobs/{$job->id}/job.json")->json();

    expect($document['kit']['ring'])->toBe('out-48 on crab-130')
        ->and($document['catalogue']['rings']['out-48 on crab-130']['dish_mm'])->toEqual($ring->dish_mm - 6.0);
    $fit('on newt-104')->assertSessionHasErrors(['mounting' => 'The ring does not go on that way. Choose one of the ways the list shows.']);

    $otter = (string) preg_replace(
        '/.*data-motor="otter-73"(.*?)<\/tr>.*/s', '$1', (string) $this->get("/jobs/{$job->id}/match")->getContent(),
    );
    expect($otter)->toContain('Ring Outboard 48, on the outer face of spider Crab, 130 does not bolt to it')
        ->not->toContain('Nothing stands in the way');

    $person->workshop->spiders()->delete();
    $person->workshop->renewCatalogue();
    $this->get("/jobs/{$job->id}/line")->assertSee('No bolts')->assertSee('Bolt circle 130 mm, the motor’s is 104 mm');
    expect($this->get("/jobs/{$job->id}/job.json")->json('kit.ring'))->toBe('out-48');
});

it('shows every gear, also of a hub, and another ring beside it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->post("/jobs/{$job->id}/answers", ['spot' => 'hub_ratios', 'value' => '0,73 1 1.36'])
        ->assertSessionHasNoErrors();
    $gears = $this->get("/jobs/{$job->id}/worksheet.json")->json('gears');
    expect($gears['gears'])->toHaveCount(27);
    $this->get("/jobs/{$job->id}/line/gears")->assertOk()->assertSee(number_format($gears['range_percent'], 0).' %')
        ->assertSee('30 × 0.73');
    $this->get("/jobs/{$job->id}/line/gears?with=half-36")->assertOk()->assertSee('below with Half-dish 36');
    $this->get("/jobs/{$job->id}/line/gears?with=nonsense")->assertOk()->assertDontSee('below with');
    foreach (['1 0.7', 'two', '0.01 1', implode(' ', range(1, 31))] as $wrong) {
        $this->post("/jobs/{$job->id}/answers", ['spot' => 'hub_ratios', 'value' => $wrong])->assertSessionHasErrors('value');
    }
});

it('says which gear climbs the hill, and which ring to fit when none does', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person, 'heron-73', 'deep-44');
    $this->actingAs($person);
    $ride = fn (array $data) => $this->put(
        "/jobs/{$job->id}/line/hills",
        [
            'version' => Workshops::fresh($job)->version, 'mass_kg' => '115', 'rider_w' => '100', 'grade_percent' => '6',
            'surface' => 'street', 'wind_kmh' => '0', 'assist_percent' => '100', 'battery_wh' => '600', ...$data,
        ],
    );

    $ride([])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/line/hills")->assertOk()->assertSee('Up it at')->assertSee('The steepest it pulls');
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'cogs', 'value' => '11 13 15 18 21 24 28 36 51'])->assertSessionHasNoErrors();
    $ride(['mass_kg' => '220', 'grade_percent' => '14', 'rider_w' => '150'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('Fit Deep-dish 40');
    $ride(['mass_kg' => '500', 'grade_percent' => '30'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('No ring of the catalogue');
    expect($this->get("/jobs/{$job->id}/job.json")->json('climb.mass_kg'))->toEqual(500);
});

it('says at the field what is wrong with a load', function (string $field, string $value): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)
        ->put(
            "/jobs/{$job->id}/line/hills",
            [
                'version' => $job->version, 'mass_kg' => '115', 'rider_w' => '100', 'grade_percent' => '6', 'surface' => 'street',
                'wind_kmh' => '0', 'assist_percent' => '100', 'battery_wh' => '600', $field => $value,
            ],
        )
        ->assertSessionHasErrors($field)->assertSessionHasInput($field, $value);
})->with([
    ['mass_kg', 'heavy'], ['mass_kg', '5'], ['grade_percent', '60'], ['surface', 'lava'], ['battery_wh', '0'], ['wind_kmh', '300'],
    ['cut_off_kmh', '2'],
]);

it('rides a road of 20,000 points and keeps its smoothed heights', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    upload($job, gpx(20_000))->assertSessionHasNoErrors();
    $track = Track::query()->where('job_id', $job->id)->sole();

    expect($track->points)->toBe(20_000)->and($track->length_m)->toEqualWithDelta(199_990, 5)->and($track->name)->toBe('Up and down');
    $this->get("/jobs/{$job->id}/line/hills")->assertOk()->assertSee('Up and down')->assertSee('Wh');
    $this->delete("/jobs/{$job->id}/line/roads/{$track->id}")->assertRedirect();
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('Up and down was taken off')->assertDontSee('Wh of');
    expect($track->refresh()->dropped_by_id)->toBe($person->id);
    $mate = Workshops::person(workshop: $person->workshop);
    $this->actingAs($mate)->delete("/jobs/{$job->id}/line/roads/{$track->id}")->assertRedirect();
    expect($track->refresh()->dropped_by_id)->toBe($person->id);
    $this->put("/jobs/{$job->id}/line/roads/{$track->id}")->assertRedirect();
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('Wh')->assertDontSee('was taken off');
});

it('reads tracks and routes of both versions, without heights, with gaps and odd times', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    upload(
        $job,
        '<gpx version="1.0" xmlns="http://www.topografix.com/GPX/1/0"><rte><name>Plain</name><rtept lat="1" lon="1"/><rtept lat="1.01" lon="1"/></rte></gpx>',
    )
        ->assertSessionHasNoErrors();
    upload(
        $job,
        '<gpx><trk><trkseg><trkpt lat="1" lon="1"><ele>9</ele><time>2026-01-01T10:00:00Z</time></trkpt><trkpt lat="1.001" '
            .'lon="1"><time>2026-01-01T09:00:00Z</time></trkpt></trkseg><trkseg><trkpt lat="2" lon="1"><ele>12</ele></trkpt><trkpt '
            .'lat="2.001" lon="1"><ele>13</ele></trkpt></trkseg></trk></gpx>',
        'my road.gpx',
    )
        ->assertSessionHasNoErrors();
    [$odd, $plain] = Track::query()->where('job_id', $job->id)->latest('id')->get()->all();

    expect($plain->remarks)->toBe(['No heights are written down: it is ridden as if it were level.'])
        ->and($odd->name)->toBe('my road')
        ->and(implode(' ', $odd->remarks))->toContain('run backwards')->toContain('2 parts')->toContain('have no height')
        ->and($odd->length_m)->toBeLessThan(300)->and(array_filter($odd->heights, fn (float $height) => $height >= 20))->toBe([]);
    $this->get("/jobs/{$job->id}/line/hills?road={$plain->id}")->assertOk()->assertSee('as if it were level');
});

it('refuses what is no road, and says why', function (string $content, string $message): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    upload($job, $content)->assertSessionHasErrors('track');
    expect(session('errors')->first('track'))->toContain($message)->and(Track::query()->where('job_id', $job->id)->count())->toBe(0);
})->with([
    'not XML' => ['this is a letter', 'not XML'],
    'cut off' => [substr(gpx(30), 0, 900), 'breaks off'],
    'other XML' => ['<html><body/></html>', 'no GPX track'],
    'no points' => ['<gpx></gpx>', 'at least two points'],
    'entities' => [
        '<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>',
        'entities',
    ],
    'from outside' => ['<?xml version="1.0"?><!DOCTYPE gpx SYSTEM "file:///etc/passwd"><gpx/>', 'entities'],
    'nowhere' => ['<gpx><trk><trkseg><trkpt lat="95" lon="1"/><trkpt lat="1" lon="1"/></trkseg></trk></gpx>', 'Point 1'],
    'deep' => ['<gpx>'.str_repeat('<a>', 60).str_repeat('</a>', 60).'</gpx>', 'no GPX track'],
]);

it('reads no more than a hundred thousand points', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'gpx');
    file_put_contents($file, '<gpx><trk><trkseg>'.str_repeat('<trkpt lat="1" lon="1"/>', GpxFile::MOST_POINTS + 1).'</trkseg></trk></gpx>');
    try {
        expect(fn () => GpxFile::read($file))->toThrow(App\Documents\CannotReadTrack::class, '100,000 points');
    } finally {
        unlink($file);
    }
});

it('counts a long chain in pieces, and says to lay it over every idler', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person, ['chain_path' => '1905'] + Workshops::READINGS);
    foreach ([
        'motor' => ['motor_id' => $person->workshop->motors()->where('code', 'heron-73')->value('id')],
        'ring' => ['ring_id' => $person->workshop->rings()->where('code', 'deep-40')->value('id')],
    ] as $what => $data) {
        $this->actingAs($person)->put("/jobs/{$job->id}/{$what}", $data + ['version' => Workshops::fresh($job)->version]);
    }
    $links = $this->get("/jobs/{$job->id}/worksheet.json")->json('chain.links');
    expect($links)->toBeGreaterThan(300);
    $this->get("/jobs/{$job->id}/line")->assertSee("{$links} links")->assertSee('3 pieces of 116 links or fewer')
        ->assertSee('over every idler');
});

it('lets an apprentice load a road but not decide how it is ridden', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $apprentice = Workshops::person(Role::Apprentice, $owner->workshop);
    $this->actingAs($apprentice);
    upload($job, gpx(50))->assertSessionHasNoErrors();
    $riding = [
        'mass_kg' => 110, 'rider_w' => 100, 'grade_percent' => 8, 'surface' => 'street', 'wind_kmh' => 0, 'assist_percent' => 100,
        'battery_wh' => 600,
    ];
    $this->put("/jobs/{$job->id}/line/hills", ['version' => Workshops::fresh($job)->version, ...$riding])->assertForbidden();
    $stranger = User::query()->findOrFail(Workshops::stocked()->id);
    $this->actingAs($stranger)->get("/jobs/{$job->id}/line/hills")->assertNotFound();
});

it('gives line, gears and road out as drawings', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/line/road.svg")->assertNotFound();
    upload($job, gpx(400));
    foreach (['line', 'gears', 'road'] as $drawing) {
        $svg = (string) $this->get("/jobs/{$job->id}/line/{$drawing}.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')
            ->getContent();
        expect(simplexml_load_string($svg))->not->toBeFalse();
    }
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('Kilometre by kilometre');
    $this->get("/jobs/{$job->id}/line/roof.svg")->assertNotFound();
});

/** @param  list<array{float, float}>  $points */
function track(array $points): string
{
    return '<gpx><trk><trkseg>'.implode(
        '', array_map(fn (array $point) => "<trkpt lat=\"{$point[0]}\" lon=\"{$point[1]}\"/>", $points),
    ).'</trkseg></trk></gpx>';
}

it('refuses a road that is a place, and one that goes on for ever', function (string $content, string $message): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    foreach ([[], ['jumps' => 'ride']] as $answer) {
        upload($job, $content, more: $answer);
    }
    expect(session('errors')->first('track'))->toContain($message)->and(Track::query()->count())->toBe(0);
})->with([
    'all its points the same' => [track(array_fill(0, 500, [48.1, 11.2])), 'a place, not a road'],
    'a zigzag round the globe' => [
        track(array_map(fn (int $i) => [$i % 2 === 0 ? -60.0 : 60.0, $i % 360 - 180.0], range(0, 2_000))), 'at most 400 km',
    ],
]);

it('asks what a jump is, and does as it is told', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $points = array_map(fn (int $i) => [48 + $i / 2_000, 11.0], range(0, 100));
    $points[50] = [48.3, 11.0];
    upload($job, track($points), 'stray.gpx')->assertSessionHasErrors('jumps');
    expect(session('errors')->first('jumps'))->toContain('jumps 2 times: after point 50')->and(Track::query()->count())->toBe(0);
    [$key, $named] = [session('stashed'), session('named')];
    $this->get("/jobs/{$job->id}/line/hills")->assertSee('Leave that out')->assertSee('stray');

    $this->actingAs(Workshops::person(workshop: $person->workshop))
        ->post("/jobs/{$job->id}/line/roads", ['stashed' => $key, 'jumps' => 'leave-out'])->assertSessionHasErrors('track');
    $this->actingAs($person);
    foreach (['leave-out' => 5_450.0, 'ride' => 66_600.0] as $answer => $length) {
        $this->post("/jobs/{$job->id}/line/roads", ['stashed' => $key, 'named' => $named, 'jumps' => $answer])->assertSessionHasNoErrors();
        $kept = Track::query()->latest('id')->firstOrFail();
        expect($kept->name)->toBe('stray')->and($kept->length_m)->toEqualWithDelta($length, 900);
    }
    expect(implode(' ', Track::query()->oldest('id')->firstOrFail()->remarks))->toContain('2 jumps left out, the farthest');
    $this->post("/jobs/{$job->id}/line/roads", ['stashed' => '../../../../etc/passwd', 'jumps' => 'ride'])->assertSessionHasErrors();
});

/** Heights nobody rode at: of which points, how high, and what is asked. The next finding is a line. */
dataset('odd heights', [
    'out of the world' => [[50 => 1e15], 'One height cannot be: point 51 lies at 1e+15 m'],
    'a step of eight kilometres' => [[50 => 8_000.0], 'point 51 lies at 8,000 m'],
    'a step within what roads lie at' => [[50 => 4_200.0, 51 => 4_200.0], '2 heights cannot be: point 51 lies at 4,200 m'],
    'at the start' => [[0 => 3_000.0], 'point 1 lies at 3,000 m'],
    'below the sea' => [[99 => -9_000.0], 'point 100 lies at -9,000 m'],
]);

it('asks about a height nobody rode at, as about a jump', function (array $odd, string $question): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $heights = array_replace(array_map(fn (int $i) => 200.0 + $i, range(0, 99)), $odd);
    $points = array_map(
        fn (int $i, float $height) => sprintf('<trkpt lat="%.5f" lon="11"><ele>%s</ele></trkpt>', 48 + $i / 2_000, $height),
        array_keys($heights), $heights,
    );
    upload($job, '<gpx><trk><name>Odd</name><trkseg>'.implode('', $points).'</trkseg></trk></gpx>')->assertSessionHasErrors('jumps');
    expect(session('errors')->first('jumps'))->toContain($question)->and(Track::query()->count())->toBe(0);
    $this->post("/jobs/{$job->id}/line/roads", ['stashed' => session('stashed'), 'named' => 'Odd', 'jumps' => 'leave-out'])
        ->assertSessionHasNoErrors();
    $kept = Track::query()->sole();
    expect(implode(' ', $kept->remarks))->toContain('left out')->and($kept->raw_ascent_m)->toEqualWithDelta(99.0, 1.0)
        ->and(max([0.0, ...$kept->heights]))->toBeLessThan(310.0);
})->with('odd heights');

it('offers to take a road off that cannot be ridden', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    foreach ([0.0, 9e9] as $length) {
        Track::query()
            ->create([
                'job_id' => $job->id, 'user_id' => $person->id, 'name' => 'Old one', 'heights' => [], 'length_m' => $length,
                'raw_ascent_m' => 0, 'points' => 2, 'remarks' => [],
            ]);
        $this->actingAs($person)->get("/jobs/{$job->id}/line/hills")->assertOk()->assertSee('cannot be ridden')
            ->assertSee('Take this road off');
        $this->get("/jobs/{$job->id}/line/road.svg")->assertNotFound();
    }
});

it('says which cogs may still turn inside the doubt, and which reading would settle them', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $open = fn (): int => count(
        array_filter($this->get("/jobs/{$job->id}/worksheet.json")->json('chainline.cogs'), fn (array $cog) => ! $cog['settled']),
    );
    $shown = fn (): int => substr_count((string) $this->get("/jobs/{$job->id}/line")->assertOk()->getContent(), 'class="may-turn"');
    $before = $open();
    expect($shown())->toBe($before);
    $this->post("/jobs/{$job->id}/readings", ['spot' => 'cog_inset', 'typed' => '5.2 ± 6', 'instrument' => 'rule', 'afresh' => 1])
        ->assertSessionHasNoErrors();
    expect($open())->toBeGreaterThan($before)->and($shown())->toBe($open());
    $this->get("/jobs/{$job->id}/line")->assertSee('Take again: Smallest cog inset');
});

it('says that the spacing of the cogs was told, not measured', function (): void {
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::kitted($person);
    $this->get("/jobs/{$job->id}/line")->assertOk()->assertDontSee('Cogs taken as');
    Reading::query()->where('job_id', $job->id)->where('spot', 'cog_pitch')->delete();
    $this->get("/jobs/{$job->id}/line")->assertOk()->assertSee('Cogs taken as 4.34 mm apart');
});
