<x-layout :title="'Sheet for paper · '.$page->job->number">
    <main id="main">
        <p class="not-on-paper text-center mt-2">This is how it prints: A4, black and white. <a href="{{ route('job.build', $page->job) }}">Back to the bench</a></p>
        @if ($page->build === null)
            <x-not-yet :page="$page" />
        @else
            <div class="sheet-paper" data-bs-theme="light">
                <h1>Build sheet {{ $page->job->number }}: {{ $page->job->bike->label }}</h1>
                <p>{{ $page->job->customer_name }} · {{ $page->opened->worksheet()->job->kit->motor->name }} · ring {{ $page->opened->worksheet()->job->kit->ring->label() }} · printed {{ now()->format('j M Y H:i') }} · stack <strong>{{ $page->verdict()?->value }}</strong></p>
                <div class="label bike-label"><div class="label-code" data-qr="{{ route('job.build', $page->job) }}"></div><div><strong>{{ $page->job->number }}</strong>{{ $page->job->bike->label }}<span class="d-block">{{ $page->job->customer_name }}</span></div></div>
                <x-drawing.section :view="$page->section()" />
                <p class="caution">Battery out before hands go near chain or motor. Torque figures are the part maker’s. A carbon frame’s maker decides, not we.</p>
                <p><strong>Tools:</strong> {{ implode(' · ', $page->tools()) }}</p>
                @foreach ($page->chapters() as $chapter => $steps)
                    <h2>{{ $chapter }}</h2>
                    <table>
                        <colgroup><col class="col-number"><col><col class="col-turn"><col class="col-given"><col class="col-done"></colgroup>
                        <thead><tr><th>No.</th><th>Step</th><th>Turn, torque, compound</th><th>Given</th><th>Done</th></tr></thead>
                        <tbody>
                            @foreach ($steps as $step)
                                @php($record = $page->record($step->code))
                                <tr data-step="{{ $step->code }}">
                                    <td>{{ $page->numberOf($step->code) }}</td>
                                    <td><strong>{{ $step->title }}.</strong> {{ $step->how }} @if ($step->house)House rule: {{ $step->house }} @endif @if ($step->look)Look: {{ $step->look }}.@endif @if ($step->closesOff)Out of reach afterwards: {{ $step->closesOff }}.@endif @if ($step->caution)<strong>Caution. {{ $step->caution }}</strong>@endif</td>
                                    <td>@if ($page->turnOf($step)){{ $page->turnOf($step)->words() }}, {{ $step->turn->side->value === 'drive' ? 'drive side' : 'left side' }}. @endif @if ($page->torques->band($step))Torque {{ $page->torques->band($step) }}. @endif @if ($step->compound){{ $step->compound->label() }}.@endif</td>
                                    <td>@if ($record?->torque_nm !== null){{ $page->torqueUnit->show($record->torque_nm) }}@elseif ($record?->by_hand) by hand @endif {{ $record?->note }}</td>
                                    <td class="tick">{{ $page->isDone($step->code) ? '☒' : '☐' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endforeach
                <p class="mt-3">Built by <span class="by-hand">&nbsp;</span> Date <span class="by-hand">&nbsp;</span></p>
                <p>Come back after the first 50 km or two weeks: nut, plate bolts, cranks, ring bolts, ties, chain.</p>
            </div>
        @endif
    </main>
</x-layout>
