@php($row = $page->row)
<x-layout :title="$row->called($page->unit)">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>{{ $row->called($page->unit) }}</h1></div>
        <x-drawer-tabs at="" />
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel work-wide" aria-labelledby="book-title">
                <h2 id="book-title">{{ $row->quantity }} {{ $row->counted() }} there, {{ $row->kept }} of them kept for jobs</h2>
                <div class="scroll-x"><table class="ledger">
                    <thead><tr><th>When</th><th>What became of them</th><th class="n">How many</th><th>Job</th><th>Who</th></tr></thead>
                    <tbody>
                        @foreach ($page->lines() as $line)
                            <tr><td class="text-nowrap">{{ $line->moved_at->format('j M Y, H:i') }}</td><td>{{ $line->how->label() }}@if ($line->note) <span class="soft">{{ $line->note }}</span>@endif</td>
                                <td class="n">{{ $page->did($line) }}</td><td>@if ($line->job)<a href="{{ route('job.order', $line->job) }}">{{ $line->job->number }}</a>@endif</td><td>{{ $line->user?->name }}</td></tr>
                        @endforeach
                    </tbody>
                </table></div>
                <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('stock.book.csv', $page->key()) }}" hx-boost="false">The whole book as CSV</a></p>
            </section>
            <div>
                <section class="panel" aria-labelledby="move-title">
                    <h2 id="move-title">Something became of them</h2>
                    <form method="post" action="{{ route('stock.move', $page->key()) }}" novalidate>
                        @csrf @formkey
                        <fieldset><legend class="visually-hidden">What became of them</legend>
                            <div class="choice-row">@foreach ($page->moves() as $how)<label class="pick slim"><input type="radio" name="how" value="{{ $how->value }}" @checked(old('how') === $how->value)> {{ $how->label() }}</label>@endforeach</div>
                        </fieldset>
                        <x-fault for="how" />
                        <div class="pieces mt-1">
                            <label for="count">How many</label><input class="form-control w-auto" id="count" name="count" size="5" inputmode="numeric" value="{{ old('count') }}" @error('count') aria-invalid="true" @enderror>
                            <label for="job">for job</label><input class="form-control w-auto" id="job" name="job" size="6" inputmode="numeric" value="{{ old('job') }}" @error('job') aria-invalid="true" @enderror>
                        </div>
                        <x-fault for="count" /><x-fault for="job" />
                        <label class="form-label mt-1" for="note">Note</label>
                        <input class="form-control" id="note" name="note" maxlength="@most(SHORT_NOTE)" value="{{ old('note') }}">
                        <button class="btn btn-primary mt-2">Write it in</button>
                    </form>
                </section>
                <section class="panel mt-3" aria-labelledby="shelf-title">
                    <h2 id="shelf-title">Its shelf</h2>
                    <form method="post" action="{{ route('stock.shelf', $page->key()) }}" novalidate>
                        @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $row->shelfMark() }}">
                        <label class="form-label" for="lies_in">Lies in</label>
                        <input class="form-control" id="lies_in" name="lies_in" maxlength="@most(DRAWER_PLACE)" value="{{ old('lies_in', $row->lies_in) }}">
                        <x-fault for="lies_in" />
                        <label class="form-label mt-1" for="minimum">Order when fewer are free than</label>
                        <input class="form-control" id="minimum" name="minimum" inputmode="numeric" value="{{ old('minimum', $row->minimum) }}" @error('minimum') aria-invalid="true" @enderror>
                        <x-fault for="minimum" />
                        <label class="form-label mt-1" for="price">Costs, each <span class="soft">if you like</span></label>
                        <input class="form-control" id="price" name="price" inputmode="decimal" value="{{ old('price', $row->price) }}" @error('price') aria-invalid="true" @enderror>
                        <x-fault for="price" />
                        <button class="btn btn-plain mt-2">Keep</button>
                    </form>
                </section>
            </div>
        </div>
    </main>
</x-layout>
