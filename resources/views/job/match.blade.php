<x-job :page="$page">
    @if ($page->sheet->worksheet === null)
        <x-not-yet :page="$page" />
    @else
        @php($shell = $page->sheet->identification())
        <section class="panel" aria-labelledby="match-title">
            <div class="title-line">
                <h2 id="match-title">Motors against this bike, with ring {{ $page->sheet->worksheet->job->kit->ring->code }}@if ($page->job->kit?->ring_id === null) <span class="soft">(none chosen yet; the first of the catalogue stands in)</span>@endif</h2>
                <a class="btn btn-plain" href="#ring-title">Change ring</a>
            </div>
            @if ($shell?->identified === null)
                <p class="caution">The shell is not identified: no motor can be promised. @if ($shell?->next)<a href="{{ route('job.survey', $page->job) }}">Next: {{ $shell->next->label() }}</a>. It is {{ implode(', ', array_slice(array_map(fn ($one) => $one->value, $shell->candidates), 0, -1)) }} or {{ $shell->candidates[count($shell->candidates) - 1]->value }}; that reading tells them apart best, and every answer here waits for it.@endif</p>
            @endif
            @if ($page->sheet->findings->isWidthEarly())
                <p class="caution">The shell is not bare yet: its width is {{ $page->unit->showMeasurement($page->sheet->findings->shellWidth()) }}, told from the cups. Answers marked “may turn” can change once it is measured bare.</p>
            @endif
            <form class="filter-line" method="get" action="{{ route('job.match', $page->job) }}" aria-label="Filter">
                <label>Mount <select class="form-select" name="mount"><option value="">any</option>@foreach ([NeatSpindle\Core\Catalogue\Mount::Sleeve, NeatSpindle\Core\Catalogue\Mount::Yoke] as $mount)<option value="{{ $mount->value }}" @selected($page->asked('mount') === $mount->value)>{{ $mount->label() }}</option>@endforeach</select></label>
                <label>Class, to check <select class="form-select" name="law"><option value="">any</option>@foreach (NeatSpindle\Core\Fit\LawExample::cases() as $law)<option value="{{ $law->value }}" @selected($page->asked('law') === $law->value)>{{ $law->label() }}</option>@endforeach</select></label>
                <label>At least <input class="form-control" name="least_w" size="5" inputmode="numeric" value="{{ $page->asked('least_w') }}" placeholder="W"></label>
                @if ($page->voltages() !== [])<label>Voltage <select class="form-select" name="voltage"><option value="">any</option>@foreach ($page->voltages() as $volts)<option @selected($page->asked('voltage') === $volts)>{{ $volts }}</option>@endforeach</select></label>@endif
                <label class="pick"><input type="checkbox" name="drawer" value="1" @checked($page->asked('drawer') !== '')> drawer suffices</label>
                <button class="btn btn-plain">Filter</button>
                @if ($page->isFiltered())<a class="btn-link-quiet" href="{{ route('job.match', $page->job) }}">Show all</a>@endif
            </form>
            @if (count($page->compared()) === 2)
                <x-compare :page="$page" />
            @endif
            @if ($page->rows() === [])
                <p class="empty">@if ($page->isFiltered())No motor passes this filter. <a href="{{ route('job.match', $page->job) }}">Show all</a>@else The catalogue has no motor. <a href="{{ route('catalogue') }}">Import some</a>@endif</p>
            @else
                <form id="compare" method="get" action="{{ route('job.match', $page->job) }}">
                    @foreach (['mount', 'law', 'least_w', 'voltage', 'drawer'] as $key)@if ($page->asked($key) !== '')<input type="hidden" name="{{ $key }}" value="{{ $page->asked($key) }}">@endif @endforeach
                </form>
                <div class="scroll-x"><table class="ledger match">
                    <thead><tr><th>Motor</th><th>Answer</th><th>What limits it, and what would help</th><th class="n">Line off by</th><th class="n">Power</th><th>Two side by side</th><th><span class="visually-hidden">Choose</span></th></tr></thead>
                    @foreach (NeatSpindle\Core\Fit\Standing::cases() as $standing)
                        @continue($page->standing($standing) === [])
                        <tbody>
                            <tr class="chapter"><th colspan="7" scope="rowgroup">{{ $standing->label() }} <span class="soft">{{ count($page->standing($standing)) }}</span></th></tr>
                            @foreach ($page->standing($standing) as $row)
                                @php($motor = $page->motor($row))
                                @php($prospect = $page->prospect($row))
                                <tr class="{{ $page->isChosen($motor) ? 'chosen' : '' }}" data-motor="{{ $row->motor->code }}">
                                    <td><strong>{{ $row->motor->name }}</strong><br><span class="soft">{{ $row->motor->mount()->label() }}@if ($row->insert), insert {{ $row->insert->code }}@endif</span></td>
                                    <td>@if ($row->stack === null && $page->mayTurn($row))<x-verdict words="Open" />@else<x-verdict :of="$row->verdict()" />@endif @if ($page->mayTurn($row))<br><span class="may-turn">may turn</span>@endif</td>
                                    <td>{{ $page->obstacle($row) ?? 'Nothing stands in the way.' }}
                                        @if ($page->needsInsert($row)) <a href="{{ route('job.adapter', [$page->job, $motor]) }}">What an insert would have to be</a>@endif
                                        @if ($page->toBuy($row))<br><strong>To make it go:</strong> {{ $page->toBuy($row) }}.@endif
                                        @if ($prospect->mayTurn)<br><strong>One reading decides:</strong> {{ $page->settledBy($row) }}.@endif
                                        @if ($row->motor->mount()->value === 'sleeve' && $row->stack !== null && $prospect->standing->value !== 'goes') <a href="{{ route('job.sleeve', [$page->job, $motor]) }}">A sleeve made to measure</a>@endif
                                    </td>
                                    <td class="n">{{ $page->offset($row) ?? '–' }}</td>
                                    <td class="n">{{ (int) $row->motor->continuousW }} W{{ $page->voltage($motor) === null ? '' : ', '.$page->voltage($motor).' V' }}<br>{{ $page->torqueUnit->show($row->motor->maxTorqueNm) }}</td>
                                    <td><label class="pick slim"><input type="checkbox" form="compare" name="compare[]" value="{{ $row->motor->code }}" @checked($page->isCompared($row))><span class="visually-hidden">{{ $row->motor->name }}</span></label></td>
                                    <td>
                                        @if ($page->isChosen($motor))
                                            <strong>Chosen</strong>
                                        @elseif ($page->mayChoose())
                                            <x-choose-motor :page="$page" :motor="$motor" :insert="$page->insert($row)" :first="$loop->first && $loop->parent->first" />
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    @endforeach
                </table></div>
                <div class="tool-line mt-2"><button class="btn btn-plain" form="compare" id="compare-button">Set two side by side</button></div>
            @endif
            @if ($page->twinPlates()->isNotEmpty())
                <h3 class="h6 mt-3">Twin-plate motors: measured on the bike with their plates hung, so no list can judge them</h3>
                <ul class="plain-list">@foreach ($page->twinPlates() as $motor)<li class="twin-line"><strong>{{ $motor->name }}</strong> <span class="soft">{{ (int) $motor->continuous_w }} W, {{ $page->torqueUnit->show($motor->max_torque_nm) }}. The shell keeps its own spindle and cups.</span> @if ($page->isChosen($motor))<strong>Chosen</strong> <a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'ring_to_plate']) }}">Measure with the plates</a>@elseif ($page->mayChoose())<x-choose-motor :page="$page" :motor="$motor" :insert="null" :first="false" />@endif</li>@endforeach</ul>
            @endif
            <x-fault for="motor_id" />
            @unless ($page->mayChoose())<p class="form-hint mt-2">Choosing a motor is for installers and the owner.</p>@endunless
            <p class="form-hint mt-2 mb-0">The frame’s, the brakes’ and the wheels’ makers did not design them for a motor’s speed and mass. Classes of power are examples: limits of power and speed are local law, and are checked before a promise is made.</p>
        </section>
        <section class="not-on-paper panel mt-3" aria-labelledby="ring-title">
            <h2 id="ring-title">Ring</h2>
            <x-ring-picker :page="$page" :rings="$page->sheet->catalogue->rings" />
        </section>
    @endif
</x-job>
