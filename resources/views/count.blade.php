<x-layout title="Count">
    <main id="main" class="page counting">
        <x-told />
        <div class="bench-head"><h1>Count along the shelves</h1></div>
        <x-drawer-tabs at="stock.round" />
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        @if ($page->rows()->isEmpty())
            <p class="empty">Nothing is in the book yet. <a href="{{ route('stock') }}">Put something in</a></p>
        @else
            <form method="post" action="{{ route('stock.count') }}" novalidate>
                @csrf @formkey @method('PUT')
                <x-fault for="counts" /><x-fault for="saw" />
                @foreach ($page->places() as $place => $rows)
                    <section class="panel mb-2" aria-label="{{ $place === '' ? 'In no place' : $place }}">
                        <h2>{{ $place === '' ? 'In no place' : $place }}</h2>
                        @foreach ($rows as $key => $row)
                            <div class="count-row" data-stock="{{ $key }}">
                                <input type="hidden" name="saw[{{ $key }}]" value="{{ $errors->has("counts.{$key}") ? $row->quantity : old("saw.{$key}", $row->quantity) }}">
                                <label for="count-{{ $key }}">{{ $row->called($page->unit) }} <small class="soft d-block">{{ $row->quantity }} in the book</small></label>
                                <button class="btn btn-plain" type="button" data-step="-1" data-of="count-{{ $key }}" aria-label="One less: {{ $row->called($page->unit) }}">−</button>
                                <input class="form-control" id="count-{{ $key }}" name="counts[{{ $key }}]" inputmode="numeric" value="{{ old("counts.{$key}", $row->quantity) }}" @error("counts.{$key}") aria-invalid="true" @enderror>
                                <button class="btn btn-plain" type="button" data-step="1" data-of="count-{{ $key }}" aria-label="One more: {{ $row->called($page->unit) }}">+</button>
                                <x-fault :for="'counts.'.$key" />
                            </div>
                        @endforeach
                    </section>
                @endforeach
                <p class="count-keep"><button class="btn btn-primary" data-key="d">Keep what I counted <kbd aria-hidden="true">d</kbd></button></p>
            </form>
        @endif
    </main>
</x-layout>
