@php($rows = $page->rows())
@php($moved = $page->moved())
<x-job :page="$page">
    <x-route-tabs :page="$page" at="route" />
    <div class="work route">
        <section class="panel picture" aria-label="Runs on the frame">
            <nav class="seg not-on-paper" aria-label="How near the runs are looked at">
                @foreach (App\View\Drawings\RouteZoom::cases() as $zoom)<a class="btn btn-plain" href="{{ route('job.route', [$page->job, 'near' => $zoom->value, ...($moved ? ['run' => $moved->id] : [])]) }}" @if($zoom === $page->zoom()) aria-current="page" @endif>{{ $zoom->label() }}</a>@endforeach
            </nav>
            <x-drawing.routes :view="$page->drawing()" :page="$page" />
            <p class="form-hint mb-1">Short strokes: ties, every {{ $page->unit->showCoarse(NeatSpindle\Core\Fitting\Route\Leg::TIE_EVERY) }}. Circles on a line: a loop where something moves. Rings: two runs cross. A number at a letter: in which order it goes in, before the body.</p>
            @if ($moved)
                <form class="tool-line mt-1" method="post" action="{{ route('job.run.move', [$page->job, $moved]) }}">
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="place" value="{{ $page->place() }}">
                    <strong>{{ $moved->letter() }} {{ $moved->name }}</strong>
                    @if ($page->place())
                        <span>{{ ucfirst(NeatSpindle\Core\Fitting\Route\PlaceName::of($page->place())) }}:</span>
                        <button class="btn btn-plain" name="how" value="pass" data-key="p">Pass here <kbd aria-hidden="true">p</kbd></button>
                        <button class="btn btn-plain" name="how" value="avoid" data-key="a">Keep off <kbd aria-hidden="true">a</kbd></button>
                        <button class="btn btn-plain" name="how" value="either">Either way</button>
                    @else
                        <span>Pick a place it must pass, or keep off.</span>
                    @endif
                    <button class="btn btn-plain" name="how" value="shortest">Shortest again</button>
                    <button class="btn-link-quiet" name="how" value="remove">Take it off the bike</button>
                    <a class="btn-link-quiet" href="{{ route('job.route', $page->job) }}">Done moving</a>
                </form>
                <x-fault for="how" />
            @endif
            <p class="form-hint mb-1">{{ $page->pinch() }}</p>
            @if ($rows !== [])<a class="btn btn-plain" href="{{ route('job.route.svg', $page->job) }}" hx-boost="false">Save as SVG</a>@endif
        </section>
        <section class="panel" aria-labelledby="runs-title" data-hand tabindex="-1">
            <h2 id="runs-title">Runs</h2>
            @if ($rows === [])<p class="mb-1"><strong>No run has a length yet.</strong></p>@endif
            @foreach ($rows as $i => $row)
                <div class="run-row" data-run="{{ $row['run']->position }}">
                    <h3><span class="figures">{{ $row['run']->letter() }}</span> {{ ucfirst($row['run']->name) }} <svg width="90" height="10" aria-hidden="true"><line class="run-{{ $i % 6 }}" x1="2" y1="5" x2="88" y2="5" stroke-width="4.5" /></svg> <span class="form-hint fw-normal">{{ $row['run']->kind->label() }}@if ($row['run']->kind->hasPlug()), {{ NeatSpindle\Core\Fitting\Route\PlugName::of($row['run']->connector) }}@endif</span></h3>
                    @if ($row['run']->plug)<p class="mb-1 plug-line"><svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true"><path class="plug-outline" d="{{ $row['run']->plug->plug->shape->outline() }}" /></svg> {{ $row['run']->plug->plug->words() }}</p>@endif
                    @if ($turn = $page->threadedAs($row['run']))<p class="mb-1">Goes in as number <strong class="figures">{{ $turn }}</strong>, before the body</p>@endif
                    <p class="mb-1">@verdict($page->mark($row['route']), $page->says($row['route']), wraps: true)</p>
                    @if ($row['route']->path !== null)
                        <p class="mb-1"><span class="on-paper-line">Own lead {{ $page->unit->showCoarse($row['run']->supply_mm) }}. </span>Needs <strong class="figures">{{ $page->unit->showCoarse($row['route']->needed) }}</strong> by {{ NeatSpindle\Core\Fitting\Route\PlaceName::way($row['route']->path) }}@if ($row['route']->voltageDrop !== null), loses {{ number_format($row['route']->voltageDrop, 2) }} V @endif</p>
                    @endif
                    @if ($moved?->is($row['run']) && $row['route']->path !== null)<p class="form-hint mb-1">{{ $page->legByLeg($row['route']) }}.</p>@endif
                    @if ($loss = $page->loss($row['route']))
                        <p class="mb-1">@verdict($loss->isTooMuch() ? 'fails' : 'clear', $page->lossWords($loss), wraps: true)</p>
                    @endif
                    @if ($row['route']->run->isFromPack())
                        <p class="caution">Fuse or breaker no larger than the lead’s maker allows for it. Polarity with a meter before the plug is joined; no pull on the joint.</p>
                    @endif
                    <form class="own-lead" method="post" action="{{ route('job.supply', [$page->job, $row['run']]) }}">
                        @csrf @formkey @method('PUT')
                        <input type="hidden" name="version" value="{{ $page->job->version }}">
                        <input type="hidden" name="run" value="{{ $row['run']->id }}">
                        <label class="form-label m-0" for="supply-{{ $row['run']->id }}">Own lead</label>
                        <input class="form-control" id="supply-{{ $row['run']->id }}" name="supply" value="{{ (int) old('run') === $row['run']->id ? old('supply') : $page->unit->showCoarse($row['run']->supply_mm) }}">
                        @if ($row['run']->kind === NeatSpindle\Core\Fitting\Route\RunKind::Power)
                            <x-run-figure :run="$row['run']" name="current" :value="$row['run']->current_a" label="Current" unit="A" />
                            <x-run-figure :run="$row['run']" name="area" :value="$row['run']->area_mm2" label="Copper" unit="mm²" />
                            <x-run-figure :run="$row['run']" name="fuse" :value="$row['run']->fuse_a" label="Fuse" unit="A" />
                            <x-run-figure :run="$row['run']" name="made_for" :value="$row['run']->connector_a" label="Plug made for" unit="A" />
                            <x-run-figure :run="$row['run']" name="bears" :value="$row['run']->bears_a" label="Lead bears" unit="A" />
                        @endif
                        <button class="btn btn-plain" aria-label="Keep the lead of {{ $row['run']->name }}">Keep</button>
                        <a class="btn btn-plain" href="{{ route('job.route', [$page->job, 'run' => $row['run']->id]) }}" aria-label="Move {{ $row['run']->name }}">Move</a>
                    </form>
                    @if ((int) old('run') === $row['run']->id)<x-fault for="supply" /><x-fault for="current" /><x-fault for="area" /><x-fault for="fuse" /><x-fault for="made_for" /><x-fault for="bears" />@endif
                    @foreach ($row['run']->limits()->objections() as $objection)<p class="mb-1">@verdict('fails', $objection, wraps: true)</p>@endforeach
                    @if ($page->isAboutThePlug($row['run']) || (int) old('details') === $row['run']->id)
                        <x-run-details :page="$page" :run="$row['run']" />
                    @else
                        <a class="btn-link-quiet not-on-paper" href="{{ route('job.route', [$page->job, 'plug' => $row['run']->id]) }}">Plug and surplus<span class="visually-hidden"> of {{ $row['run']->name }}</span></a>
                    @endif
                </div>
            @endforeach
            @foreach ($page->waiting() as $run)
                <div class="run-row" data-waiting="{{ $run->position }}">
                    <h3><span class="figures">{{ $run->letter() }}</span> {{ ucfirst($run->name) }}</h3>
                    @if ($page->missingFor($run) === [])
                        <p class="mb-1">@verdict('fails', 'This frame has no way for it')</p>
                    @else
                        <p class="mb-1">Still to measure: @foreach ($page->missingFor($run) as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">{{ $spot->label() }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>
                    @endif
                </div>
            @endforeach
            @foreach ($page->unused() as $run)
                <div class="run-row" data-unused="{{ $run->position }}">
                    <h3><span class="figures">{{ $run->letter() }}</span> {{ ucfirst($run->name) }} <span class="form-hint fw-normal">nothing on it: capped and tied</span></h3>
                    @if ($page->isAboutThePlug($run) || (int) old('details') === $run->id)
                        <x-run-details :page="$page" :run="$run" />
                    @else
                        <a class="btn-link-quiet not-on-paper" href="{{ route('job.route', [$page->job, 'plug' => $run->id]) }}">Plug and surplus<span class="visually-hidden"> of {{ $run->name }}</span></a>
                    @endif
                </div>
            @endforeach
            <x-own-stretches :page="$page" />
            <details class="not-on-paper" @if($errors->hasAny(['name', 'kind', 'from_place', 'to_place', 'supply', 'connector', 'usual'])) open @endif>
                <summary class="btn-link-quiet d-inline-flex align-items-center">Add a run</summary>
                <form method="post" action="{{ route('job.run', $page->job) }}">
                    @csrf @formkey
                    <p class="choice-row">@foreach (NeatSpindle\Core\Fitting\Route\RunRole::offered() as $usual)<button class="btn btn-plain" name="usual" value="{{ $usual->value }}">{{ ucfirst($usual->label()) }}</button>@endforeach</p>
                </form>
                <form class="record" method="post" action="{{ route('job.run', $page->job) }}" novalidate>
                    @csrf @formkey
                    <div><label class="form-label" for="run-name">Another: what</label><input class="form-control" id="run-name" name="name" maxlength="@most(RUN_NAME)" value="{{ old('name') }}"><x-fault for="name" /></div>
                    <div><label class="form-label" for="run-kind">Kind</label><x-select id="run-kind" name="kind" :options="NeatSpindle\Core\Fitting\Route\RunKind::cases()" :chosen="old('kind', 'signal')" /></div>
                    <div><label class="form-label" for="run-from">From</label><x-select id="run-from" name="from_place" :options="$page->placeNames()" :chosen="old('from_place', 'bar')" /><x-fault for="from_place" /></div>
                    <div><label class="form-label" for="run-to">To</label><x-select id="run-to" name="to_place" :options="$page->placeNames()" :chosen="old('to_place', 'motor')" /><x-fault for="to_place" /></div>
                    <div><label class="form-label" for="run-supply">Own lead</label><input class="form-control" id="run-supply" name="supply" size="6" inputmode="decimal" value="{{ old('supply') }}"><x-fault for="supply" /></div>
                    <div><label class="form-label" for="run-plug">Plug</label><input class="form-control" id="run-plug" name="connector" maxlength="@most(PLACE)" value="{{ old('connector') }}"><x-fault for="connector" /></div>
                    <div class="align-self-end"><button class="btn btn-plain" id="add-run">Add it</button></div>
                </form>
                <x-fault for="usual" />
            </details>
            <p class="caution">Nothing soft where the body swings up. Hydraulic hoses are for those who may open and bleed them.</p>
        </section>
    </div>
</x-job>
