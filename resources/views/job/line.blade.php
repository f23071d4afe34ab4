@php($line = $page->chainline())
<x-job :page="$page">
    <x-line-tabs :page="$page" at="line" />
    @if ($page->sheet->chosenWorksheet() === null || ($line === null && $page->twinPlateHasNoLine() === false))
        <x-not-yet :page="$page" />
    @else
        @if ($line !== null)
            <div class="work">
                <section class="panel picture" aria-label="The chain from above">
                    <x-drawing.line :view="$page->drawing()" />
                    <p class="form-hint mb-0">From above, drive side on the right. Across the bike drawn {{ $page->drawing()->stretch() }} times as large as along it. Bars: how much each cog is ridden. Dotted: middle of the cogs, which some line up on. <a class="not-on-paper" href="{{ route('job.drawing', [$page->job, 'line']) }}" hx-boost="false">Save as SVG</a></p>
                </section>
                <section class="panel" aria-labelledby="line-title">
                    <h2 id="line-title">Chainline</h2>
                    <p class="mb-1">Front <strong class="figures" data-figure="front">{{ $page->unit->show($line->front) }}</strong>, middle of the cogs <strong class="figures">{{ $page->unit->show($line->rearCentre) }}</strong>.</p>
                    <p class="mb-2">Straightest to the <strong>{{ $line->straightest->teeth }}</strong>; off by <strong class="figures" data-figure="weighted">{{ $page->unit->show($line->weightedOffset) }}</strong> over the cogs as they are ridden.</p>
                    <form id="weights" class="too-on-paper" method="post" action="{{ route('job.weights', $page->job) }}" hx-trigger="change, submit" hx-post="{{ route('job.weights', $page->job) }}" hx-target="body">
                        @csrf @method('PUT')
                        <table class="ledger cogs">
                            <thead><tr><th class="n">Cog</th><th>Ridden</th><th class="n">Offset</th><th class="n">Angle</th><th>Runs</th></tr></thead>
                            <tbody>
                                @foreach ($line->cogs as $i => $cog)
                                    <tr><td class="n">{{ $cog->teeth }}</td>
                                        <td>@if (count($line->cogs) === 1)always @else<label class="visually-hidden" for="weight-{{ $i }}">How much the {{ $cog->teeth }} is ridden</label><input type="range" id="weight-{{ $i }}" name="weights[{{ $i }}]" min="0" max="10" step="1" value="{{ $page->weights()[$i] ?? 1 }}"><span class="on-paper">{{ $page->weights()[$i] ?? 1 }}</span>@endif</td>
                                        <td class="n">{{ $page->unit->figure($cog->offset) }}</td><td class="n">{{ number_format(NeatSpindle\Core\Measure\Rounding::halfAway($cog->angle), 2) }}°</td>
                                        <td><x-verdict :of="['straight' => 'clear', 'usable' => 'tight', 'avoid' => 'fails'][$cog->verdict->value]" :words="ucfirst($cog->verdict->value)" /></td></tr>
                                @endforeach
                            </tbody>
                        </table>
                        <x-fault for="weights" />
                        <noscript><button class="btn btn-plain mt-1">Keep how they are ridden</button></noscript>
                    </form>
                </section>
            </div>
        @else
            <section class="panel"><p class="mb-0">A twin-plate motor drives its ring by a first chain: where that ring stands was measured with the plates, and no chainline to the cogs follows from the stack. Gears and chain do.</p></section>
        @endif
        <section class="panel mt-3" aria-labelledby="ring-title">
            <div class="title-line"><h2 id="ring-title">Rings on this bike</h2><a class="btn btn-plain" href="{{ route('job.ways', $page->job) }}">Move the ring with spacers</a></div>
            @if (count($page->compared()) === 2)
                <div class="compare">@foreach ($page->compared() as $option)<article class="panel"><h3 class="h6"><strong>{{ $option->ring->code }}</strong>, {{ $option->ring->teeth }} teeth <x-verdict :of="$option->stack->verdict" /></h3><p class="mb-1">Line off by {{ $page->length($option->offset) }}; clearance {{ $page->clearance($option->clearance()) }}; motor stops at {{ number_format($option->topSpeed(), 0) }} km/h.</p><x-drawing.gears :view="$page->gearsOf($option)" /></article>@endforeach</div>
            @endif
            <form id="compare-rings" method="get" action="{{ route('job.line', $page->job) }}"></form>
            <div class="scroll-x"><table class="ledger">
                <thead><tr><th class="named">Ring</th><th>Answer</th><th class="n">Clearance</th><th class="n">Line off by</th><th class="n">Lowest gear</th><th class="n">Motor stops at</th><th class="said">To know</th><th class="not-on-paper">Two side by side</th><th class="not-on-paper"><span class="visually-hidden">Fit it</span></th></tr></thead>
                <tbody>
                    @foreach ($page->choice()->options as $option)
                        <tr class="{{ $page->isFitted($option) ? 'chosen' : '' }}" data-ring="{{ $option->ring->code }}">
                            <td><strong>{{ $option->ring->teeth }}</strong> {{ $option->ring->code }}@if ($page->isFitted($option)) <span class="on-paper">fitted</span>@endif<br><span class="soft">dish {{ $page->unit->show($option->ring->dish) }}</span></td>
                            <td>@if ($option->boltsOn)<x-verdict :of="$option->stack->verdict" />@else<x-verdict of="fails" words="No bolts" />@endif @if (! $option->isOut() && ! $page->choice()->isUndominated($option))<br><span class="soft">another is better</span>@endif</td>
                            <td class="n">{{ $page->clearance($option->clearance()) }}</td>
                            <td class="n">{{ $page->length($option->offset) }}</td>
                            <td class="n">{{ number_format($option->lowestDevelopment(), 2) }} m</td>
                            <td class="n">{{ number_format($option->topSpeed(), 0) }} km/h</td>
                            <td>{{ $page->whyOut($option) }}@if ($option->boltsOn && ! $option->climbs()) <strong>No gear pulls the hill.</strong>@endif @foreach ($page->remarks($option) as $remark)<span class="soft d-block">{{ $remark }}</span>@endforeach</td>
                            <td class="not-on-paper"><label class="pick slim"><input type="checkbox" form="compare-rings" name="compare[]" value="{{ $option->ring->code }}" @checked($page->isCompared($option))><span class="visually-hidden">{{ $option->ring->code }}</span></label></td>
                            <td class="not-on-paper">@if ($page->isFitted($option))<strong>Fitted</strong>
                                @elseif ($page->mayChoose())
                                    <form method="post" action="{{ route('job.ring', $page->job) }}">
                                        @csrf @method('PUT')
                                        <input type="hidden" name="version" value="{{ $page->job->version }}">
                                        <input type="hidden" name="mounting" value="{{ $page->mounted($option)->mounting->words() }}">
                                        <button class="btn {{ $loop->first ? 'btn-primary' : 'btn-plain' }}" name="ring_id" value="{{ $page->mounted($option)->ring->id }}" aria-label="Fit {{ $option->ring->code }}">Fit</button>
                                    </form>
                                @endif</td>
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
            <div class="tool-line mt-2"><button class="btn btn-plain" form="compare-rings">Set two side by side</button></div>
            <x-fault for="ring_id" /><x-fault for="mounting" />
            <p class="form-hint mt-2 mb-0">First those no other beats in line, lowest gear and speed. Speeds are where the motor stops pulling in the highest gear; limits of speed are local law. Fit the ring before the motor when it is the part nearest the chainstay. Ring bolts in a star, to torque.</p>
        </section>
        @php($chain = $page->chain())
        <section class="panel mt-3" aria-labelledby="chain-title">
            <h2 id="chain-title">Chain</h2>
            <p class="mb-1"><strong class="figures" data-figure="links">{{ $chain->links }} links</strong>@if ($chain->changeFromOld !== null), {{ $chain->changeFromOld === 0 ? 'as many as the old one' : ($chain->changeFromOld > 0 ? "put in {$chain->changeFromOld} more than the old one has" : 'take '.abs($chain->changeFromOld).' off the old one’s count') }}@endif. By the geometry {{ number_format($chain->exact, 2) }} pitches of 12.7 mm, up to an even number{{ $page->hasDerailleur() ? ', and two more for the derailleur' : '' }}.</p>
            @if ($page->stretchesOfChain() > 1)<p class="mb-1">A long chain: {{ $page->stretchesOfChain() }} pieces of 116 links or fewer joined, {{ $page->stretchesOfChain() - 1 }} joining {{ Str::plural('link', $page->stretchesOfChain() - 1) }} besides the last. Lay it over every idler before it is closed.</p>@endif
            <p class="mb-1">Lay the new one beside the old, pin to pin, link by link: a worn chain is longer than its links say. Arrows forward, joining link checked with a pull.</p>
            @if ($page->hasDerailleur())<p class="mb-1">With one ring the derailleur takes up only the cassette’s spread: <span class="figures">{{ $chain->wrapTeeth }}</span> teeth. The chain must be one for {{ count($page->weights()) }} cogs.</p>@endif
            @if ($chain->stretch !== null)
                <p class="mb-0">Old chain {{ number_format(NeatSpindle\Core\Measure\Rounding::halfAway($chain->stretch), 2) }} % longer than new, worn from {{ $page->wornAt() }} %: {{ $chain->replace ? 'worn, fit a new one' : 'still good' }}.</p>
            @endif
        </section>
    @endif
</x-job>
