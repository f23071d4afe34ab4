<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Ground\Measure\CannotReadLine;
use NeatSpindle\Core\Parts\Fastening\WrenchLine;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\DisplayLine;
use NeatSpindle\Core\Whole\Prove\LineLook;
use NeatSpindle\Core\Whole\Prove\ProveFacts;
use NeatSpindle\Core\Whole\Prove\ProvePlan;

function lineOf(string ...$with): DisplayLine
{
    $says = [
        'v' => '51.2', 'kmh' => '0.0', 'crank' => '0', 'nm' => '0.0', 'level' => '0', 'throttle' => '0', 'brake' => '--', 'gear' => '0',
        'walk' => '0', 'wheel' => '2180', 'err' => '00',
    ];
    $says = [...$says, ...$with];

    return DisplayLine::read(implode(' ', array_map(fn (string $name, string $value) => "{$name}={$value}", array_keys($says), $says)));
}

function proveFacts(?bool $throttleAtZero = false, ?int $wheelMm = 2180): ProveFacts
{
    $brakes = new BrakeCut(['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::StickOn], [], true);

    return new ProveFacts($brakes, true, true, true, 25.0, 48.0, $throttleAtZero, $wheelMm);
}

/** What comes of a check: right, miss, or first. */
function comesOf(string $code, DisplayLine $line, ?ProveFacts $facts = null): ?string
{
    $facts ??= proveFacts();
    $look = (new LineLook($facts))->at(ProvePlan::of($facts)->check($code) ?? throw new LogicException("no check {$code}"), $line);

    return match (true) {
        $look === null => null,
        $look->isRight() => 'right',
        default => $look->isMiss() ? 'miss' : 'first',
    };
}

it('reads what a wrench says of a pull, and nothing else', function (): void {
    $pull = WrenchLine::read('+038.4 Nm peak zero -000.2 due 2027-03-01');
    expect([$pull->nm, $pull->hasClicked, $pull->zero, $pull->due])->toBe([38.4, false, -0.2, '2027-03-01'])
        ->and($pull->objection())->toBeNull()
        ->and($pull->note('2026-11-26'))->toBeNull()->and($pull->note('2027-03-01'))->toBeNull()
        ->and($pull->note('2027-03-02'))->toContain('ran out on 2027-03-01')
        ->and(WrenchLine::read('+040.0 Nm click zero +000.0 due 2027-03-01')->hasClicked)->toBeTrue()
        ->and(WrenchLine::read('+038.4 Nm peak zero +001.2 due 2027-03-01')->objection())->toContain('1.2 N·m with nothing on it')
        ->and(WrenchLine::read('+000.0 Nm peak zero +000.0 due 2027-03-01')->objection())->toContain('not pulled');
    foreach (['', '38.4', '+038.4 Nm', '+038.4 Nm peak zero +000.2 due soon', '+038.4 ftlb peak zero +000.2 due 2027-03-01'] as $line) {
        expect(fn () => WrenchLine::read($line))->toThrow(CannotReadLine::class);
    }
});

it('reads what a motor says, and nothing cut off', function (): void {
    $line = lineOf(kmh: '24.8', nm: '18.4', level: '3', brake: '-R', err: '21');
    expect([$line->kmh, $line->nm, $line->level, $line->error, $line->volts])->toBe([24.8, 18.4, 3, 21, 51.2])
        ->and($line->isPulled(BarSide::Right))->toBeTrue()->and($line->isPulled(BarSide::Left))->toBeFalse();
    for ($length = 0; $length < strlen($line->raw); $length += 7) {
        expect(fn () => DisplayLine::read(substr($line->raw, 0, $length)))->toThrow(CannotReadLine::class);
    }
});

it('says what the line means for a check: what to do first, right, or a miss', function (
    string $code, array $first, array $right, array $miss
): void {
    expect(comesOf($code, lineOf(...$first)))->toBe('first')->and(comesOf($code, lineOf(...$right)))->toBe('right')
        ->and(comesOf($code, lineOf(...$miss)))->toBe('miss');
})->with([
    'throttle at zero' => ['throttle-zero', ['level' => '2'], ['throttle' => '30'], ['throttle' => '30', 'nm' => '12.0']],
    'throttle at one' => [
        'throttle-one', ['level' => '1'], ['level' => '1', 'throttle' => '30', 'nm' => '12.0'], ['level' => '1', 'throttle' => '30'],
    ],
    'walking' => ['walk', [], ['walk' => '1', 'nm' => '6.0', 'kmh' => '4.5'], ['walk' => '1', 'nm' => '6.0', 'kmh' => '11.0']],
    'pedals' => [
        'pedals', ['level' => '1'], ['level' => '1', 'crank' => '60', 'nm' => '9.0'], ['level' => '1', 'crank' => '60', 'brake' => 'L-'],
    ],
    'left brake' => ['brake-left', ['nm' => '9.0'], ['brake' => 'L-', 'level' => '1', 'crank' => '60'], ['brake' => 'L-', 'nm' => '9.0']],
    'right brake, plugs swapped' => ['brake-right', [], ['brake' => '-R', 'throttle' => '30'], ['brake' => 'L-']],
    'shift' => ['shift', ['nm' => '9.0'], ['gear' => '1', 'level' => '1', 'crank' => '60'], ['gear' => '1', 'nm' => '9.0', 'walk' => '1']],
    'speed' => ['speed-lamp', [], ['kmh' => '11.0'], ['nm' => '9.0']],
    'wheel' => ['speed-agrees', [], ['kmh' => '11.0'], ['kmh' => '11.0', 'wheel' => '2100']],
    'cut-off' => [
        'cut-off', ['crank' => '60', 'kmh' => '20.0', 'nm' => '9.0'], ['crank' => '60', 'kmh' => '25.3'],
        ['crank' => '60', 'kmh' => '31.0'],
    ],
]);

it('takes the voltage as the figure of the first check, and knows a pack of another voltage', function (): void {
    $facts = proveFacts();
    $look = (new LineLook($facts))->at(ProvePlan::of($facts)->check('wakes') ?? throw new LogicException, lineOf());
    expect($look?->figure)->toBe(51.2)->and(comesOf('wakes', lineOf()))->toBe('right')
        ->and(comesOf('wakes', lineOf(v: '36.4')))->toBe('miss');
});

it('never calls anything right while an error stands or the pack gives nothing', function (): void {
    $facts = proveFacts();
    foreach (ProvePlan::of($facts)->checks as $check) {
        foreach ([['err' => '30'], ['v' => '0.0']] as $fault) {
            foreach ([
                [], ['level' => '1', 'throttle' => '30', 'nm' => '12.0', 'kmh' => '11.0', 'crank' => '60'], ['brake' => 'LR'],
                ['gear' => '1'], ['walk' => '1', 'nm' => '6.0', 'kmh' => '4.0'],
            ] as $hands) {
                expect(comesOf($check->code, lineOf(...[...$hands, ...$fault]), $facts))
                    ->toBeIn(LineLook::knows($check) ? ['miss'] : [null]);
            }
        }
    }
});

it('sees nothing cut that nobody asked to drive', function (): void {
    expect(comesOf('brake-left', lineOf(brake: 'L-')))->toBe('first')
        ->and(comesOf('brake-left', lineOf(brake: 'L-', crank: '60')))->toBe('first')
        ->and(comesOf('brake-left', lineOf(brake: 'L-', level: '1')))->toBe('first')
        ->and(comesOf('shift', lineOf(gear: '1')))->toBe('first')
        ->and(comesOf('brake-left', lineOf(brake: 'L-', walk: '1')))->toBe('right');
});

it('waits for what was to be written down before it can say', function (): void {
    expect(comesOf('throttle-zero', lineOf(throttle: '30'), proveFacts(throttleAtZero: null)))->toBe('first')
        ->and(comesOf('throttle-zero', lineOf(throttle: '30', nm: '9.0'), proveFacts(throttleAtZero: true)))->toBe('right')
        ->and(comesOf('throttle-zero', lineOf(throttle: '30', nm: '9.0'), proveFacts(throttleAtZero: false)))->toBe('miss')
        ->and(comesOf('speed-agrees', lineOf(kmh: '11.0'), proveFacts(wheelMm: null)))->toBe('first');
});

it('says of checks that a hand or an ear makes that the line has nothing on them', function (): void {
    $said = array_filter(ProvePlan::of(proveFacts())->checks, fn (Check $check) => LineLook::knows($check));
    expect(array_map(fn (Check $check) => $check->code, array_values($said)))->toBe([
        'wakes', 'throttle-zero', 'throttle-one', 'walk', 'pedals', 'brake-left', 'brake-right', 'shift', 'speed-lamp', 'speed-agrees',
        'levels', 'cut-off',
    ]);
});
