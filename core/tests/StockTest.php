<?php

declare(strict_types=1);

use NeatSpindle\Core\Parts\Stock\Moved;
use NeatSpindle\Core\Parts\Stock\NotOnTheShelf;
use NeatSpindle\Core\Parts\Stock\Shelf;
use NeatSpindle\Core\Parts\Stock\StockKind;

it('moves what is on a shelf', function (Shelf $before, Moved $how, int $count, ?Shelf $after, int $ofReserved = 0): void {
    $after === null
        ? expect(fn () => $before->after($how, $count, $ofReserved))->toThrow(NotOnTheShelf::class)
        : expect($before->after($how, $count, $ofReserved))->toEqual($after);
})->with([
    'received' => [new Shelf(3), Moved::Received, 4, new Shelf(7)],
    'counted fewer than are kept' => [new Shelf(3, 3), Moved::Counted, 1, new Shelf(1, 3)],
    'reserved' => [new Shelf(3, 1), Moved::Reserved, 2, new Shelf(3, 3)],
    'reserved twice' => [new Shelf(3, 2), Moved::Reserved, 2, null],
    'reserved where a count found fewer' => [new Shelf(1, 3), Moved::Reserved, 1, null],
    'no longer reserved' => [new Shelf(3, 2), Moved::Freed, 2, new Shelf(3)],
    'taken that was reserved' => [new Shelf(3, 2), Moved::Taken, 2, new Shelf(1), 2],
    'taken, some of it reserved' => [new Shelf(5, 3), Moved::Taken, 3, new Shelf(2, 2), 1],
    'taken that is kept for others' => [new Shelf(3, 2), Moved::Taken, 2, null],
    'taken from what lies there' => [new Shelf(3, 2), Moved::Taken, 1, new Shelf(2, 2)],
    'more than there are' => [new Shelf(3), Moved::Taken, 4, null],
    'spoilt, more than there are' => [new Shelf(0), Moved::Spoilt, 1, null],
    'sent back' => [new Shelf(3), Moved::SentBack, 3, new Shelf(0)],
    'more than anybody keeps' => [new Shelf(Shelf::MOST - 1), Moved::Received, 2, null],
    'less than none' => [new Shelf(3), Moved::Counted, -1, null],
]);

it('never has less than nothing, reserves nothing twice, and is what its movements add up to', function (): void {
    mt_srand(26);
    for ($run = 0; $run < 200; $run++) {
        $shelf = new Shelf(mt_rand(0, 9));
        $sum = $shelf->lies;
        for ($i = 0; $i < 60; $i++) {
            $how = Moved::cases()[mt_rand(0, count(Moved::cases()) - 1)];
            $count = mt_rand(0, 5);
            $before = $shelf;
            try {
                $shelf = $shelf->after($how, $count, $how === Moved::Taken ? mt_rand(0, $shelf->kept) : 0);
            } catch (NotOnTheShelf $e) {
                expect($e->getMessage())->not->toBe('');

                continue;
            }
            $sum += match ($how) {
                Moved::Received, Moved::GivenBack => $count,
                Moved::Taken, Moved::Spoilt, Moved::SentBack => -$count,
                Moved::Counted => $count - $before->lies,
                Moved::Reserved, Moved::Freed => 0,
            };
            expect($shelf->lies)->toBe($sum)->toBeGreaterThanOrEqual(0)->and($shelf->kept)->toBeGreaterThanOrEqual(0);
            expect($how !== Moved::Reserved || $count === 0 || $shelf->kept <= $shelf->lies)->toBeTrue();
        }
    }
});

it('says of every kind what it is counted by, and what can be said of it by hand', function (): void {
    expect(StockKind::Chain->unit())->toBe('links')
        ->and(array_filter(StockKind::cases(), fn (StockKind $kind) => $kind->label() === ''))->toBe([])
        ->and(array_filter(Moved::byHand(false), fn (Moved $how) => $how->isForAJob()))->toBe([])
        ->and(array_unique(array_map(fn (Moved $how) => $how->label(), Moved::cases())))->toHaveCount(8)
        ->and(fn () => new Shelf(-1))->toThrow(LogicException::class);
});
