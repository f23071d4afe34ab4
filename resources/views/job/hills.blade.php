<x-job :page="$page">
    <x-line-tabs :page="$page" at="hills" />
    @if ($page->climb() === null)
        <x-not-yet :page="$page" />
    @else
        @php($riding = $page->riding())
        @php($best = $page->best())
        @php($other = $page->ringForTheHill())
        <div class="work">
            <section class="panel" aria-labelledby="hill-title">
                <h2 id="hill-title">{{ $riding->gradePercent() + 0 }} % with {{ $riding->massKg() + 0 }} kg</h2>
                <p class="answer">
                    <x-verdict :of="$page->verdictOf($best->verdict)" :words="$best->verdict->label()" />
                    @if ($page->climb()->pulls())
                        Up it at <strong class="figures">{{ number_format($page->climb()->speed * 3.6, 1) }} km/h</strong>, in the <strong>{{ $best->gear->cog }}@if ($best->gear->hubRatio !== 1.0) × {{ $best->gear->hubRatio }}@endif</strong>, crank at {{ number_format($best->crankRpm, 0) }}.
                    @else
                        @if ($best->verdict->value === 'labours')Only labouring, in the {{ $best->gear->cog }}, at <strong class="figures">{{ number_format($page->climb()->speed * 3.6, 1) }} km/h</strong>: hot and hungry.
                        @elseif ($best->verdict->value === 'spins_out')Every gear spins out: it is faster than the gears.
                        @else No gear carries it with ring {{ $page->sheet->chosenWorksheet()->job->kit->ring->code }}.@endif
                        @if ($other)<strong>Fit {{ $other->ring->code }}, {{ $other->ring->teeth }} teeth:</strong> its lowest gear is {{ number_format($other->lowestDevelopment(), 2) }} m a turn, and pulls. <a href="{{ route('job.line', $page->job) }}">See it on Line</a>
                        @else<strong>No ring of the catalogue makes it pull:</strong> less load, a larger cog, or another motor.@endif
                    @endif
                </p>
                <p class="mb-2">The steepest it pulls with this load: <strong class="figures">{{ $page->steepest() === null ? 'none' : number_format($page->steepest(), 1).' %' }}</strong>. Force at the wheel <span class="figures">{{ number_format($page->climb()->force, 0) }} N</span>.</p>
                <div class="scroll-x gear-scroll" tabindex="0" role="region" aria-label="Every gear on this hill"><table class="ledger">
                    <thead><tr><th class="n">Gear</th><th>On this hill</th><th class="n">Crank</th><th class="n">Torque at the crank</th></tr></thead>
                    <tbody>@foreach ($page->gears() as $on)<tr class="{{ $on === $best ? 'chosen' : '' }}"><td class="n">{{ $on->gear->cog }}@if ($on->gear->hubRatio !== 1.0) × {{ $on->gear->hubRatio }}@endif</td><td><x-verdict :of="$page->verdictOf($on->verdict)" :words="$on->verdict->label()" /></td><td class="n">{{ number_format($on->crankRpm, 0) }} rpm</td><td class="n">{{ $page->torqueUnit->show($on->crankTorque) }}</td></tr>@endforeach</tbody>
                </table></div>
            </section>
            <section class="panel" aria-labelledby="load-title">
                <h2 id="load-title">How it will be ridden</h2>
                <form class="too-on-paper" method="post" action="{{ route('job.riding', $page->job) }}">
                    @csrf @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <input type="hidden" name="road" value="{{ $page->track()?->id }}">
                    <div class="load-form">
                        @foreach ([['mass_kg', 'Bike, rider, load', $riding->massKg(), 'kg'], ['grade_percent', 'Hill', $riding->gradePercent(), '%'], ['rider_w', 'Rider gives', $riding->riderW(), 'W'], ['assist_percent', 'Motor asked for', $riding->assistPercent(), '%'], ['wind_kmh', 'Headwind', $riding->windKmh(), 'km/h'], ['battery_wh', 'Battery', $riding->batteryWh(), 'Wh'], ['cut_off_kmh', 'Motor stops at', $riding->cutOffKmh(), 'km/h']] as [$name, $label, $value, $unit])
                            <label for="{{ $name }}">{{ $label }}</label>
                            <span class="pieces"><input class="form-control" id="{{ $name }}" name="{{ $name }}" size="6" inputmode="decimal" value="{{ old($name, $value === null ? '' : $value + 0) }}" @disabled(! $page->mayChoose()) @error($name) aria-invalid="true" @enderror> {{ $unit }}</span>
                            @error($name)<span class="span"><x-fault :for="$name" /></span>@enderror
                        @endforeach
                        <label for="surface">Surface</label>
                        <select class="form-select" id="surface" name="surface" @disabled(! $page->mayChoose())>@foreach (App\Bench\RidingChoice::SURFACES as $value => [$label])<option value="{{ $value }}" @selected(old('surface', $riding->surface()) === $value)>{{ $label }}</option>@endforeach</select>
                    </div>
                    @if ($page->mayChoose())<button class="btn btn-primary mt-2" id="keep-riding">Ride it</button>@endif
                    @unless ($riding->isSaid())<p class="form-hint mb-0 mt-1">Usual figures for this kind of bike, until somebody says otherwise.</p>@endunless
                </form>
            </section>
        </div>
        <section class="panel mt-3 picture" aria-labelledby="road-title">
            <div class="title-line">
                <h2 id="road-title">The customer’s road{{ $page->track() ? ': '.$page->track()->name : '' }}</h2>
                @if ($page->tracks()->count() > 1)<span class="seg">@foreach ($page->tracks() as $track)<a class="btn btn-plain" href="{{ route('job.hills', [$page->job, 'road' => $track->id]) }}" @if($track->id === $page->track()?->id) aria-current="true" @endif>{{ Str::limit($track->name, 24) }}</a>@endforeach</span>@endif
            </div>
            @if ($page->ride())
                @php($ride = $page->ride())
                <p class="answer">
                    <x-verdict :of="$ride->emptyAt() === null ? ($ride->leftWh() < 0.2 * $riding->batteryWh() ? 'tight' : 'clear') : 'fails'" :words="$ride->emptyAt() === null ? 'The battery lasts' : 'The battery is empty'" />
                    {{ $page->km($ride->profile->length) }} with {{ number_format($ride->profile->ascent(), 0) }} m up in {{ $page->hours($ride->seconds) }}: <strong class="figures">{{ number_format($ride->usedWh(), 0) }} Wh</strong> of {{ number_format($riding->batteryWh(), 0) }}.
                    @if ($ride->emptyAt() !== null)<strong>Empty after {{ $page->km($ride->emptyAt()) }}.</strong>@elseif ($ride->range())On roads like this it goes <strong>{{ $page->km($ride->range()) }}</strong>.@endif
                    @if ($ride->walked() > 0)<strong>Walked: {{ $page->km($ride->walked()) }}.</strong>@endif
                    @if ($page->getsHot())<strong>The motor labours {{ $page->km($ride->longestLabour()) }} in one go: it gets hot. Gear it lower or rest it.</strong>@endif
                </p>
                <x-drawing.road :view="$page->road()" />
                <p class="mb-0 not-on-paper"><a href="{{ route('job.drawing', [$page->job, 'road', 'road' => $page->track()->id]) }}" hx-boost="false">Save as SVG</a></p>
                <p class="form-hint mb-0">Green: the motor pulls. Amber: it labours. Red: walked. Grey: it needs no motor. Dashed: the battery, full at the top. Below: speed. Heights are averaged over {{ (int) (2 * NeatSpindle\Core\Ride\Profile::WINDOW) }} m, every {{ (int) NeatSpindle\Core\Ride\Profile::STEP }} m: written down it climbs {{ number_format($ride->profile->rawAscent, 0) }} m, smoothed {{ number_format($ride->profile->ascent(), 0) }} m. {{ number_format($ride->profile->points) }} points. Starts, stops, bends and cold are not in it.</p>
                <details class="legs"><summary>Kilometre by kilometre</summary>
                    <div class="scroll-x"><table class="ledger">
                        <thead><tr><th class="n">Up to</th><th class="n">Slope</th><th class="n">Speed</th><th class="n">Cog</th><th class="n">Crank</th><th class="n">Used</th><th class="n">Left</th><th></th></tr></thead>
                        <tbody>@foreach ($page->legs() as $leg)<tr><td class="n">{{ $leg['to'] }}</td><td class="n">{{ $leg['slope'] }}</td><td class="n">{{ $leg['speed'] }}</td><td class="n">{{ $leg['gear'] }}</td><td class="n">{{ $leg['rpm'] }}</td><td class="n">{{ $leg['used'] }}</td><td class="n">{{ $leg['left'] }}</td><td>{{ $leg['walked'] ? 'walked in part' : '' }}</td></tr>@endforeach</tbody>
                    </table></div>
                </details>
                @foreach ($page->track()->remarks as $remark)<p class="form-hint mb-0">{{ $remark }}</p>@endforeach
                <form class="mt-1 not-on-paper" method="post" action="{{ route('job.track.drop', [$page->job, $page->track()]) }}">@csrf @method('DELETE')<button class="btn-link-quiet">Take this road away</button></form>
            @else
                <p>Load a GPX file of the road the customer rides, and it is ridden with this bike: speed, gear, battery left, and where it must be walked.</p>
            @endif
            <form class="tool-line not-on-paper" method="post" action="{{ route('job.track', $page->job) }}" enctype="multipart/form-data">
                @csrf
                <label for="track" class="visually-hidden">GPX file</label>
                <input class="form-control w-auto" type="file" id="track" name="track" accept=".gpx,.xml" @error('track') aria-invalid="true" @enderror>
                <button class="btn btn-plain">Load a road</button>
            </form>
            <x-fault for="track" />
        </section>
    @endif
</x-job>
