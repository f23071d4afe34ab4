<?php

declare(strict_types=1);

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\Drawer\KeepNutSocket;
use App\Documents\CatalogueDocument;
use App\Models\User;
use NeatSpindle\Core\Parts\Part\NutSocket;
use Tests\Support\Journey;

/** The demo's catalogue, one of its motors again with a single nut, and a short socket in the drawer. */
function withOneNut(User $person): void
{
    $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true);
    $catalogue['motors']['lone-68'] = ['name' => 'Heron, 68 one nut'] + $catalogue['motors']['heron-68'];
    unset($catalogue['motors']['lone-68']['lockring']);
    app(ReadCatalogueIn::class)($person, CatalogueDocument::read((string) json_encode($catalogue)));
    app(KeepNutSocket::class)($person, new NutSocket(26.0, 20.0));
}

it('builds a yoke to the last step, and no wrong order', function (): void {
    $journey = Journey::asNewUser(Journey::STEEL_68);
    $site = $journey->site;
    $journey->takeIn('diamond', 'steel', 'Pine touring frame')->survey()->strip()->survey()->choose('Bittern, 83 body')
        ->rest('strut', '165');
    $refused = $journey->build();

    expect($refused)->toBeGreaterThan(20)->and($site->text())->toContain('done')
        ->and(
            array_values(
                array_intersect(
                    Journey::builtSheet(),
                    [
                        'Strut on, loose', 'Yoke into its slot, by hand', 'Cup to torque', 'Spindle in from the drive side',
                        'Collar on, preload by hand', 'Strut to torque',
                    ],
                ),
            ),
        )
        ->toBe([
            'Yoke into its slot, by hand', 'Strut on, loose', 'Cup to torque', 'Spindle in from the drive side',
            'Collar on, preload by hand', 'Strut to torque',
        ])
        ->and(implode(' ', Journey::builtSheet()))->not->toContain('Lock ring');
});

it('builds a sleeve with one nut, and says at Match that the socket does not reach it', function (): void {
    $journey = Journey::asNewUser(Journey::STEEL_68, withOneNut(...));
    $site = $journey->site;
    $journey->takeIn('diamond', 'steel', 'Grey commuter')->survey()->strip()->survey();
    expect($site->text('tr[data-motor="lone-68"]'))->toContain('The nut’s socket will not reach');
    $journey->choose('Heron, 68 one nut')->rest('frame');
    $refused = $journey->build();

    expect($refused)->toBeGreaterThan(20)
        ->and(implode(' ', Journey::builtSheet()))->toContain('Nut to torque')->not->toContain('Lock ring');
    $site->visit("/jobs/{$journey->job()}/stack");
    expect($site->text('.head-verdict'))->toContain('nut’s socket');
});

it('takes the spindle of a fat bike’s motor out for the nut, where the socket does not reach over it', function (): void {
    $journey = Journey::asNewUser([
        'shell_width' => '100.02 100.06', 'guide_depth' => '1.5', 'stay_45' => '-2.2', 'stay_64' => '1.4', 'stay_80' => '2.7',
        'stay_112' => '6.8', 'over_locknuts' => '197', 'wheel' => '2320', 'tyre_width' => '101',
    ] + Journey::STEEL_68, withOneNut(...));
    $journey->takeIn('fat', 'steel', 'Rust fat bike')->survey()->strip()->survey()->choose('Heron, 100 sleeve')->rest('frame');
    $journey->build(triesWrongOrders: false);

    $order = array_values(
        array_filter(Journey::builtSheet(), fn (string $title) => preg_match('/[Ss]pindle|^Nut |Lock ring|crank/u', $title) === 1),
    );
    expect($order)->toBe([
        'Nut on by hand', 'Spindle out, for the nut', 'Nut to torque', 'Lock ring to torque', 'Spindle in again',
        'Spindle’s preload by hand', 'Spindle’s screw to torque',
        'Right crank on by hand', 'Right crank’s bolt to torque', 'Left crank on by hand, opposite the right one',
        'Left crank’s bolt to torque',
    ]);
});

it('trims a guide with its gear cable out, and measures what is left before the body goes in', function (): void {
    $journey = Journey::asNewUser(['guide_depth' => '3.4', 'guide_remedy' => 'trimmed'] + Journey::STEEL_68);
    $site = $journey->site;
    $journey->takeIn('diamond', 'steel', 'Grey commuter')->alsoSay('guide_remedy');
    $site->visit("/jobs/{$journey->job()}/survey");
    $journey->survey()->strip()->survey()->choose('Heron, 68 sleeve')->rest('frame');
    $measured = 0;
    $journey->build(['What is left of the guide' => function (Journey $at) use (&$measured): void {
        $measured++;
        expect($at->site->visit("/jobs/{$at->job()}/survey?spot=guide_depth")->text('.spot'))->not->toContain('3.40 mm from');
        $at->site->type('typed', '1.9')->press('Keep');
    }], triesWrongOrders: false);

    expect($measured)->toBe(1)->and(array_slice(Journey::builtSheet(), 2, 5))->toBe([
        'Cable guide: Turned or trimmed', 'What is left of the guide measured afresh', 'Fit the motor dry, its ring with it',
        'Through to the motor: main harness, speed sensor, battery lead', 'Body in from the drive side',
    ]);
});

it('builds a twin-plate motor on the bike’s own chain, with nothing torqued before it was tried by hand', function (): void {
    $says = [
        'shell_width' => '92.04 92.0', 'shell_bore' => '41.02', 'shell_threaded' => 'no', 'crank_kind' => 'splined',
        'bracket_kind' => 'press-fit', 'chainstay_length' => '604',
        'drive_chain' => 'bikes', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1',
    ] + Journey::STEEL_68;
    $journey = Journey::asNewUser($says);
    $site = $journey->site;
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
        ->and(implode(' ', Journey::builtSheet()))->toContain('The bike’s chain over pinion and ring')->not->toContain('First chain')
        ->toContain('Derailleur set on the chain that lies there');
});
