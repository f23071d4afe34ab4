<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Orders\EndOrder;
use App\Actions\Orders\ExpectOrder;
use App\Actions\Orders\PlaceOrder;
use App\Actions\Orders\ReceiveOrder;
use App\Documents\OrdersTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\ExpectOrderRequest;
use App\Http\Requests\PlaceOrderRequest;
use App\Http\Requests\ReceiveOrderRequest;
use App\Http\Requests\VersionedRequest;
use App\Models\Order;
use App\View\Calendar\CalendarPage;
use App\View\Workshop\NewOrderPage;
use App\View\Workshop\OrdersPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What is ordered, from whom, and when it is here. */
class OrdersController extends Controller
{
    public function index(): View
    {
        return view('orders', ['page' => new OrdersPage($this->user())]);
    }

    public function csv(): Response
    {
        return CsvDownload::of(OrdersTable::rows((new OrdersPage($this->user()))->orders()), 'orders');
    }

    public function create(Request $request): View
    {
        return view('order-new', ['page' => new NewOrderPage($this->user(), $request->query('tick'))]);
    }

    public function place(PlaceOrderRequest $request, PlaceOrder $place): RedirectResponse
    {
        $order = $place($this->user(), $request->supplier(), $request->counts(), $request->else(), $request->expectedOn(),
            $request->note());

        return redirect()->route('orders.show', $order)->with('kept', "Order {$order->number} is placed.");
    }

    public function show(Order $order): View
    {
        return view('order', ['page' => new OrdersPage($this->user()), 'order' => $order->load('lines.job', 'supplier', 'user')]);
    }

    public function receive(ReceiveOrderRequest $request, Order $order, ReceiveOrder $receive): RedirectResponse
    {
        $out = $receive($this->user(), $order, $request->seen(), $request->came(), $request->wrong());

        return redirect()->route('orders.show', $order)->with('kept', $out === 0
            ? 'All of it is here.' : "Written in. Still to come: {$out}.");
    }

    /** What another day would move, before it is kept. */
    public function tryDay(ExpectOrderRequest $request, Order $order): View
    {
        return view('calendar-tried', [
            'page' => new CalendarPage($this->user(), null, $request->whatIf($order)), 'fields' => $request->validated(),
            'keep' => route('orders.day', $order), 'leave' => route('orders.show', $order),
        ]);
    }

    public function keepDay(ExpectOrderRequest $request, Order $order, ExpectOrder $expect): RedirectResponse
    {
        $expect($this->user(), $order, $request->seen(), $request->day());

        return redirect()->route('orders.show', $order)->with('kept',
            'The new day is kept, and every job that waits for it is planned with it.');
    }

    public function end(VersionedRequest $request, Order $order, EndOrder $end): RedirectResponse
    {
        $end($this->user(), $order, $request->seen());

        return redirect()->route('orders.show', $order)->with('kept', 'Nobody waits for the rest any more.');
    }
}
