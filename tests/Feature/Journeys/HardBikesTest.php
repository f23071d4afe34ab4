<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\MeasuredPart;
use Tests\Support\Journey;
use Tests\Support\MotorWithoutPapers;
use Tests\Support\Workshops;

it('builds a boom trike with the pack beside the motor, on the boom', function (): void {
    $journey = Journey::asNewUser(
        [
            'boom_diameter' => '50.8', 'guide_depth' => '4.1', 'boom_length' => '420', 'wheelbase' => '1180', 'chain_path' => '1905',
            'front_wheel' => '1500',
        ] + Journey::STEEL_68,
    );
    $site = $journey->site;
    $journey->takeIn('tadpole-trike', 'aluminium', 'Plum trike')->alsoSay('boom_diameter');
    $job = $journey->job();
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->strip()->survey()->choose('Otter, 68 light')->rest('boom_clamp', '150');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey();

    $site->visit("/jobs/{$job}/route/battery");
    $journey->click('button[name="take"][value^="boom "]');
    $site->type('floor-length', '520')->type('floor-width', '140');
    $site->choose('fixing', $site->attributes('#fixing option', 'value')[1]);
    foreach ($site->attributes('#set-battery input[value=yes]', 'name') as $name) {
        $site->tick("input[name='{$name}'][value='yes']");
    }
    $journey->click('#keep-battery');
    expect($site->text('#arrived'))->toContain('Decide what cuts the motor')
        ->and($site->visit("/jobs/{$job}/route/battery")->text())->toContain('on the boom');
    $journey->build(triesWrongOrders: false);

    $titles = Journey::builtSheet();
    expect($titles)->toContain('Try the battery in the frame', 'Clamp on the boom, loose')
        ->and(OpenJob::of(Workshops::fresh(Job::query()->sole()))->circumstances()->wiring->battery?->setting->site->value)->toBe('boom');
});

it('builds a press-fit frame with plates and a first chain of its own, each measured when it can be', function (): void {
    $says = [
        'shell_width' => '92.04 92.0', 'shell_bore' => '41.02', 'shell_threaded' => 'no', 'crank_kind' => 'splined',
        'bracket_kind' => 'press-fit', 'chainstay_length' => '604',
        'drive_chain' => 'own', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1', 'first_chain_run' => '210',
        'first_chain_play' => '8', 'arm_in' => '20', 'arm_out' => '31',
    ] + Journey::STEEL_68;
    $journey = Journey::asNewUser($says);
    $site = $journey->site;
    $journey->takeIn('long-tail', 'aluminium', 'Teal hauler')->survey()->strip()->survey()->choose('Wren, hung between plates');
    $job = $journey->job();
    $site->visit("/jobs/{$job}/stack");
    expect($site->text())->not->toContain('Known so far');
    $journey->alsoSay('crank_gap');
    $site->visit("/jobs/{$job}/stack");
    expect($site->text())->toContain('Known so far: under the crank')
        ->toContain('then measure ring to plate and pinion to its plate’s face: the rest');
    $site->visit("/jobs/{$job}/survey");
    $journey->survey()->alsoSay('first_chain_run', 'first_chain_play', 'arm_in', 'arm_out');
    $onStack = fn (callable $do): callable => function (Journey $at) use ($do): void {
        $at->site->visit("/jobs/{$at->job()}/stack");
        $do($at);
    };
    $refused = $journey->build([
        'Spindle turned by hand' => $onStack(fn (Journey $at) => $at->press('Free, no play')),
        'Crank bolt by hand' => $onStack(function (Journey $at): void {
            $at->site->type('bolt-turns', '6');
            $at->click('#bolt-turns + button');
        }),
        'rests on' => fn (Journey $at) => $at->rest('strut', '140'),
        'one plane' => $onStack(fn (Journey $at) => $at->press('Swings both ways')),
    ]);
    $order = [
        'First chain laid over the shell’s inside', 'Spindle home in its bearings', 'Ring to plate, measured once more',
        'First chain over ring and pinion',
    ];
    expect($refused)->toBeGreaterThan(20)->and(implode(' ', Journey::builtSheet()))->not->toContain('bike’s chain over pinion')
        ->and(array_values(array_intersect(Journey::builtSheet(), $order)))->toBe($order);
});

it('takes in a motor by measuring it, and builds it like any other', function (): void {
    $journey = Journey::asNewUser(Journey::STEEL_68);
    $site = $journey->site;
    $site->visit('/catalogue');
    $journey->press('Measure a part')->click('button[value="sleeve"]');
    $part = MeasuredPart::query()->sole();
    $site->type('figure-name', 'Grey motor without papers')->tick('input[value="native_shells bsa"]')
        ->type('figure-sleeve-sleeve_od_mm', '33')->type('figure-sleeve-sleeve_length_mm', '92,5');
    $journey->click('#keep-part');
    expect($site->text())->toContain('more figures, and it can be tried in a bike')
        ->and($site->value('figure-sleeve-sleeve_length_mm'))->toBe('92.50 mm');
    foreach (MotorWithoutPapers::FIGURES as $field => $typed) {
        $site->type("figure-{$field}", $typed);
    }
    $journey->click('#keep-part');
    expect($site->text())->toContain('It stands in the catalogue now');

    $journey->takeIn('diamond', 'steel', 'Grey commuter')->survey()->strip()->survey();
    expect($site->text("tr[data-motor='{$part->code}']"))->toContain('measured here');
    $journey->choose('Grey motor without papers')->rest('frame');
    $journey->build(triesWrongOrders: false);
    expect(Journey::builtSheet())->toContain('Nut to torque')->not->toContain('Lock ring to torque');
});
