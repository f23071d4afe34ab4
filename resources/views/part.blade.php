<x-layout :title="$page->row->name()">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head">
            <h1>{{ $page->row->name() }}</h1>
            <a class="btn btn-plain" href="{{ route('parts') }}">All that was measured here</a>
        </div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <x-fault for="part" />
        <div class="work-halves">
            <section class="panel picture stays" aria-labelledby="part-title">
                <h2 id="part-title">{{ $page->row->kind->label() }} @if ($page->row->in_catalogue_at)<span class="soft">in the catalogue as {{ $page->row->code }}, measured here</span>@endif</h2>
                <x-part-drawing :page="$page" />
            </section>
            <section class="panel" aria-labelledby="figures-title">
                <h2 id="figures-title">As it lies here</h2>
                <form id="part-form" method="post" action="{{ route('part.keep', $page->row) }}" novalidate>
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="seen" value="{{ $page->row->mark() }}">
                    @foreach ($page->groups() as $group)
                        <h3 class="panel-title mt-3">{{ $group->label() }}</h3>
                        <div class="figures-form">@foreach ($page->in($group) as $figure)<x-part-figure :page="$page" :figure="$figure" />@endforeach</div>
                    @endforeach
                    @if ($page->mayMeasure())
                        <p class="form-hint">Keep as often as you like: a few figures first, the rest when you have the part in hand again.</p>
                        <button class="btn btn-primary" id="keep-part">Keep</button>
                    @else
                        <p class="mb-0">Measuring parts is for installers and the owner.</p>
                    @endif
                </form>
                @if ($page->mayMeasure() && $page->row->in_catalogue_at === null)
                    <form class="mt-3" method="post" action="{{ route('part.drop', $page->row) }}">
                        @csrf @formkey @method('DELETE')
                        <button class="btn-link-quiet">Drop it: nobody goes on measuring</button>
                    </form>
                @endif
            </section>
        </div>
    </main>
</x-layout>
