<?php

declare(strict_types=1);

use App\Actions\Stock\AddStockItem;
use App\Models\Movement;
use NeatSpindle\Core\Parts\Stock\StockKind;
use Tests\Support\Site;
use Tests\Support\Stockroom;
use Tests\Support\Workshops;

it('counts along the shelves on a telephone, with one thumb', function (): void {
    $person = Workshops::stocked();
    $item = app(AddStockItem::class)(
        $person, StockKind::Clamp, 'Tube clamp 31 to 35', 3, ['lies_in' => 'shelf 1', 'minimum' => 5, 'good_until' => null],
    );
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $site->chrome->size(390, 844);
    $site->visit('/drawer/count');
    $row = "[data-stock='item-{$item->id}']";
    $site->tick("{$row} [data-step='1']")->tick("{$row} [data-step='1']")->tick("{$row} [data-step='-1']");
    expect($site->value("count-item-{$item->id}"))->toBe('4')
        ->and($site->driver()->executeScript('return document.documentElement.scrollWidth <= document.documentElement.clientWidth'))
        ->toBeTrue();
    $site->click('.count-keep .btn');
    expect($site->text('[role=status]'))->toContain('1 counted otherwise')->and($item->refresh()->quantity)->toBe(4)
        ->and(Movement::query()->withoutGlobalScopes()->where('stock_item_id', $item->id)->pluck('changed')->all())->toBe([3, 1])
        ->and(Stockroom::odd($person->workshop_id))->toBe([]);

    $site->visit('/drawer/stock');
    expect($site->text('#to-order'))->toContain('1 × Clamp: Tube clamp 31 to 35');
    $site->visit('/drawer/labels')->waitForText('.labels', 'shelf 1');
    $site->driver()->wait(30, 25)->until(fn () => $site->driver()->executeScript(
        'const codes = [...document.querySelectorAll("[data-qr]")];'
            .'return codes.length > 0 && codes.every((one) => one.querySelector("svg path") !== null)',
    ), 'A label stays without its code.');
    expect($site->consoleErrors())->toBe([])
        ->and($site->strangeRequests())->toBe([]);
});
