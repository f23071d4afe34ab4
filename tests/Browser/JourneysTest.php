<?php

declare(strict_types=1);

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\Drawer\KeepNutSocket;
use App\Bench\OpenJob;
use App\Documents\CatalogueDocument;
use App\Models\Job;
use App\Models\Reading;
use App\Models\StepRecord;
use App\Models\User;
use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Part\NutSocket;
use Tests\Support\Journey;
use Tests\Support\Site;
use Tests\Support\Workshops;

afterAll(fn () => Site::close());

/** What a steel frame with a 68 mm shell and a derailleur shows. */
const STEEL_68 = [
    'crank_kind' => 'square-taper', 'bracket_kind' => 'threaded', 'guide_depth' => '1.8', 'stay_45' => '-4.2', 'stay_64' => '2.6', 'stay_80' => '3.7', 'stay_112' => '8.8',
    'chainstay_length' => '438', 'over_locknuts' => '135.1', 'cog_inset' => '5.2', 'cog_pitch' => '4.34', 'cogs' => '11 13 15 17 20 23 26 30 34', 'wheel' => '2286',
    'shell_width' => '68.02 68.08', 'shell_bore' => '33.66', 'shell_threaded' => 'yes', 'drive_cup_loosens' => 'clockwise', 'thread_pitch' => '1.06', 'down_tube' => '650', 'bar_to_head' => '250',
];

/** The demo's catalogue, and one of its motors again with a single nut. */
function withOneNut(User $person): void
{
    $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true);
    $catalogue['motors']['lone-68'] = ['name' => 'Heron, 68 one nut'] + $catalogue['motors']['heron-68'];
    unset($catalogue['motors']['lone-68']['lockring']);
    app(ReadCatalogueIn::class)($person, CatalogueDocument::read((string) json_encode($catalogue)));
    app(KeepNutSocket::class)($person, new NutSocket(26.0, 20.0));
}

/**
 * @param  array<string, string>  $says what the bike shows, by the spot's code
 * @return array{Site, Journey}
 */
function newUser(array $says, ?callable $prepare = null): array
{
    $person = Workshops::stocked();
    $prepare === null || $prepare($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);

    return [$site, Journey::of($site, $says)];
}

/** @return list<string> titles of the sheet as it was built */
function builtSheet(): array
{
    $steps = OpenJob::of(Workshops::fresh(Job::query()->sole()))->buildSheet()->steps ?? [];
    $done = StepRecord::query()->where('sheet', 'build')->whereNull('superseded_at')->where('state', 'done')->pluck('step')->all();
    expect(array_diff(array_map(fn (BuildStep $step) => $step->code, $steps), $done))->toBe([]);

    return array_map(fn (BuildStep $step) => $step->title, $steps);
}

it('asks about a fat bike’s stay that was taken from the centre plane, before it gets to Match', function (): void {
    $fat = ['bracket_kind' => 'threaded', 'guide_depth' => '1.5', 'stay_45' => '4.2'] + STEEL_68;
    [$site, $journey] = newUser($fat);
    $journey->takeIn('fat', 'aluminium', 'Rust fat bike');
    while ($journey->spotUp() !== 'stay_64') {
        $code = $journey->spotUp();
        isset(['crank_kind' => 1, 'bracket_kind' => 1][$code]) ? $site->click(".spot button[value='{$fat[$code]}']") : $site->type('typed', $fat[$code])->press('Keep');
    }
    $site->type('typed', '61.2')->press('Keep');
    expect($site->text('#typed-fault'))->toContain('unusual here')->toContain('Was it taken from the centre plane?')
        ->and($journey->spotUp())->toBe('stay_64')->and(Reading::query()->where('spot', 'stay_64')->count())->toBe(0);
    $site->type('typed', '11.2')->press('Keep');
    expect($journey->spotUp())->toBe('stay_80')->and(Reading::query()->where('spot', 'stay_64')->sole()->value_mm)->toBe(11.2);
});

it('strips a loose-ball bracket: lock ring before cup, spindle to the left, fixed cup last', function (): void {
    [$site, $journey] = newUser(['bracket_kind' => 'loose-ball', 'kickstand' => 'yes', 'dust_caps' => 'yes', 'front_mech' => 'no'] + STEEL_68);
    $journey->takeIn('diamond', 'steel', 'Copper touring bike');
    $job = $journey->job();
    $journey->alsoSay('kickstand', 'dust_caps', 'front_mech');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey();
    $site->click('.step-list a[href*="lockring-left"]');
    expect($site->text('.step-now'))->toContain('Hook spanner')->toContain('Anticlockwise')->toContain('wheels on the floor');
    $site->visit("/jobs/{$job}/strip");
    $journey->strip();

    expect(StepRecord::query()->where('sheet', 'strip')->orderBy('id')->pluck('step')->all())->toBe([
        'power', 'kickstand', 'pedal-right', 'pedal-left', 'chain', 'dust-cap-right', 'dust-cap-left', 'crank-bolt-right', 'crank-right', 'crank-bolt-left', 'crank-left',
        'lockring-left', 'cup-left', 'spindle-out', 'cup-drive', 'look-inside',
    ])->and($site->text('#arrived'))->toContain('the bare shell')->and($journey->spotUp())->toBe('shell_width');
});

it('builds a yoke to the last step, and no wrong order', function (): void {
    [$site, $journey] = newUser(STEEL_68);
    $journey->takeIn('diamond', 'steel', 'Pine touring frame')->survey()->strip()->survey()->choose('Bittern, 83 body')->rest('strut', '165');
    $refused = $journey->build();

    expect($refused)->toBeGreaterThan(20)->and($site->text())->toContain('done')
        ->and(array_values(array_intersect(builtSheet(), ['Strut on, loose', 'Yoke into its slot, by hand', 'Cup to torque', 'Spindle in from the drive side', 'Collar on, preload by hand', 'Strut to torque'])))
        ->toBe(['Yoke into its slot, by hand', 'Strut on, loose', 'Cup to torque', 'Spindle in from the drive side', 'Collar on, preload by hand', 'Strut to torque'])
        ->and(implode(' ', builtSheet()))->not->toContain('Lock ring');
});

it('builds a sleeve with one nut, and says at Match that the socket does not reach it', function (): void {
    [$site, $journey] = newUser(STEEL_68, withOneNut(...));
    $journey->takeIn('diamond', 'steel', 'Grey commuter')->survey()->strip()->survey();
    expect($site->text('tr[data-motor="lone-68"]'))->toContain('The nut’s socket will not reach');
    $journey->choose('Heron, 68 one nut')->rest('frame');
    $refused = $journey->build();

    expect($refused)->toBeGreaterThan(20)->and(implode(' ', builtSheet()))->toContain('Nut to torque')->not->toContain('Lock ring');
    $site->visit("/jobs/{$journey->job()}/stack");
    expect($site->text('.head-verdict'))->toContain('nut’s socket');
});

it('builds a twin-plate motor on the bike’s own chain, with nothing torqued before it was tried by hand', function (): void {
    $says = [
        'shell_width' => '92.04 92.0', 'shell_bore' => '41.02', 'shell_threaded' => 'no', 'crank_kind' => 'splined', 'bracket_kind' => 'press-fit', 'chainstay_length' => '604',
        'drive_chain' => 'bikes', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1',
    ] + STEEL_68;
    [$site, $journey] = newUser($says);
    $journey->takeIn('long-tail', 'aluminium', 'Teal hauler')->survey()->strip()->survey()->choose('Wren, hung between plates');
    $journey->click('#next-place')->survey();
    $said = [];
    $onStack = function (string $what, callable $do) use (&$said): callable {
        return function (Journey $journey) use (&$said, $what, $do): void {
            $said[] = $what;
            $journey->site->visit("/jobs/{$journey->job()}/stack");
            $do($journey);
        };
    };
    $refused = $journey->build([
        'Spindle turned by hand' => $onStack('feel', fn (Journey $at) => $at->press('Free, no play')),
        'Crank bolt by hand' => $onStack('turns', function (Journey $at): void {
            $at->site->type('bolt-turns', '6');
            $at->click('#bolt-turns + button');
        }),
        'rests on' => fn (Journey $at) => $at->rest('strut', '140'),
        'one plane' => $onStack('plane', fn (Journey $at) => $at->press('Swings both ways')),
    ]);

    expect($refused)->toBeGreaterThan(20)->and($said)->toBe(['feel', 'turns', 'plane'])
        ->and(implode(' ', builtSheet()))->toContain('The bike’s chain over pinion and ring')->not->toContain('First chain')->toContain('Derailleur set on the chain that lies there');
});

it('builds a boom trike, whose body leans on no tube', function (): void {
    [$site, $journey] = newUser(['boom_diameter' => '50.8', 'guide_depth' => '4.1'] + STEEL_68);
    $journey->takeIn('tadpole-trike', 'aluminium', 'Plum trike');
    $job = $journey->job();
    $journey->alsoSay('boom_diameter');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->strip()->survey()->choose('Otter, 68 light')->rest('boom_clamp', '150');
    expect($site->text())->toContain('Size 2 in, without a shim')->and($site->has('input[name="rest"][value="frame"]:disabled'))->toBeTrue();
    $refused = $journey->build();

    $sheet = OpenJob::of(Workshops::fresh(Job::query()->sole()))->buildSheet();
    expect($refused)->toBeGreaterThan(20)->and(builtSheet())->toContain('Clamp on the boom, loose', 'Boom’s clamp to torque')
        ->and($sheet?->step('set-rest')?->how)->toContain('There is no tube above it');
});

it('builds a box bike whose chain is kept whole, with guard and bucket back on', function (): void {
    $says = [
        'crank_kind' => 'splined', 'bucket' => 'yes', 'guard' => 'yes', 'chain_kept' => 'yes', 'front_mech' => 'no', 'cogs' => '20', 'chainstay_length' => '462',
        'over_locknuts' => '130.1', 'cog_inset' => '20.6', 'wheel' => '2070', 'stay_45' => '-5.5', 'stay_64' => '1.2', 'stay_80' => '2.4', 'stay_112' => '5.0',
    ] + STEEL_68;
    [$site, $journey] = newUser($says);
    $journey->takeIn('box-cargo', 'steel', 'Oak-brown box bike');
    $job = $journey->job();
    $journey->alsoSay('front_mech', 'chain_kept', 'guard', 'bucket');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->strip()->survey()->choose('Heron, 68 sleeve')->rest('strut', '150');
    $refused = $journey->build();

    $titles = builtSheet();
    $order = ['Whole chain laid over the ring, before its bolts', 'Slack of the chain that lies there', 'Guard, guide or roller back on', 'Load bucket back on'];
    expect($refused)->toBeGreaterThan(20)->and(array_values(array_intersect($titles, $order)))->toBe($order)
        ->and(StepRecord::query()->where('sheet', 'strip')->where('step', 'bucket')->sole()->note)->toContain('M5 × 12')
        ->and(implode(' ', $titles))->not->toContain('erailleur');
});
