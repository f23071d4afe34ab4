@php($rows = $page->rows())
<x-job :page="$page">
    <div class="work">
        <section class="panel picture" aria-label="Runs on the frame">
            <x-drawing.routes :view="$page->drawing()" :rows="$rows" />
        </section>
        <section class="panel" aria-labelledby="runs-title">
            <h2 id="runs-title">Runs</h2>
            @if ($rows === [])
                <p class="mb-1"><strong>No run has a length yet.</strong></p>
                @if (! $page->isKindRouted())
                    <p>The ways along this kind of frame are not drawn yet. Lay the runs by eye, and measure each plug to plug.</p>
                @elseif ($page->missingSpots() !== [])
                    <p>Still to measure: @foreach ($page->missingSpots() as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">{{ $spot->label() }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>
                @else
                    <p>Still to measure: {{ implode(', ', $page->missing()) }}. <a href="{{ route('job.survey', $page->job) }}">Go on measuring</a></p>
                @endif
            @endif
            @foreach ($rows as $i => $row)
                <div class="run-row" data-run="{{ $row['run']->position }}">
                    <h3>{{ ucfirst($row['run']->name) }} <svg width="90" height="10" aria-hidden="true"><line class="run-{{ $i % 3 }}" x1="2" y1="5" x2="88" y2="5" stroke-width="4.5" /></svg> <span class="form-hint fw-normal">{{ $row['run']->kind }}, plug “{{ $row['run']->connector }}”</span></h3>
                    <p class="mb-1"><x-verdict :of="$page->mark($row['route'])" :words="$page->says($row['route'])" class="text-wrap" /></p>
                    @if ($row['route']->path !== null)
                        <p class="mb-1">Needs <strong class="figures">{{ $page->unit->showCoarse($row['route']->needed) }}</strong> by {{ implode(' → ', $row['route']->path) }}@if ($row['route']->voltageDrop !== null), loses {{ number_format($row['route']->voltageDrop, 2) }} V @endif</p>
                    @endif
                    <form class="own-lead" method="post" action="{{ route('job.supply', [$page->job, $row['run']]) }}">
                        @csrf @formkey @method('PUT')
                        <input type="hidden" name="version" value="{{ $page->job->version }}">
                        <input type="hidden" name="run" value="{{ $row['run']->id }}">
                        <label class="form-label m-0" for="supply-{{ $row['run']->id }}">Own lead</label>
                        <input class="form-control" id="supply-{{ $row['run']->id }}" name="supply" value="{{ (int) old('run') === $row['run']->id ? old('supply') : $page->unit->showCoarse($row['run']->supply_mm) }}">
                        <button class="btn btn-plain" aria-label="Keep the lead of {{ $row['run']->name }}">Keep</button>
                    </form>
                    @if ((int) old('run') === $row['run']->id)<x-fault for="supply" />@endif
                </div>
            @endforeach
            <p class="caution">Nothing soft where the body swings up. Hydraulic hoses are for those who may open and bleed them.</p>
        </section>
    </div>
</x-job>
