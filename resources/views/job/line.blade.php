@php($line = $page->chainline())
<x-job :page="$page">
    @if ($line === null)
        <x-not-yet :page="$page" what="Line" />
    @else
        <div class="work">
            <section class="panel picture" aria-label="The chain from above">
                <x-drawing.line :view="$page->drawing()" />
                <p class="form-hint mb-0">From above, drive side on the right. Across the bike drawn {{ $page->drawing()->stretch() }} times as large as along it. Dotted: middle of the cogs.</p>
            </section>
            <div class="work-wide">
                <section class="panel" aria-labelledby="line-title">
                    <h2 id="line-title">Chainline</h2>
                    <p class="mb-1">Front <strong class="figures" data-figure="front">{{ $page->unit->show($line->front) }}</strong>, middle of the cogs <strong class="figures">{{ $page->unit->show($line->rearCentre) }}</strong>.</p>
                    <p class="mb-2">Straightest to the <strong>{{ $line->straightest->teeth }}</strong>; off by <strong class="figures" data-figure="weighted">{{ $page->unit->show($line->weightedOffset) }}</strong> over the cogs as they are ridden.</p>
                    <table class="ledger">
                        <thead><tr><th class="n">Cog</th><th class="n">Offset</th><th class="n">Angle</th><th>Runs</th></tr></thead>
                        <tbody>
                            @foreach ($line->cogs as $cog)
                                <tr><td class="n">{{ $cog->teeth }}</td><td class="n">{{ $page->unit->figure($cog->offset) }}</td><td class="n">{{ number_format(NeatSpindle\Core\Measure\Rounding::halfAway($cog->angle), 2) }}°</td>
                                    <td><x-verdict :of="['straight' => 'clear', 'usable' => 'tight', 'avoid' => 'fails'][$cog->verdict->value]" :words="ucfirst($cog->verdict->value)" /></td></tr>
                            @endforeach
                        </tbody>
                    </table>
                </section>
            </div>
        </div>
        <div class="work mt-3">
            <section class="panel" aria-labelledby="ring-title">
                <h2 id="ring-title">Ring</h2>
                <x-ring-picker :page="$page" :rings="$page->rings()" />
            </section>
            @php($chain = $page->chain())
            <section class="panel" aria-labelledby="chain-title">
                <h2 id="chain-title">Chain</h2>
                <p class="mb-1"><strong class="figures" data-figure="links">{{ $chain->links }} links</strong>@if ($chain->changeFromOld !== null), {{ $chain->changeFromOld === 0 ? 'as many as the old one' : abs($chain->changeFromOld).($chain->changeFromOld > 0 ? ' more' : ' fewer').' than the old one' }}@endif.</p>
                @if ($chain->stretch !== null)
                    <p class="mb-0">Old chain {{ number_format(NeatSpindle\Core\Measure\Rounding::halfAway($chain->stretch), 2) }} % longer than new: {{ $chain->replace ? 'worn, fit a new one' : 'still good' }}.</p>
                @endif
            </section>
        </div>
    @endif
</x-job>
