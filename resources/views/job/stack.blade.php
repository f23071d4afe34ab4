@php($stack = $page->stack())
<x-job :page="$page">
    @if ($stack === null)
        <x-not-yet :page="$page" what="Stack" />
    @else
        <div class="work">
            <section class="panel picture" aria-label="Section along the crank axis">
                <div class="verdict-line">
                    <x-verdict :of="$stack->verdict" />
                    @if ($page->obstacle())<span>{{ $page->obstacle() }}</span>@endif
                </div>
                @if ($page->section())
                    <x-drawing.section :view="$page->section()" />
                    @foreach ($stack->notes as $note)<p class="caution">{{ $note->label() }}</p>@endforeach
                    <p class="form-hint mb-0 not-on-paper">To scale along the axis. <a href="{{ route('job.section', $page->job) }}" hx-boost="false">Save as SVG</a></p>
                @else
                    <p class="empty">There is nothing to draw until every place has its spacers: get what is missing, or fill the place by hand.</p>
                @endif
            </section>
            <div class="work-wide">
                <section class="panel" aria-labelledby="places-title">
                    <h2 id="places-title">Spacers and washers</h2>
                    @foreach ($page->places() as $place)
                        <x-place :page="$page" :place="$place" />
                    @endforeach
                    @if ($page->mayChoose() && $page->isAnyByHand())
                        <form class="mt-2" method="post" action="{{ route('job.solve', $page->job) }}">
                            @csrf @method('DELETE')
                            <input type="hidden" name="version" value="{{ $page->job->version }}">
                            <button class="btn btn-primary" id="solve" data-key="s">Solve it all from the drawer <kbd aria-hidden="true">s</kbd></button>
                        </form>
                    @endif
                </section>
            </div>
        </div>
        @if ($stack->margins !== [])
            <section class="panel mt-3" aria-labelledby="margins-title">
                <h2 id="margins-title">Margins</h2>
                <table class="ledger margins">
                    <thead><tr><th>What</th><th>Verdict</th><th class="n">Is</th><th class="n">Doubt</th><th class="n">Limit</th><th>To be surer</th></tr></thead>
                    <tbody>
                        @foreach ($stack->margins as $margin)
                            <tr data-margin="{{ $margin->name->value }}">
                                <td>{{ $margin->name->label() }}</td>
                                <td><x-verdict :of="$margin->verdict" /></td>
                                <td class="n">{{ $page->unit->show($margin->value) }}</td>
                                <td class="n">± {{ $page->unit->show($margin->plusMinus) }}</td>
                                <td class="n">{{ $margin->name->isCeiling() ? '≤' : '≥' }} {{ $page->unit->show($margin->limit) }}</td>
                                <td>@if ($margin->verdict->value !== 'clear')<a href="{{ route('job.survey', [$page->job, 'spot' => $page->spotBehind($margin)]) }}">Measure again</a>@endif</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
            @if ($stack->fit)
                <section class="panel mt-3" aria-labelledby="fit-title">
                    <h2 id="fit-title">Thread, bolts, cranks</h2>
                    <p class="mb-0">
                        Nut: <span class="figures">{{ $page->unit->show($stack->fit->nutEngagement) }}</span> of thread, {{ number_format($stack->fit->nutTurns(), 1) }} turns.
                        Lock ring: <span class="figures">{{ $page->unit->show($stack->fit->lockringEngagement) }}</span>, {{ number_format($stack->fit->lockringTurns(), 1) }} turns.
                        Plate bolts: @if ($stack->fit->boltLength)<span class="figures">{{ $stack->fit->boltLength }} mm</span>, {{ $page->unit->show($stack->fit->boltEngagement) }} engaged.@else none of the trade’s lengths suits.@endif
                        Right crank stands <span class="figures">{{ $page->unit->show(abs($stack->fit->crankAsymmetry)) }}</span> {{ $stack->fit->crankAsymmetry >= 0 ? 'further out' : 'further in' }} than the left.
                    </p>
                </section>
            @endif
        @endif
    @endif
</x-job>
