<x-layout title="Catalogue">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head">
            <h1>Catalogue</h1>
            <x-find :action="route('catalogue')" :find="$page->find->text" words="Find: code, name, mount, shell" />
            <span class="pieces"><a class="btn btn-plain" href="{{ route('parts') }}">Measure a part</a> <a class="btn btn-plain" href="{{ route('catalogue.export') }}" hx-boost="false">Take it out as JSON</a></span>
        </div>
        @if (session('kept'))<p class="kept" role="status">Read: {{ session('kept') }}.</p>@endif
        <div class="work">
            <div class="work-wide">
                <section class="panel" aria-labelledby="motors-title">
                    <h2 id="motors-title">Motors</h2>
                    @if ($page->motors()->isEmpty())
                        <p class="empty">@if ($page->find->isLooking())No motor matches “{{ $page->find->text }}”. <a href="{{ route('catalogue') }}">Show all</a>@else No motor yet. Read a catalogue in.@endif</p>
                    @else
                        <div class="scroll-x"><table class="ledger">
                            <thead><tr><th>Name</th><th>Mount</th><th>Shells</th><th class="n">W</th><th class="n">Torque</th><th class="n">Nut torque</th></tr></thead>
                            <tbody>
                                @foreach ($page->motors() as $motor)
                                    <tr><td>{{ $motor->name }} <small class="soft text-nowrap">{{ $motor->code }}</small>@if (isset($motor->figures['measured_here'])) <span class="from-log">measured here</span>@endif</td><td>{{ $page->mount($motor) }}</td><td>@if ($page->shells($motor) !== null){{ $page->shells($motor) }}@else <span class="fault">cannot be read any more: read it in again</span>@endif</td>
                                        <td class="n">{{ (int) $motor->continuous_w }}</td><td class="n">{{ auth()->user()->torque_unit->show($motor->max_torque_nm) }}</td>
                                        <td class="n">@php($band = ($page->parts->motors[$motor->id] ?? null)?->part->held->nut()?->torque)@if ($band){{ auth()->user()->torque_unit->figure($band->low) }}–{{ auth()->user()->torque_unit->show($band->high) }}@else – @endif</td></tr>
                                @endforeach
                            </tbody>
                        </table></div>
                    @endif
                </section>
                <section class="panel" aria-labelledby="rings-title">
                    <h2 id="rings-title">Rings</h2>
                    <table class="ledger">
                        <thead><tr><th>Name</th><th class="n">Teeth</th><th class="n">Dish</th><th class="n">Thick</th><th class="n">Bolts</th></tr></thead>
                        <tbody>@foreach ($page->rings() as $ring)<tr><td>{{ $ring->name() ?: 'Ring' }} <small class="soft text-nowrap">{{ $ring->code }}</small></td><td class="n">{{ $ring->teeth }}</td><td class="n">{{ auth()->user()->length_unit->show($ring->dish_mm) }}</td><td class="n">{{ auth()->user()->length_unit->show($ring->thickness_mm) }}</td><td class="n">{{ $ring->boltCircle() === null ? '–' : auth()->user()->length_unit->showCoarse($ring->boltCircle()) }}</td></tr>@endforeach</tbody>
                    </table>
                </section>
                <section class="panel" aria-labelledby="spiders-title">
                    <h2 id="spiders-title">Adapter spiders</h2>
                    @if ($page->spiders()->isEmpty())
                        <p class="empty mb-0">None. A ring with another bolt circle than the motor’s needs one.</p>
                    @else
                        <table class="ledger">
                            <thead><tr><th>Name</th><th>Motors</th><th class="n">Bolt circle</th><th class="n">Thick</th></tr></thead>
                            <tbody>@foreach ($page->spiders() as $spider)<tr><td>{{ $spider->name ?? 'Spider' }} <small class="soft text-nowrap">{{ $spider->code }}</small></td><td>{{ implode('; ', array_map($page->motorName(...), $spider->motors)) }}</td><td class="n">{{ auth()->user()->length_unit->show($spider->bolt_circle_mm) }}</td><td class="n">{{ auth()->user()->length_unit->show($spider->thickness_mm) }}</td></tr>@endforeach</tbody>
                        </table>
                    @endif
                </section>
                <section class="panel" aria-labelledby="inserts-title">
                    <h2 id="inserts-title">Inserts</h2>
                    <table class="ledger">
                        <thead><tr><th>Name</th><th>Shells</th><th class="n">Flange</th><th class="n">Bore</th></tr></thead>
                        <tbody>@foreach ($page->inserts() as $insert)<tr><td>{{ $insert->name() ?: 'Insert' }} <small class="soft text-nowrap">{{ $insert->code }}</small></td><td>{{ $page::named($insert->shells) }}</td><td class="n">{{ auth()->user()->length_unit->show($insert->flange_mm) }}</td><td class="n">{{ auth()->user()->length_unit->show($insert->bore_mm) }}</td></tr>@endforeach</tbody>
                    </table>
                </section>
            </div>
            <section class="panel" aria-labelledby="import-title">
                <h2 id="import-title">Read a catalogue in</h2>
                @can('importCatalogue', auth()->user()->workshop)
                    @if (session('stashed'))
                        <form class="told" method="post" action="{{ route('catalogue.import') }}">
                            @csrf @formkey<input type="hidden" name="seen" value="{{ $page->version() }}">
                            <input type="hidden" name="stashed" value="{{ session('stashed') }}">
                            <p class="mb-1">{{ $errors->first('twins') }}</p>
                            <button class="btn btn-plain">They are different parts: read it in</button>
                            <span class="soft">Nothing has been read in yet. If it is a slip, mend the file and choose it again.</span>
                        </form>
                    @endif
                    <form method="post" action="{{ route('catalogue.import') }}" enctype="multipart/form-data">
                        @csrf @formkey<input type="hidden" name="seen" value="{{ $page->version() }}">
                        <label class="form-label" for="file">Catalogue file, JSON, up to 4 MiB</label>
                        <input class="form-control" id="file" name="file" type="file" accept=".json,application/json" @error('file') aria-invalid="true" @enderror>
                        <x-fault for="file" />
                        <p class="form-hint">Same codes are updated, new ones added. With a single fault nothing is kept.</p>
                        <button class="btn btn-primary">Read it in</button>
                    </form>
                @else
                    <p class="mb-0">Only the owner of the workshop changes the catalogue.</p>
                @endcan
            </section>
        </div>
    </main>
</x-layout>
