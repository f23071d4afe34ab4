<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reading;
use App\Models\StepRecord;
use Tests\Support\Journey;
use Tests\Support\Workshops;

it('asks about a fat bike’s stay that was taken from the centre plane, on the bare shell', function (): void {
    $fat = ['bracket_kind' => 'threaded', 'guide_depth' => '1.5', 'stay_45' => '4.2', 'tyre_width' => '118'] + Journey::STEEL_68;
    $journey = Journey::asNewUser($fat);
    $site = $journey->site;
    $journey->takeIn('fat', 'aluminium', 'Rust fat bike');
    $journey->survey()->strip();
    expect($journey->asked)->not->toContain('stay_45')->and($journey->spotUp())->toBe('stay_45');
    $site->type('typed', $fat['stay_45'])->press('Keep');
    $site->type('typed', '61.2')->press('Keep');
    expect($site->text('#typed-fault'))->toContain('unusual here')->toContain('Was it taken from the centre plane?')
        ->and($journey->spotUp())->toBe('stay_64')->and(Reading::query()->where('spot', 'stay_64')->count())->toBe(0);
    $site->type('typed', '11.2')->press('Keep');
    expect($journey->spotUp())->toBe('stay_80')->and(Reading::query()->where('spot', 'stay_64')->sole()->value_mm)->toBe(11.2);
});

it('strips a loose-ball bracket: lock ring before cup, spindle to the left, fixed cup last', function (): void {
    $journey = Journey::asNewUser(
        ['bracket_kind' => 'loose-ball', 'kickstand' => 'yes', 'dust_caps' => 'yes', 'front_mech' => 'no'] + Journey::STEEL_68,
    );
    $site = $journey->site;
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
        'power', 'kickstand', 'pedal-right', 'pedal-left', 'chain', 'dust-cap-right', 'dust-cap-left', 'crank-bolt-right', 'crank-right',
        'crank-bolt-left', 'crank-left',
        'lockring-left', 'cup-left', 'spindle-out', 'cup-drive', 'look-inside',
    ])->and($site->text('#arrived'))->toContain('the bare shell')->and($journey->spotUp())->toBe('stay_45');
});

it('builds a boom trike, whose body leans on no tube', function (): void {
    $journey = Journey::asNewUser(['boom_diameter' => '50.8', 'guide_depth' => '4.1'] + Journey::STEEL_68);
    $site = $journey->site;
    $journey->takeIn('tadpole-trike', 'aluminium', 'Plum trike');
    $job = $journey->job();
    $journey->alsoSay('boom_diameter');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->strip()->survey()->choose('Otter, 68 light')->rest('boom_clamp', '150');
    expect($site->text())->toContain('Size 2 in, without a shim')->toContain('no down tube where the body swings to');
    $refused = $journey->build();

    $sheet = OpenJob::of(Workshops::fresh(Job::query()->sole()))->buildSheet();
    expect($refused)->toBeGreaterThan(20)->and(Journey::builtSheet())->toContain('Clamp on the boom, loose', 'Boom’s clamp to torque')
        ->and($sheet?->step('set-rest')?->how)->toContain('There is no tube above it');
});

it('builds a box bike whose chain is kept whole, with guard and bucket back on', function (): void {
    $says = [
        'crank_kind' => 'splined', 'bucket' => 'yes', 'guard' => 'yes', 'chain_kept' => 'yes', 'front_mech' => 'no', 'cogs' => '20',
        'chainstay_length' => '462',
        'over_locknuts' => '130.1', 'cog_inset' => '20.6', 'wheel' => '2070', 'stay_45' => '-5.5', 'stay_64' => '1.2', 'stay_80' => '2.4',
        'stay_112' => '5.0',
    ] + Journey::STEEL_68;
    $journey = Journey::asNewUser($says);
    $site = $journey->site;
    $journey->takeIn('box-cargo', 'steel', 'Oak-brown box bike');
    $job = $journey->job();
    $journey->alsoSay('front_mech', 'chain_kept', 'guard', 'bucket');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->strip()->survey()->choose('Heron, 68 sleeve')->rest('strut', '150');
    $refused = $journey->build();

    $titles = Journey::builtSheet();
    $order = [
        'Whole chain laid over the ring, before its bolts', 'Slack of the chain that lies there', 'Guard, guide or roller back on',
        'Load bucket back on',
    ];
    expect($refused)->toBeGreaterThan(20)->and(array_values(array_intersect($titles, $order)))->toBe($order)
        ->and(StepRecord::query()->where('sheet', 'strip')->where('step', 'bucket')->sole()->note)->toContain('M5 × 12')
        ->and(implode(' ', $titles))->not->toContain('erailleur');
});
