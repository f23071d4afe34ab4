<x-job :page="$page">
    @if (! $page->canMatch())
        <x-not-yet :page="$page" />
    @else
        <section class="panel" aria-labelledby="match-title">
            <div class="title-line">
                <h2 id="match-title">
                    Motors against this bike, with ring {{ $page->ring()->label() }}
                    @if ($page->job->kit?->ring_id === null)
                        <span class="soft">(none chosen yet; the first of the catalogue stands in)</span>
                    @endif
                </h2>
                <a class="btn btn-plain" href="{{ route('logbook', ['like' => $page->job->id]) }}">Frames like this one</a>
                <a class="btn btn-plain" href="#ring-title">Change ring</a>
            </div>
            @if ($page->opened->findings->fitted()->bracketStays())
                <p class="caution">Spindle and cups stay, as Survey says. Only a motor that hangs beside them goes on so; any other needs the bare shell first.</p>
            @elseif ($page->shell()->identification())
                <p class="caution">
                    The shell is not identified: no motor can be promised.
                    @if ($page->shell()->identification()->next)
                        <a href="{{ route('job.survey', $page->job) }}">Next: {{ $page->shell()->identification()->next->label() }}</a>.
                        It is {{ $page->shell()->left() }}; that reading tells them apart best, and every answer here waits for it.
                    @endif
                </p>
            @endif
            @if ($page->opened->findings->isWidthEarly())
                <p class="caution">
                    The shell is not bare yet: its width is {{ $page->unit->showMeasurement($page->opened->findings->shellWidth()) }}, told from the cups.
                    Answers marked “may turn” can change once it is measured bare.
                </p>
            @endif
            @if ($page->head() !== null)
                <p class="next-line"><strong>{{ $page->opened->motor()->name }}</strong> with ring <strong>{{ $page->ring()->label() }}</strong> @verdict($page->verdict())
                    <a class="btn {{ $page->verdict()?->value === 'fails' ? 'btn-plain' : 'btn-primary' }}" id="next-place" href="{{ route('job.stack', $page->job) }}" data-key="n">{{ $page->verdict()?->value === 'fails' ? 'See what fails' : 'Next: the stack' }} <kbd aria-hidden="true">n</kbd></a> <a class="btn btn-plain" href="{{ route('job.box', $page->job) }}">What is in the box</a></p>
            @elseif ($page->opened->missingForTheMount() !== [])
                <p class="next-line"><strong>{{ $page->opened->motor()->name }}</strong> <a class="btn btn-primary" id="next-place" href="{{ route('job.survey', $page->job) }}" data-key="n">Next: measure with the plates <kbd aria-hidden="true">n</kbd></a></p>
            @endif
            <x-match-filter :page="$page" />
            @if (count($page->compared()) === 2)
                <x-compare :page="$page" />
            @endif
            @if ($page->rows() === [])
                <p class="empty">
                    @if ($page->filter->all() !== [])
                        No motor passes this filter. <a href="{{ route('job.match', $page->job) }}">Show all</a>
                    @else
                        The catalogue has no motor. <a href="{{ route('catalogue') }}">Import some</a>
                    @endif
                </p>
            @else
                <form id="compare" method="get" action="{{ route('job.match', $page->job) }}">
                    @foreach ($page->filter->all() as $key => $value)
                        <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                    @endforeach
                </form>
                <div class="scroll-x"><table class="ledger match">
                    <thead>
                        <tr>
                            <th>Motor</th><th>Answer</th><th>What limits it, and what would help</th><th class="n" title="Off the cogs as they are ridden, on average">Off the cogs ridden</th><th class="n">Power</th>
                            <th class="not-on-paper">Two side by side</th><th><span class="visually-hidden">Choose</span></th>
                        </tr>
                    </thead>
                    @foreach (NeatSpindle\Core\Choosing\Fit\Standing::cases() as $standing)
                        @continue($page->standings()->all($standing) === [])
                        <tbody>
                            <tr class="chapter">
                                <th colspan="7" scope="rowgroup">{{ $standing->label() }} <span class="soft">{{ count($page->standings()->all($standing)) }}</span></th>
                            </tr>
                            @foreach ($page->standings()->shown($standing) as $row)
                                <x-match-row :page="$page" :row="$row" :first="$loop->first && $loop->parent->first && $page->head() === null" />
                            @endforeach
                            @if ($page->standings()->next($standing) !== null || $page->filter->from($standing) > 0)
                                <tr class="not-on-paper"><td colspan="7">
                                    {{ $page->filter->from($standing) + 1 }} to {{ $page->filter->from($standing) + count($page->standings()->shown($standing)) }} of {{ count($page->standings()->all($standing)) }}.
                                    @if ($page->filter->from($standing) > 0)<a class="btn-link-quiet" href="{{ route('job.match', [$page->job, ...$page->filter->all()]) }}">From the first</a>@endif
                                    @if ($page->standings()->next($standing) !== null)<a class="btn-link-quiet" href="{{ route('job.match', [$page->job, ...$page->filter->all(), $standing->value => $page->standings()->next($standing)]) }}">Show the next</a>@endif
                                </td></tr>
                            @endif
                        </tbody>
                    @endforeach
                </table></div>
                <div class="tool-line mt-2"><button class="btn btn-plain" form="compare" id="compare-button">Set two side by side</button></div>
            @endif
            @if ($page->twinPlates() !== [])
                <x-twin-plates :page="$page" />
            @endif
            <x-fault for="motor_id" />
            @unless ($page->mayChoose())
                <p class="form-hint mt-2">Choosing a motor is for installers and the owner.</p>
            @endunless
            <p class="form-hint mt-2 mb-0">
                The frame’s, the brakes’ and the wheels’ makers did not design them for a motor’s speed and mass.
                Classes of power are examples: limits of power and speed are local law, and are checked before a promise is made.
            </p>
        </section>
        <div class="mt-3"><x-like-jobs :page="$page" at="match" /></div>
        <section class="not-on-paper panel mt-3" aria-labelledby="ring-title">
            <h2 id="ring-title">Ring</h2>
            <x-ring-picker :page="$page" :rings="$page->opened->catalogue->parts->rings" />
        </section>
    @endif
</x-job>
