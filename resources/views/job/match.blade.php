<x-job :page="$page">
    @if ($page->sheet->worksheet === null)
        <x-not-yet :page="$page" what="Match" />
    @else
        <section class="panel" aria-labelledby="match-title">
            <h2 id="match-title">Sleeve motors against this bike, with ring {{ $page->sheet->worksheet->job->kit->ring->code }}@if ($page->job->kit?->ring_id === null) <span class="soft">(no ring chosen yet; the first of the catalogue stands in)</span>@endif</h2>
            @if ($page->sheet->identification()?->identified === null)
                <p class="caution">The shell is not identified: no motor can be promised. {{ $page->sheet->identification()?->next ? 'Next: '.$page->sheet->identification()->next->label().'.' : '' }}</p>
            @endif
            @if ($page->sheet->findings->isWidthEarly())
                <p class="caution">The shell is not bare yet: its width is {{ $page->unit->showMeasurement($page->sheet->findings->shellWidth()) }}, told from the cups. What is tight here may turn clear or fail once it is measured bare.</p>
            @endif
            @if ($page->rows() === [])
                <p class="empty">The catalogue has no sleeve motor. <a href="{{ route('catalogue') }}">Import some</a></p>
            @else
                <div class="scroll-x"><table class="ledger">
                    <thead><tr><th>Motor</th><th>Goes in</th><th>What stands in the way</th><th class="n">Line off by</th><th class="n">Power</th><th><span class="visually-hidden">Choose</span></th></tr></thead>
                    <tbody>
                        @foreach ($page->rows() as $row)
                            <tr class="{{ $page->isChosen($row) ? 'chosen' : '' }}">
                                <td><strong>{{ $row->motor->name }}</strong>@if ($row->insert)<br><span class="soft">with insert {{ $row->insert->code }}</span>@endif</td>
                                <td><x-verdict :of="$row->verdict()" /></td>
                                <td>{{ $page->obstacle($row) ?? 'Nothing' }}@if ($page->needsInsert($row)) <a href="{{ route('job.adapter', [$page->job, $page->motor($row)]) }}">What an insert would have to be</a>@endif</td>
                                <td class="n">{{ $page->offset($row) ?? '–' }}</td>
                                <td class="n">{{ (int) $row->motor->continuousW }} W<br>{{ $page->torqueUnit->show($row->motor->maxTorqueNm) }}</td>
                                <td>
                                    @if ($page->isChosen($row))
                                        <strong>Chosen</strong>
                                    @elseif ($page->mayChoose())
                                        <form method="post" action="{{ route('job.motor', $page->job) }}">
                                            @csrf @method('PUT')
                                            <input type="hidden" name="version" value="{{ $page->job->version }}">
                                            <input type="hidden" name="insert_id" value="{{ $page->insert($row)?->id }}">
                                            <button class="btn {{ $loop->first ? 'btn-primary' : 'btn-plain' }}" name="motor_id" value="{{ $page->motor($row)->id }}" aria-label="Choose {{ $row->motor->name }}">Choose</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <x-fault for="motor_id" />
                @unless ($page->mayChoose())<p class="form-hint mt-2">Choosing a motor is for installers and the owner.</p>@endunless
            @endif
            <p class="form-hint mt-2 mb-0">The frame’s, the brakes’ and the wheels’ makers did not design them for a motor’s speed and mass. Limits of power and speed are local law: check them before a promise is made.</p>
        </section>
        <section class="panel mt-3" aria-labelledby="ring-title">
            <h2 id="ring-title">Ring</h2>
            <x-ring-picker :page="$page" :rings="$page->sheet->catalogue->rings" />
        </section>
    @endif
</x-job>
