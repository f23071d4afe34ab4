@php($trial = $page->trial())
@php($gaps = $page->gaps())
<x-job :page="$page">
    <x-route-tabs :page="$page" at="battery" />
    @if ($page->packs() === [])
        <section class="panel"><p class="empty mb-0">The catalogue has no battery yet. <a href="{{ route('catalogue') }}">Read one in</a>.</p></section>
    @else
    <div class="work">
        <div class="work-wide">
            <section class="panel picture" aria-label="The battery on this bike">
                @if ($page->triangle()) <x-drawing.triangle :view="$page->triangle()" :page="$page" /> @else <x-drawing.pack-on-frame :view="$page->onTheFrame()" :sites="$page->sites()" /> @endif
                @if ($gaps)
                    <p class="form-hint mb-1">Left before it <strong class="figures">{{ $page->unit->showCoarse($gaps->front) }}</strong>, behind it <strong class="figures">{{ $page->unit->showCoarse($gaps->rear) }}</strong>, above it <strong class="figures">{{ $page->unit->showCoarse($gaps->above) }}</strong>; dashed is the air it wants. Drag it along the tube, or its buttons.</p>
                @endif
                @if ($page->unmeasured() !== [] && in_array(NeatSpindle\Core\Fitting\Battery\PackSite::Triangle, $page->sites(), true))
                    <p class="mb-1">Still to measure for the triangle: @foreach ($page->unmeasured() as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}" @if ($loop->first && $page->trial()?->setting->site->isMeasuredByTubes()) data-key="n" @endif>{{ $spot->label() }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>
                @endif
            </section>
            <section class="panel" aria-labelledby="packs-title" @if (! $trial) data-hand @endif tabindex="-1">
                <h2 id="packs-title">Every battery at every place</h2>
                <form class="scroll-x too-on-paper" method="post" action="{{ route('job.battery.choose', $page->job) }}">
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <table class="ledger packs">
                        <thead><tr><th>Battery</th>@foreach ($page->sites() as $site)<th>{{ $site->short() }}</th>@endforeach</tr></thead>
                        <tbody>
                            @foreach ($page->packs() as $pack)
                                <tr>
                                    <th scope="row">{{ $pack->name }}<br><span class="soft fw-normal">{{ $pack->volts }} V, {{ round($pack->wattHours) }} Wh<br>{{ $pack->mass }} kg, {{ $page->unit->showCoarse($pack->length) }} × {{ $page->unit->showCoarse($pack->height) }}</span></th>
                                    @foreach ($page->sites() as $site)
                                        @php($one = $page->trialOf($pack, $site))
                                        <td @class(['chosen' => $page->isChosen($pack, $site)])>
                                            @verdict($page->standing($one), $page->short($one), wraps: true)
                                            @if ($page->mayChoose() && ! $page->isChosen($pack, $site))
                                                <button class="btn btn-plain" name="take" value="{{ $site->value }} {{ $pack->code }}" aria-label="Take {{ $pack->name }}: {{ $site->label() }}">Take</button>
                                            @elseif ($page->isChosen($pack, $site)) <strong>chosen</strong> @endif
                                        </td>
                                    @endforeach
                                </tr>
                            @endforeach
                            <tr><th scope="row">Weight</th>@foreach ($page->sites() as $site)<td>{{ $page->weight($site) }}</td>@endforeach</tr>
                            <tr><th scope="row">Lead to the motor</th>@foreach ($page->sites() as $site)<td class="figures">{{ $page->lead($site) === null ? 'not measured' : $page->unit->showCoarse($page->lead($site)) }}</td>@endforeach</tr>
                        </tbody>
                    </table>
                </form>
                <x-fault for="pack" /><x-fault for="site" />
            </section>
        </div>
        <section class="panel" aria-labelledby="set-title" @if ($trial) data-hand @endif tabindex="-1">
            @if ($trial === null)
                <h2 id="set-title">None chosen yet</h2>
                <p>Take a battery at a place, then hold it there: what is asked depends on the place. Try it before the motor goes in.</p>
                <p class="caution mb-0">No damaged, wet or unknown pack. Never around a fuse or a protection circuit.</p>
            @else
                <h2 id="set-title">{{ $trial->pack->name }}: {{ lcfirst($trial->setting->site->label()) }}</h2>
                <p>@verdict($trial->verdict(), $trial->verdict() === null ? $page->openCount().' still open' : null)</p>
                <ul class="plain-list">
                    @foreach ($page->findings() as $finding)
                        <li>@verdict($finding->verdict, $finding->label.': '.lcfirst($finding->says), wraps: true)</li>
                    @endforeach
                </ul>
                @if ($page->mayChoose())
                    <x-battery-fields :page="$page" :trial="$trial" />
                    <form class="mt-2" method="post" action="{{ route('job.battery.choose', $page->job) }}">
                        @csrf @formkey @method('PUT')<input type="hidden" name="version" value="{{ $page->job->version }}">
                        <button class="btn-link-quiet" id="no-battery" name="pack" value="">None of these after all</button>
                    </form>
                @endif
                <p class="caution mb-0">No damaged, wet or unknown pack. Never around a fuse or a protection circuit.</p>
            @endif
        </section>
    </div>
    @endif
</x-job>
