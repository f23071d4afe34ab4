<?php

declare(strict_types=1);

use App\Actions\Stock\AddStockItem;
use App\Models\Order;
use App\Models\StockItem;
use App\Models\StockRows;
use NeatSpindle\Core\Parts\Stock\StockKind;
use Tests\Support\Paper;
use Tests\Support\Stockroom;
use Tests\Support\Workshops;

it('orders what fell below its minimum, receives it in part with a wrong one among it, and the rest', function (): void {
    $person = Workshops::stocked();
    $item = app(AddStockItem::class)($person, StockKind::Clamp, 'Boom clamp', 1, ['lies_in' => null, 'minimum' => 5, 'good_until' => null]);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit('/drawer/orders');
    $site->click('.bench-head a');
    expect($site->text())->toContain('Boom clamp');
    $site->click('a[href$="tick=0"]')->type('supplier', 'Skelder Turning')->press('Place the order d');
    expect($site->text('.kept'))->toContain('Order 1 is placed.');
    $order = Order::query()->withoutGlobalScopes()->with('lines')->sole();
    $line = $order->lines->sole();
    $site->type("came-{$line->id}", '2')->type("wrong-{$line->id}", '1')->press('Write in what came d');
    expect($site->text('.kept'))->toContain('Still to come: 3')->and($item->refresh()->quantity)->toBe(2);
    $site->press('All of it came a');
    expect($site->text('.kept'))->toContain('All of it is here.')->and(StockItem::query()->withoutGlobalScopes()->sole()->quantity)->toBe(5)
        ->and(Stockroom::odd($person->workshop_id))->toBe([]);
    expect($site->visit('/drawer/stock/'.StockRows::keyOf($item))->text())->toContain('order 1, the wrong one');
});
