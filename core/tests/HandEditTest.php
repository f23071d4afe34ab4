<?php

declare(strict_types=1);

use NeatSpindle\Core\Parts\Drawer\HandEdit;
use NeatSpindle\Core\Parts\Drawer\Place;

it('puts in, takes out and swaps, thickest first', function (): void {
    $seen = [3.0, 1.0, 1.0];
    expect(HandEdit::add(Place::Drive, $seen, 2.0)->appliedTo([]))->toBe(['drive' => [3.0, 2.0, 1.0, 1.0]])
        ->and(HandEdit::drop(Place::Drive, $seen, 1)->appliedTo([]))->toBe(['drive' => [3.0, 1.0]])
        ->and(HandEdit::swap(Place::Drive, $seen, 0, 0.5)->appliedTo([]))->toBe(['drive' => [1.0, 1.0, 0.5]])
        ->and(HandEdit::fill(Place::Drive, [0.5, 4.0])->appliedTo(['drive' => $seen]))->toBe(['drive' => [4.0, 0.5]]);
});

it('loses and invents no piece when one is moved', function (): void {
    mt_srand(7);
    for ($i = 0; $i < 100; $i++) {
        $pieces = fn (): array => array_map(fn () => mt_rand(1, 100) / 10, range(1, mt_rand(1, 6)));
        [$from, $to] = [$pieces(), $pieces()];
        rsort($from);
        $index = mt_rand(0, count($from) - 1);
        $after = HandEdit::move(Place::Plate, $from, $index, Place::Nut, $to)->appliedTo(['boss' => [1.6]]);

        expect([...$after['plate'], ...$after['nut']])->toEqualCanonicalizing([...$from, ...$to])
            ->and(count($after['plate']))->toBe(count($from) - 1)
            ->and($after['boss'])->toBe([1.6]);
    }
});

it('takes back with the opposite edit', function (): void {
    $seen = [5.0, 2.0];
    $added = HandEdit::add(Place::Nut, $seen, 3.0)->appliedTo([])['nut'];
    expect(HandEdit::drop(Place::Nut, $added, 1)->appliedTo([])['nut'])->toBe($seen);
});

it('leaves a place to the drawer, and the other places alone', function (): void {
    expect(HandEdit::leaveToTheDrawer(Place::Drive)->appliedTo(['drive' => [1.0], 'nut' => [2.0]]))->toBe(['nut' => [2.0]])
        ->and(HandEdit::leaveToTheDrawer(Place::Drive)->filled())->toBe([]);
});

it('names the places it touches, and says what it does in words', function (): void {
    $move = HandEdit::move(Place::Drive, [2.0], 0, Place::Plate, []);
    expect($move->touched())->toBe([Place::Drive, Place::Plate])
        ->and($move->what)->toBe('2 mm from Drive side to Under the plate')
        ->and(HandEdit::drop(Place::Boss, [1.6], 0)->what)->toBe('1.6 mm out of Boss washers')
        ->and(HandEdit::fill(Place::Boss, [])->what)->toBe('Nothing into Boss washers');
});

it('does not touch a piece that is no longer there', function (Closure $edit): void {
    expect($edit)->toThrow(InvalidArgumentException::class, 'look at the stack again');
})->with([
    'out' => [fn () => HandEdit::drop(Place::Drive, [1.0], 1)],
    'swap' => [fn () => HandEdit::swap(Place::Drive, [], 0, 2.0)],
    'move' => [fn () => HandEdit::move(Place::Drive, [1.0], -1, Place::Nut, [])],
]);
