@php($estimate = $page->estimate())
<x-job :page="$page">
    <div class="work">
        <section class="panel work-wide" aria-labelledby="minutes-title">
            <h2 id="minutes-title">Minutes, as planned and as they really were</h2>
            <x-drawing.minutes :rows="$estimate->rows" :longest="$page->longest()" />
            <p class="form-hint">Planned: as many pieces as this job’s sheets have, at what such a piece mostly takes here. Really: from one tick or reading to the next by the same hand; a pause of more than an hour and a half tells nothing.</p>
            <div class="scroll-x"><table class="ledger">
                <thead><tr><th>Work</th><th class="n">Pieces</th><th class="n">Planned, min</th><th class="n">Really, min</th><th class="n">known of</th>@if ($page->hourPrice() !== null)<th class="n">Costs</th>@endif</tr></thead>
                <tbody>
                    @foreach ($estimate->rows as $row)
                        <tr><td>{{ $row->kind->label() }}</td><td class="n">{{ $row->pieces }}</td><td class="n">{{ $row->planned }}</td><td class="n">{{ $row->known === 0 ? '–' : number_format($row->took) }}</td><td class="n">{{ $row->known ?: '–' }}</td>@if ($page->hourPrice() !== null)<td class="n">{{ $page->figure($page->cost($row->took)) }}</td>@endif</tr>
                    @endforeach
                    <tr><td><strong>All</strong></td><td></td><td class="n"><strong>{{ number_format($estimate->planned()) }}</strong></td><td class="n"><strong>{{ number_format($estimate->took()) }}</strong></td><td></td>@if ($page->hourPrice() !== null)<td class="n"><strong>{{ $page->figure($page->cost($estimate->took())) }}</strong></td>@endif</tr>
                </tbody>
            </table></div>
            <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('job.estimate.csv', $page->job) }}" hx-boost="false">Save as CSV</a></p>
        </section>
        <div>
            <section class="panel" aria-labelledby="taken-title">
                <h2 id="taken-title">Parts</h2>
                <h3 class="h6">Taken out of the book of stock</h3>
                @if ($page->taken() === [])
                    <p class="empty">Nothing is taken for it yet.</p>
                @else
                    <ul class="plain-list">@foreach ($page->taken() as [$row, $count])<li><span class="figures">{{ $count }} ×</span> <a href="{{ route('stock.book', $page->key($row)) }}">{{ $row->called($page->unit) }}</a>@if ($row->price !== null), {{ $page->figure($row->price * $count) }}@endif</li>@endforeach</ul>
                    @if ($page->costOfTaken() > 0)<p>Together <strong>{{ $page->figure($page->costOfTaken()) }}</strong>, as far as somebody has said what each costs.</p>@endif
                @endif
                <h3 class="h6">Planned</h3>
                @if ($page->needs() === [])
                    <p class="empty mb-0">Nothing is chosen yet.</p>
                @else
                    <ul class="plain-list mb-0">@foreach ($page->needs() as $need)<li><span class="figures">{{ $need->count }} ×</span> {{ $need->what }} <span class="soft">{{ $need->origin->label() }}</span></li>@endforeach</ul>
                @endif
            </section>
            @can('setHouse', $page->job->workshop)
                <section class="panel mt-3" aria-labelledby="price-title">
                    <h2 id="price-title">What an hour costs</h2>
                    <form method="post" action="{{ route('job.estimate.hour', $page->job) }}" novalidate>
                        @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $page->hourPrice() }}">
                        <div class="pieces"><label class="visually-hidden" for="hour_price">What an hour costs</label><input class="form-control w-auto" id="hour_price" name="hour_price" size="8" inputmode="decimal" value="{{ old('hour_price', $page->hourPrice()) }}" @error('hour_price') aria-invalid="true" @enderror><button class="btn btn-plain">Keep</button></div>
                        <x-fault for="hour_price" />
                        <p class="form-hint mb-0">If you like; nothing here needs it. What a part costs is said at its shelf.</p>
                    </form>
                </section>
            @endcan
        </div>
    </div>
</x-job>
