<x-layout :title="'Order '.$order->number">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Order {{ $order->number }} <span class="soft">from {{ $order->supplier->name }}</span></h1><a class="btn btn-plain" href="{{ route('orders') }}">All orders</a></div>
        <x-drawer-tabs at="orders" />
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <form class="panel work-wide" method="post" action="{{ route('orders.receive', $order) }}" novalidate aria-labelledby="lines-title">
                @csrf @formkey<input type="hidden" name="version" value="{{ $order->version }}">
                <h2 id="lines-title">What was ordered</h2>
                <div class="scroll-x"><table class="ledger wordy">
                    <thead><tr><th>What</th><th>For job</th><th class="n">Ordered</th><th class="n">Here</th><th class="n">Went back</th>@if ($order->out() > 0)<th class="n">Still to come</th><th>Came now</th><th>Wrong of those</th>@endif</tr></thead>
                    <tbody>
                        @foreach ($order->lines as $line)
                            <tr>
                                <td>@if ($line->stockKey() !== null)<a href="{{ route('stock.book', $line->stockKey()) }}">{{ $line->what }}</a>@else{{ $line->what }}@endif<x-fault :for="'came.'.$line->id" /><x-fault :for="'wrong.'.$line->id" /></td>
                                <td>@if ($line->job !== null)<a href="{{ route('job.order', $line->job_id) }}">{{ $line->job->number }}</a>@else – @endif</td>
                                <td class="n">{{ $line->count }}</td><td class="n">{{ $line->came - $line->went_back }}</td><td class="n">{{ $line->went_back ?: '–' }}</td>
                                @if ($order->out() > 0)
                                    @if ($line->out() > 0)
                                        <td class="n">{{ $line->out() }}</td>
                                        <td><input class="form-control w-auto" id="came-{{ $line->id }}" name="came[{{ $line->id }}]" size="4" inputmode="numeric" aria-label="Came now: {{ $line->what }}" value="{{ old("came.{$line->id}") }}" @error("came.{$line->id}") aria-invalid="true" @enderror></td>
                                        <td><input class="form-control w-auto" id="wrong-{{ $line->id }}" name="wrong[{{ $line->id }}]" size="4" inputmode="numeric" aria-label="Wrong of those: {{ $line->what }}" value="{{ old("wrong.{$line->id}") }}" @error("wrong.{$line->id}") aria-invalid="true" @enderror></td>
                                    @else
                                        <td class="n">–</td><td colspan="2" class="soft">all here</td>
                                    @endif
                                @endif
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <x-fault for="came" /><x-fault for="version" />
                @if ($order->out() > 0)
                    <p class="form-hint mb-1">What is wrong goes back and is waited for again. What is kept goes into the book; what a job waits for is here for it once all of it came.</p>
                    <p class="mb-0"><button class="btn btn-primary" data-key="d">Write in what came <kbd aria-hidden="true">d</kbd></button> <button class="btn btn-plain" name="all" value="1" data-key="a">All of it came <kbd aria-hidden="true">a</kbd></button></p>
                @endif
            </form>
            <div>
                <section class="panel" aria-labelledby="day-title">
                    <h2 id="day-title">When it comes</h2>
                    <p>Placed on {{ $order->placed_on->format('D j M Y') }}@if ($order->user) by {{ $order->user->name }}@endif; {{ $order->expected_on === null ? 'no day was named' : 'expected on '.$order->expected_on->format('D j M Y') }}. <strong>{{ ucfirst($page->stands($order)) }}.</strong></p>
                    @if ($order->note)<p>{{ $order->note }}</p>@endif
                    @if ($order->ended_at === null && $page->mayOrder())
                        <form method="post" action="{{ route('orders.day.try', $order) }}" novalidate>
                            @csrf @formkey<input type="hidden" name="version" value="{{ $order->version }}">
                            <label class="form-label" for="expected_on">Another day</label>
                            <input class="form-control" id="expected_on" name="expected_on" type="date" value="{{ old('expected_on', $order->expected_on?->format('Y-m-d')) }}" @error('expected_on') aria-invalid="true" @enderror>
                            <x-fault for="expected_on" />
                            <button class="btn btn-plain mt-2">See what it would move</button>
                        </form>
                        <form class="mt-2" method="post" action="{{ route('orders.end', $order) }}">
                            @csrf @formkey @method('DELETE')<input type="hidden" name="version" value="{{ $order->version }}">
                            <button class="btn btn-plain">Nobody waits for the rest</button>
                            <x-fault for="end" />
                        </form>
                    @endif
                </section>
            </div>
        </div>
    </main>
</x-layout>
