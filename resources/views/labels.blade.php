<x-layout title="Labels">
    <main id="main" class="page">
        <div class="bench-head not-on-paper"><h1>Labels</h1><x-find :action="route('stock.labels')" :find="$page->find->text" words="Find: name, kind, place" /></div>
        <x-drawer-tabs at="stock.labels" />
        <p class="form-hint not-on-paper">One for each place: its code opens on a telephone what lies there. Print this page; a bike’s own label is under Build, on its sheet for paper.</p>
        <p class="tool-line not-on-paper"><a class="btn btn-plain" href="{{ route('stock.labels', ['each' => $isEach ? null : 1, 'find' => $page->find->text ?: null]) }}">{{ $isEach ? 'One for each place' : 'One for each thing' }}</a></p>
        <div class="labels">
            @if ($isEach)
                @foreach ($page->rows() as $key => $row)
                    <div class="label"><div class="label-code" data-qr="{{ route('stock.book', $key) }}"></div><div><strong>{{ $row->called($page->unit) }}</strong>@if ($row->lies_in)<span class="d-block soft">{{ $row->lies_in }}</span>@endif</div></div>
                @endforeach
            @else
            @forelse ($page->places()->except('') as $place => $rows)
                <div class="label">
                    <div class="label-code" data-qr="{{ route('stock', ['find' => $place]) }}"></div>
                    <div><strong>{{ $place }}</strong>
                        @foreach ($rows->take(4) as $row)<span class="d-block">{{ $row->called($page->unit) }}</span>@endforeach
                        @if ($rows->count() > 4)<span class="d-block soft">and {{ $rows->count() - 4 }} more</span>@endif</div>
                </div>
            @empty
                <p class="empty">Nothing has a place yet: say where things lie under <a href="{{ route('stock') }}">All that is kept</a>.</p>
            @endforelse
            @endif
        </div>
    </main>
</x-layout>
