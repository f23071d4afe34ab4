@php($display = $page->cockpit()->display)
<x-job :page="$page">
    <x-route-tabs :page="$page" at="cockpit" />
    <section class="panel picture" aria-label="The bar from above">
        <x-drawing.bar :view="$page->drawing()" :unit="$page->unit" />
        @foreach ($page->cockpit()->objections() as $objection)
            <p class="caution mb-1"><strong>Before anything comes off:</strong> {{ $objection }}</p>
        @endforeach
    </section>
    <form class="too-on-paper" method="post" action="{{ route('job.cockpit.keep', $page->job) }}" novalidate>
        @csrf @formkey @method('PUT')
        <input type="hidden" name="version" value="{{ $page->job->version }}">
        <button class="visually-hidden" tabindex="-1" aria-hidden="true">Keep</button>
        <div class="work-halves mt-3">
            @foreach (NeatSpindle\Core\Fitting\Cockpit\BarSide::cases() as $side)
                @php($half = $page->half($side))
                <section class="panel" aria-labelledby="side-{{ $side->value }}" data-side="{{ $side->value }}">
                    <div class="title-line"><h2 id="side-{{ $side->value }}">{{ $side->label() }}, from the grip in</h2>
                        <a href="{{ route('job.survey', [$page->job, 'spot' => $page->spot($side)->value]) }}">{{ $half->room === null ? 'Measure the bar' : 'Bar '.$page->unit->showMeasurement($half->room) }}</a></div>
                    <p>@verdict($half->verdict(), $page->says($half), wraps: true)</p>
                    @if ($half->clash())<p class="fault">{{ $half->clash() }}</p>@endif
                    @if ($half->twice())<p class="fault">{{ $half->twice() }}</p>@endif
                    <ol class="bar-list">
                        @foreach ($page->fixtures($side) as $i => $one)
                            <li>
                                <input type="hidden" name="kinds[{{ $i }}]" value="{{ $one->kind->value }}"><input type="hidden" name="sides[{{ $i }}]" value="{{ $one->side->value }}">
                                <span class="name">{{ $one->kind->label() }}</span>
                                <input class="form-control" name="widths[{{ $i }}]" value="{{ old("widths.{$i}", $page->unit->showCoarse($one->width)) }}" aria-label="{{ $one->kind->label() }}, {{ $side->value }}: how wide" @error("widths.{$i}") aria-invalid="true" @enderror>
                                @if (count($one->kind->makes()) > 1)
                                    <x-picks :id="'make-'.$i" name="makes[{{ $i }}]" :options="$one->kind->makes()" :chosen="$one->make->value" legend="{{ $one->kind->label() }}, {{ $side->value }}: how it is made" class="slim" hidden
                                        :drawn="fn (string $value) => App\View\Drawings\FittingDrawing::made($one->kind, NeatSpindle\Core\Fitting\Cockpit\Make::from($value))" />
                                @endif
                                <span></span>
                                <label class="pick slim"><input type="checkbox" name="new[{{ $i }}]" value="1" @checked($one->isNew)> new</label>
                                <span class="moves"><button class="btn-link-quiet" name="move" value="{{ $i }} out" @disabled($loop->first) aria-label="Towards the grip: {{ $one->kind->label() }}, {{ $side->value }}">↑</button><button class="btn-link-quiet" name="move" value="{{ $i }} in" @disabled($loop->last) aria-label="Towards the middle: {{ $one->kind->label() }}, {{ $side->value }}">↓</button></span>
                                <button class="btn-link-quiet" name="drop" value="{{ $i }}" aria-label="Leave off: {{ $one->kind->label() }}, {{ $side->value }}">Leave off</button>
                                <x-fault :for="'widths.'.$i" />
                            </li>
                        @endforeach
                    </ol>
                    <p class="choice-row mb-1">@foreach (NeatSpindle\Core\Fitting\Cockpit\FixtureKind::cases() as $kind)<button class="btn btn-plain slim" name="add" value="{{ $side->value }} {{ $kind->value }}" aria-label="+ {{ $kind->label() }}, {{ $side->value }}">+ {{ $kind->label() }}</button>@endforeach</p>
                    @if ($half->comesOff() !== [])<p class="mb-1">Off: <strong>{{ $page->order($half->comesOff()) }}</strong></p>@endif
                    @if ($half->goesOn() !== [])<p class="mb-0">On: <strong>{{ $page->order($half->goesOn()) }}</strong></p>@endif
                </section>
            @endforeach
        </div>
        <section class="panel mt-3" aria-labelledby="display-title">
            <h2 id="display-title">Display</h2>
            <div class="pieces">
                @if ($page->displays() !== [])<label for="which-display">Which one</label><x-select id="which-display" name="display" :options="$page->displays()" :chosen="old('display', $page->display())" class="w-auto" />@endif
                                <label for="bore">Its clamp is wide</label><input class="form-control w-auto" id="bore" name="bore" size="8" value="{{ old('bore', $page->displayBore() === null ? '' : $page->unit->show($page->displayBore())) }}" @error('bore') aria-invalid="true" @enderror>
                <a href="{{ route('job.survey', [$page->job, 'spot' => 'bar_diameter']) }}">Measure the bar there</a>
                @if ($display)@verdict($display->verdict(), $display->says(), wraps: true)@endif
            </div>
            <x-picks id="display-at" name="display_at" :options="NeatSpindle\Core\Fitting\Cockpit\DisplaySite::cases()" :chosen="old('display_at', $page->displayAt()->value)" legend="It sits"
                :drawn="fn (string $value) => App\View\Drawings\FittingDrawing::of(NeatSpindle\Core\Fitting\Cockpit\DisplaySite::from($value))" />
            @if ($page->displayDoubt())<p class="caution">{{ $page->displayDoubt() }}</p>@endif
            <x-fault for="display" /><x-fault for="bore" /><x-fault for="kinds" />
            <button class="btn btn-primary mt-2" id="keep-cockpit">Keep</button>
            <p class="form-hint mb-0 mt-2">Grips off with air or water, on with alcohol. The rear brake’s lever stays on the hand it was on. A mm is kept between neighbours.</p>
        </section>
    </form>
</x-job>
