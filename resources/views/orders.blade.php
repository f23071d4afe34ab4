<x-layout title="Orders">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Orders</h1>@if ($page->mayOrder())<a class="btn btn-primary" href="{{ route('orders.new') }}" data-key="n">What to order <kbd aria-hidden="true">n</kbd></a>@endif</div>
        <x-drawer-tabs at="orders" />
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <section class="panel" aria-label="Orders">
            @if ($page->orders()->isEmpty())
                <p class="empty">Nothing is ordered yet. @if ($page->mayOrder()) <a href="{{ route('orders.new') }}">See what there is to order</a>@endif</p>
            @else
                <div class="scroll-x"><table class="ledger wordy">
                    <thead><tr><th>Order</th><th>From</th><th>Placed</th><th>Expected</th><th class="n">Pieces</th><th class="n">Still to come</th><th>How it stands</th></tr></thead>
                    <tbody>
                        @foreach ($page->orders() as $order)
                            <tr>
                                <td><a href="{{ route('orders.show', $order) }}">Order {{ $order->number }}</a></td><td>{{ $order->supplier->name }}</td>
                                <td class="text-nowrap">{{ $order->placed_on->format('j M') }}</td><td class="text-nowrap">{{ $order->expected_on?->format('D j M') ?? 'no day named' }}</td>
                                <td class="n">{{ $order->lines->sum('count') }}</td><td class="n">{{ $order->out() ?: '–' }}</td>
                                <td>@if ($order->lateDays() > 0)<strong class="fault">{{ $page->stands($order) }}</strong>@else{{ $page->stands($order) }}@endif</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('orders.csv') }}" hx-boost="false">Save as CSV</a></p>
            @endif
        </section>
    </main>
</x-layout>
