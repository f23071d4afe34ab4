<?php

declare(strict_types=1);

use App\Http\Controllers\DrawerController;
use App\Http\Controllers\MissingController;
use App\Http\Controllers\OrdersController;
use App\Http\Controllers\ShouldHoldController;
use App\Http\Controllers\StockController;
use Illuminate\Support\Facades\Route;

// What the workshop owns, keeps and orders; for who is signed in.
Route::get('/drawer', [DrawerController::class, 'show'])->name('drawer');
Route::post('/drawer', [DrawerController::class, 'add'])->name('drawer.store');
Route::get('/drawer.csv', [DrawerController::class, 'csv'])->name('drawer.export');
Route::post('/drawer.csv', [DrawerController::class, 'readIn'])->name('drawer.import');
Route::get('/drawer/missing', [MissingController::class, 'show'])->name('drawer.missing');
Route::get('/drawer/missing.csv', [MissingController::class, 'csv'])->name('drawer.missing.csv');
Route::get('/drawer/stock', [StockController::class, 'show'])->name('stock');
Route::post('/drawer/stock', [StockController::class, 'add'])->name('stock.add');
Route::get('/drawer/stock.csv', [StockController::class, 'csv'])->name('stock.csv');
Route::get('/drawer/labels', [StockController::class, 'labels'])->name('stock.labels');
Route::get('/drawer/count', [StockController::class, 'round'])->name('stock.round');
Route::put('/drawer/count', [StockController::class, 'count'])->name('stock.count');
Route::get('/drawer/stock/{key}', [StockController::class, 'book'])->name('stock.book');
Route::get('/drawer/stock/{key}/book.csv', [StockController::class, 'bookCsv'])->name('stock.book.csv');
Route::post('/drawer/stock/{key}', [StockController::class, 'move'])->name('stock.move');
Route::put('/drawer/stock/{key}', [StockController::class, 'shelf'])->name('stock.shelf');
Route::get('/drawer/orders', [OrdersController::class, 'index'])->name('orders');
Route::get('/drawer/orders.csv', [OrdersController::class, 'csv'])->name('orders.csv');
Route::post('/drawer/orders', [OrdersController::class, 'place'])->name('orders.place');
Route::get('/drawer/orders/new', [OrdersController::class, 'create'])->name('orders.new');
Route::get('/drawer/orders/{order}', [OrdersController::class, 'show'])->whereNumber('order')->name('orders.show');
Route::post('/drawer/orders/{order}', [OrdersController::class, 'receive'])->whereNumber('order')->name('orders.receive');
Route::post('/drawer/orders/{order}/day', [OrdersController::class, 'tryDay'])->whereNumber('order')->name('orders.day.try');
Route::put('/drawer/orders/{order}/day', [OrdersController::class, 'keepDay'])->whereNumber('order')->name('orders.day');
Route::delete('/drawer/orders/{order}', [OrdersController::class, 'end'])->whereNumber('order')->name('orders.end');
Route::get('/drawer/should-hold', [ShouldHoldController::class, 'show'])->name('drawer.should');
Route::post('/drawer/should-hold', [ShouldHoldController::class, 'work'])->name('drawer.should.work');
Route::get('/drawer/should-hold.csv', [ShouldHoldController::class, 'csv'])->name('drawer.should.csv');
Route::put('/drawer/socket', [DrawerController::class, 'socket'])->name('drawer.socket');
Route::put('/drawer/{spacer}/use', [DrawerController::class, 'retire'])->whereNumber('spacer')->name('drawer.retire');
Route::put('/drawer/{spacer}', [DrawerController::class, 'count'])->whereNumber('spacer')->name('drawer.count');
