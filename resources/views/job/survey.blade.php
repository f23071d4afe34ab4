@php($spot = $page->spot)
<x-job :page="$page">
    @if ($page->isCarbonUntold())<p class="caution mb-2" id="carbon-first"><strong>This frame is carbon.</strong> <a href="#carbon">What may never be done to it, and what its maker decides</a>, before anything comes off.</p>@endif
    @if ($page->isBeforeAnything())<p class="form-hint mb-2" id="over-the-cups"><strong>Which motors may go?</strong> Two readings and a look tell, with no spanner: <a href="{{ route('job.survey', [$page->job, 'spot' => 'cups_width']) }}">over the cups</a>, one cup’s flange, how the chainstay stands. Match then says what goes, with its doubt.</p>@endif
    <div class="work survey">
        <section class="panel picture" aria-label="Where to measure">
            <ul class="region-tabs">
                <li><a href="{{ route('job.survey', $page->job) }}" @if($page->region() === null) aria-current="true" @endif>Whole bike<small>{{ $page->isComplete() ? 'all given' : 'walk on' }}</small></a></li>
                @foreach ($page->walked()->regions() as $region)
                    <li class="{{ $page->walked()->neededOpen($region) > 0 ? 'wanted' : '' }}"><a href="{{ route('job.survey', [$page->job, 'region' => $region->value]) }}" @if($page->region() === $region) aria-current="true" @endif>{{ $region->short() }}<small>{{ $page->walked()->told($region) }}</small></a></li>
                @endforeach
            </ul>
            @if ($page->region() === null)
                <x-drawing.marks :view="$page->walked()->marks()" :page="$page" />
            @else
                <x-drawing.region :view="$page->walked()->close($page->region())" :page="$page" />
                <p class="form-hint mb-0">{{ ucfirst($page->region()->seen()) }}.</p>
            @endif
        </section>
        <section class="panel spot" aria-labelledby="spot-title">
            @if ($page->kept())
                <p class="kept" role="status">Kept: {{ lcfirst($page->kept()->label()) }} <strong>{{ $page->answerAt($page->kept()) }}</strong>@if ($page->kept() !== $spot) <a href="{{ route('job.survey', [$page->job, 'spot' => $page->kept()->value]) }}">Another reading there</a>@endif</p>
            @endif
            @if ($page->leadsOn())
                <p class="mb-2"><a class="btn btn-primary" id="next-place" href="{{ route($page->nextPlace()->route, $page->job) }}" data-key="n" @if ($page->kept()) autofocus @endif>All that is needed is given. Next: {{ $page->nextPlace()->do }} <kbd aria-hidden="true">n</kbd></a></p>
            @endif
            <h2 id="spot-title"><span class="figures">{{ $page->numberOf($spot->value) }}</span> {{ $spot->label() }} <span class="soft need">{{ $page->need($spot)?->label() ?? 'offered' }}</span></h2>
            @if ($page->waits())<p class="mb-1"><strong>{{ $page->waits() }}.</strong></p>@endif
            <p>@words($spot->how())</p>
            @if ($page->closeUp())<x-drawing.close-up :of="$page->closeUp()" />@endif
            <p class="form-hint">@words($spot->why())</p>
            @if ($spot->kind()->isMeasured())
                <form method="post" action="{{ route('job.reading', $page->job) }}" novalidate>
                    @csrf @formkey
                    <input type="hidden" name="spot" value="{{ $spot->value }}">
                    <label class="form-label" for="typed">{{ $page->readings() === [] ? 'Reading' : 'Another reading' }}, in {{ $page->unit->words() }} unless you write the unit</label>
                    <input class="form-control big-figure" id="typed" name="typed" value="{{ old('spot') === $spot->value ? old('typed') : '' }}" autocomplete="off" inputmode="decimal" @error('sure') data-key="t" @else @unless($page->leadsOn() && $page->kept()) autofocus @endunless @enderror
                        @error('typed') aria-invalid="true" aria-describedby="typed-fault" @enderror>
                    <x-fault for="typed" id="typed-fault" />
                    <p class="form-hint">@words($page->unit->examples())</p>
                    <div class="row g-2 align-items-end">
                        <div class="col">
                            <label class="form-label" for="instrument">Taken with</label>
                            <select class="form-select" id="instrument" name="instrument">
                                @foreach (NeatSpindle\Core\Measuring\Survey\Instrument::cases() as $instrument)
                                    <option value="{{ $instrument->value }}" @selected((old('instrument') ?? $spot->instrument()?->value) === $instrument->value)>{{ $instrument->label() }}, ± {{ $page->unit->show($page->user()->doubtMm($instrument)) }}</option>
                                @endforeach
                            </select>
                        </div>
                        <div class="col-auto"><button class="btn btn-primary">Keep</button></div>
                    </div>
                    {{-- After Keep: the Enter key presses a form's first button, and that must ask again. --}}
                    @error('sure')
                        <p class="choice-row my-2" @error('instead') @else tabindex="-1" autofocus @enderror role="group" aria-label="Keep it or take it again">
                            @error('instead')<button class="btn btn-primary" name="instead" value="1" id="instead" data-key="i" autofocus>Instead of {{ count($page->readings()) === 1 ? 'that one' : 'those' }} <kbd aria-hidden="true">i</kbd></button>@enderror
                            <label class="btn btn-plain m-0" for="typed">Take it again <kbd aria-hidden="true">t</kbd></label>
                            <button class="btn btn-plain" name="sure" value="1" id="sure" data-key="k">@error('instead') One more @else Keep it as typed @enderror <kbd aria-hidden="true">k</kbd></button></p>
                    @enderror
                    @if ($page->readings() !== [])
                        <label class="d-flex gap-2 align-items-center mt-1">
                            <input class="form-check-input m-0" type="checkbox" name="afresh" value="1" @checked(old('spot') === $spot->value && old('afresh'))> Measured afresh: the readings below no longer count
                        </label>
                    @endif
                </form>
                @if ($page->row())
                    <form class="mt-3" method="post" action="{{ route('job.row', $page->job) }}" novalidate>
                        @csrf @formkey
                        <input type="hidden" name="spot" value="{{ $spot->value }}"><input type="hidden" name="row_instrument" value="{{ old('row_instrument', $spot->instrument()?->value) }}">
                        <label class="form-label" for="row">{{ $page->row()->words }}</label>
                        <div class="row g-2">
                            <div class="col"><input class="form-control" id="row" name="row" value="{{ old('row') }}" autocomplete="off" inputmode="text" @error('row') aria-invalid="true" aria-describedby="row-fault" @enderror></div>
                            <div class="col-auto"><button class="btn btn-plain" id="keep-row">Keep all {{ $page->row()->count() }}</button>@error('row_sure') <button class="btn btn-plain" id="row-sure" name="row_sure" value="1" data-key="k">As typed <kbd aria-hidden="true">k</kbd></button>@enderror</div>
                        </div>
                        <x-fault for="row" id="row-fault" />
                        <p class="form-hint mb-0">One figure after the other, a space between; taken with {{ lcfirst($spot->instrument()?->label() ?? '') }}.</p>
                    </form>
                @endif
                @if ($page->isCaliperPlugged() && $spot->instrument() === NeatSpindle\Core\Measuring\Survey\Instrument::Caliper)
                    <form class="mt-2" method="post" action="{{ route('job.caliper', $page->job) }}">
                        @csrf @formkey
                        <input type="hidden" name="spot" value="{{ $spot->value }}">
                        <button class="btn btn-plain" id="take" data-key="c">Take it from the caliper <kbd aria-hidden="true">c</kbd></button>
                    </form>
                @endif
                @if ($page->readings() !== [])
                    <p class="mt-2 mb-0"><strong class="spot-answer">{{ $page->answerAt($spot) }}</strong> from {{ count($page->readings()) }} {{ Str::plural('reading', count($page->readings())) }}</p>
                    <ul class="reading-list">
                        @foreach ($page->readings() as $reading)
                            <li>
                                <span class="figures">{{ $page->unit->show($reading->value_mm) }}</span>
                                <span class="soft">{{ $reading->instrument->label() }}, {{ $reading->taken_at->format('j M H:i') }}</span>
                                <form class="ms-auto" method="post" action="{{ route('job.reading.take-back', [$page->job, $reading]) }}">
                                    @csrf @formkey @method('DELETE')
                                    <button class="btn-link-quiet" aria-label="Take back {{ $page->unit->show($reading->value_mm) }}">Take back</button>
                                </form>
                            </li>
                        @endforeach
                    </ul>
                @endif
                @if ($page->takenBack()->isNotEmpty())
                    <ul class="reading-list">
                        @foreach ($page->takenBack() as $gone)
                            <li>
                                <s class="figures">{{ $page->unit->show($gone->value_mm) }}</s>
                                <span class="soft">taken back by {{ $gone->withdrawnBy?->firstName() }}, {{ $gone->superseded_at?->format('j M H:i') }}</span>
                                <form class="ms-auto" method="post" action="{{ route('job.reading.bring-back', [$page->job, $gone]) }}">
                                    @csrf @formkey @method('PUT')
                                    <button class="btn-link-quiet" aria-label="Let it count again: {{ $page->unit->show($gone->value_mm) }}">Let it count again</button>
                                </form>
                            </li>
                        @endforeach
                    </ul>
                @endif
            @else
                <form method="post" action="{{ route('job.answer', $page->job) }}" novalidate>
                    @csrf @formkey
                    <input type="hidden" name="spot" value="{{ $spot->value }}"><input type="hidden" name="seen" value="{{ $page->opened->findings->answer($spot) }}">
                    @if ($spot->choices() !== [])
                        <div class="choice-row" role="group" aria-labelledby="spot-title" tabindex="-1" @unless($page->leadsOn() && $page->kept()) autofocus @endunless>
                            @foreach ($spot->choices() as $value => $label)
                                <button @if($loop->iteration < 10) data-key="{{ $loop->iteration }}" @endif class="btn {{ $page->opened->findings->answer($spot) === (string) $value ? 'btn-primary' : 'btn-plain' }}" name="value" value="{{ $value }}"
                                        aria-pressed="{{ $page->opened->findings->answer($spot) === (string) $value ? 'true' : 'false' }}"><x-drawing.choice :shows="App\View\Drawings\ChoiceDrawing::of($spot, (string) $value)" />{{ $label }} @if ($loop->iteration < 10)<kbd aria-hidden="true">{{ $loop->iteration }}</kbd>@endif</button>
                            @endforeach
                        </div>
                        <x-fault for="value" />
                    @else
                        <label class="form-label" for="value">{{ $spot->label() }}</label>
                        <input class="form-control big-figure" id="value" name="value" value="{{ old('spot') === $spot->value ? old('value') : $page->opened->findings->answer($spot) }}" autocomplete="off" autofocus
                            @error('value') aria-invalid="true" aria-describedby="value-fault" @enderror>
                        <x-fault for="value" id="value-fault" />
                        <button class="btn btn-primary mt-2">Keep</button>
                    @endif
                </form>
            @endif
            @if ($spot->value === 'guide_depth')<x-guide-gaps :page="$page" />@endif
            @if ($page->nextNeeded())
                <a class="btn btn-plain mt-2" href="{{ route('job.survey', [$page->job, 'spot' => $page->nextNeeded()->value]) }}" data-key="ArrowRight">Next needed: {{ $page->numberOf($page->nextNeeded()->value) }} {{ $page->nextNeeded()->label() }}</a>
            @else
                <a class="btn btn-plain mt-2" href="{{ route('job.survey', [$page->job, 'spot' => $page->nextSpot()->value]) }}" data-key="ArrowRight">Next: {{ $page->numberOf($page->nextSpot()->value) }} {{ $page->nextSpot()->label() }}</a>
            @endif
            <x-pictures :page="$page" :of="App\Models\PictureOf::Spot" :code="$spot->value" />
        </section>
        <x-shell-known :page="$page" />
    </div>
    @if ($page->isCarbonUntold())<x-carbon-first :$page />@endif
    <p class="mt-3 mb-0"><a class="btn btn-plain" href="{{ route('job.condition', $page->job) }}">Condition and decisions: frame, brakes, wheels, lights</a></p>
    <section class="panel mt-3" aria-labelledby="all-spots">
        <h2 class="visually-hidden" id="all-spots">All spots, in walking order</h2>
        @foreach ($page->walked()->regions() as $region)
            <h3 class="h6 mt-2">{{ $region->label() }} <span class="soft">{{ $page->walked()->told($region) }}</span></h3>
            <ul class="spot-list">
                @foreach ($page->walked()->spotsIn($region) as $one)
                    <li>
                        <a href="{{ route('job.survey', [$page->job, 'spot' => $one->value]) }}" @if($one->value === $spot->value) aria-current="true" @endif>
                            <span class="number">{{ $page->numberOf($one->value) }}</span> <span>{{ $one->label() }}@if ($one->sitting() === NeatSpindle\Core\Measuring\Survey\Sitting::AfterTheStrip) <span class="soft">bare</span>@endif</span>
                            <span class="value {{ $page->isNeeded($one) ? 'wanted' : '' }}">{{ $page->answerAt($one) ?? ($page->isNeeded($one) ? $page->need($one)->label() : '') }}</span>
                        </a>
                    </li>
                @endforeach
            </ul>
        @endforeach
    </section>
</x-job>
