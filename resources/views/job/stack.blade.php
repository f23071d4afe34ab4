@php($stack = $page->stack())
<x-job :page="$page">
    @if ($stack === null)
        @php($begun = $page->opened->the(App\Bench\StackBegun::class)->begun)
        @if ($begun)
            <section class="panel" aria-labelledby="begun-title">
                <h2 id="begun-title">Known so far: {{ lcfirst($begun->place->label()) }}</h2>
                <p class="mb-1">At most <strong>{{ $page->unit->show($begun->atMost) }}</strong>, so that the arm sits as far on the spindle as it must.
                    @if ($begun->spacers)From the drawer: <strong>{{ $begun->spacers->pieces === [] ? 'none' : implode(' + ', array_map($page->unit->show(...), $begun->spacers->pieces)) }}</strong>.@else The drawer has no set that goes.@endif</p>
                <p class="mb-0">Put them on, with the ring’s crank, three turns of its bolt by hand; then measure
                    @foreach ($begun->then as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">{{ lcfirst($spot->label()) }}</a>{{ $loop->last ? ': the rest of the stack follows.' : ' and ' }}@endforeach</p>
            </section>
        @endif
        <x-not-yet :page="$page" />
    @else
        <x-news :page="$page" />
        <div class="work">
            <section class="panel picture" aria-label="Section along the crank axis">
                <div class="verdict-line">
                    @verdict($stack->verdict)
                    @if ($page->obstacle())<span>{{ $page->obstacle() }}</span>@endif
                </div>
                @if ($page->section())
                    <x-drawing.section :view="$page->section()" :hands="$page->mayChoose()" />
                    @foreach ($stack->notes as $note)<p class="caution">{{ $note->label() }}</p>@endforeach
                @else
                    <p class="empty">There is nothing to draw until every place has its spacers: get what is missing, or fill the place by hand.</p>
                @endif
                <div class="tool-line not-on-paper">
                    @if ($page->section())
                        <span class="seg" role="group" aria-label="Look at">
                            @foreach (App\View\Drawings\Detail::cases() as $detail)
                                <a class="btn btn-plain" id="detail-{{ $detail->value }}" href="{{ route('job.stack', [$page->job, 'detail' => $detail->value]) }}" @if($detail === $page->detail()) aria-current="true" @endif>{{ $detail->label() }}</a>
                            @endforeach
                        </span>
                        <a class="btn btn-plain" href="{{ route('job.section', [$page->job, 'detail' => $page->detail()->value]) }}" hx-boost="false">Save as SVG</a>
                    @endif
                    <a class="btn btn-plain" id="order" href="{{ route('job.order', $page->job) }}" data-key="o">What to get <kbd aria-hidden="true">o</kbd></a>
                    <a class="btn btn-plain" id="ways" href="{{ route('job.ways', $page->job) }}" data-key="w">Other ways <kbd aria-hidden="true">w</kbd></a>
                </div>
            </section>
            <div class="work-wide">
                <section class="panel" aria-labelledby="places-title">
                    <h2 id="places-title">Spacers and washers</h2>
                    <x-fault for="way" />
                    @foreach ($page->places() as $place)
                        <x-place :page="$page" :place="$place" />
                    @endforeach
                    @if ($page->mayChoose())
                        <div class="tool-line mt-2">
                            <form method="post" action="{{ route('job.undo', $page->job) }}">
                                @csrf @formkey
                                <input type="hidden" name="version" value="{{ $page->job->version }}">
                                <button class="btn btn-plain" id="undo" data-key="z" @disabled($page->history()->last === null) title="{{ $page->history()->last?->what }}">Undo <kbd aria-hidden="true">z</kbd></button>
                            </form>
                            <x-fault for="undo" />
                            <form method="post" action="{{ route('job.redo', $page->job) }}">
                                @csrf @formkey
                                <input type="hidden" name="version" value="{{ $page->job->version }}">
                                <button class="btn btn-plain" id="redo" data-key="y" @disabled($page->history()->next === null) title="{{ $page->history()->next?->what }}">Redo <kbd aria-hidden="true">y</kbd></button>
                            </form>
                            @if ($page->isAnyByHand())
                                <form method="post" action="{{ route('job.solve', $page->job) }}">
                                    @csrf @formkey @method('DELETE')
                                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                                    <button class="btn btn-primary" id="solve" data-key="s">Solve it from the drawer <kbd aria-hidden="true">s</kbd></button>
                                </form>
                            @endif
                        </div>
                        @if ($page->history()->last)<p class="form-hint mb-0 not-on-paper">Last: {{ $page->history()->last->what }}, {{ Str::before($page->history()->last->made_by_name, ' ') }} at {{ $page->history()->last->made_at->format('H:i') }}.</p>@endif
                    @endif
                </section>
                <x-holds :page="$page" />
                <x-like-jobs :page="$page" at="stack" />
            </div>
        </div>
        @if ($page->gates() !== [])@include($page->mountView('gates'))@endif
        @if ($stack->margins !== [])
            <section class="panel mt-3" aria-labelledby="margins-title">
                <h2 id="margins-title">Margins, and why</h2>
                @foreach ($stack->margins as $margin)
                    <x-why :page="$page" :margin="$margin" />
                @endforeach
            </section>
        @endif
        @if ($stack->arrangement)@include($page->mountView('arrangement'))@endif
    @endif
</x-job>
