<x-layout title="All that is kept">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>All that is kept</h1><x-find :action="route('stock')" :find="$page->find->text" words="Find: name, kind, place" /></div>
        <x-drawer-tabs at="stock" />
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel work-wide" aria-labelledby="stock-title">
                <h2 id="stock-title">How many there are</h2>
                @if ($page->toOrder()->isNotEmpty())
                    <p class="notice" id="to-order"><strong>To order:</strong> @foreach ($page->toOrder() as $key => $row)<a href="{{ route('stock.book', $key) }}">{{ $page->short($row) }} × {{ $row->called($page->unit) }}</a>@unless ($loop->last); @endunless @endforeach</p>
                @endif
                @if ($page->rows()->isEmpty())
                    <p class="empty">@if ($page->find->isLooking())Nothing matches “{{ $page->find->text }}”. <a href="{{ route('stock') }}">Show all</a>@else Nothing is in the book yet. Put something in on the right.@endif</p>
                @else
                    <div class="scroll-x"><table class="ledger wordy">
                        <thead><tr><th>What</th><th>Lies in</th><th class="n">There</th><th class="n">Kept for jobs</th><th class="n">At least</th><th class="n">On its way</th><th class="n">To order</th></tr></thead>
                        <tbody>
                            @foreach ($page->rows() as $key => $row)
                                <tr data-stock="{{ $key }}">
                                    <td><a href="{{ route('stock.book', $key) }}">{{ $row->called($page->unit) }}</a>@if ($page->spoils($row)) <span class="fault">{{ $page->spoils($row) }}</span>@endif</td>
                                    <td>{{ $row->lies_in ?? '–' }}</td>
                                    <td class="n">{{ $row->quantity }}@if ($row->counted() !== 'pieces') <small class="soft">{{ $row->counted() }}</small>@endif</td>
                                    <td class="n">{{ $row->kept ?: '–' }}</td><td class="n">{{ $row->minimum ?? '–' }}</td><td class="n">{{ $page->coming($row) ?: '–' }}</td>
                                    <td class="n">@if ($page->short($row) > 0)<strong>{{ $page->short($row) }}</strong>@else – @endif</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table></div>
                    <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('stock.csv') }}" hx-boost="false">Save as CSV</a></p>
                @endif
            </section>
            @if ($page->mayChange())
                <section class="panel" aria-labelledby="add-title">
                    <h2 id="add-title">Put something in the book</h2>
                    <form method="post" action="{{ route('stock.add') }}" novalidate>
                        @csrf @formkey
                        <label class="form-label" for="kind">Kind</label>
                        <x-select id="kind" name="kind" :options="NeatSpindle\Core\Parts\Stock\StockKind::cases()" :chosen="old('kind', 'small')" />
                        <x-fault for="kind" />
                        <label class="form-label mt-1" for="name">Called</label>
                        <input class="form-control" id="name" name="name" maxlength="@most(NAME)" value="{{ old('name') }}" @error('name') aria-invalid="true" @enderror>
                        <x-fault for="name" />
                        <div class="pieces mt-1">
                            <label for="count">How many, of a chain links</label><input class="form-control w-auto" id="count" name="count" size="5" inputmode="numeric" value="{{ old('count') }}" @error('count') aria-invalid="true" @enderror>
                        </div>
                        <div class="pieces mt-1">
                            <label for="minimum">Order when fewer are free than</label><input class="form-control w-auto" id="minimum" name="minimum" size="5" inputmode="numeric" value="{{ old('minimum') }}" @error('minimum') aria-invalid="true" @enderror>
                        </div>
                        <x-fault for="count" /><x-fault for="minimum" />
                        <label class="form-label mt-1" for="lies_in">Lies in</label>
                        <input class="form-control" id="lies_in" name="lies_in" maxlength="@most(DRAWER_PLACE)" value="{{ old('lies_in') }}">
                        <label class="form-label mt-1" for="good_until">Good until, where it spoils</label>
                        <input class="form-control" id="good_until" name="good_until" type="date" value="{{ old('good_until') }}">
                        <x-fault for="good_until" />
                        <button class="btn btn-primary mt-2">Put it in</button>
                    </form>
                </section>
            @endif
        </div>
    </main>
</x-layout>
