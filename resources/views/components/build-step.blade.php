@props(['page', 'step', 'number'])
@php
    $record = $page->record($step);
    $isNow = $page->current()?->code === $step->code;
    $heldBy = $page->heldBackBy($step);
    $isTyped = old('step') === $step->code;
@endphp
<article id="step-{{ $step->code }}" class="step {{ $page->isDone($step) ? 'is-done' : '' }} {{ $record?->state === 'stopped' ? 'is-stopped' : '' }} {{ $isNow ? 'is-now' : '' }}">
    <span class="number">{{ $number }}</span>
    <div>
        <h4 class="h6 m-0">{{ $step->title }}</h4>
        <p>{{ $step->how }}</p>
        @if ($step->caution)<p class="caution">{{ $step->caution }}</p>@endif
        <p class="facts">
            @if ($step->tool) Tool: {{ $step->tool }}. @endif
            @if ($page->band($step)) Torque: <strong>{{ $page->band($step) }}</strong>. @endif
            @if ($step->compound) Compound: {{ $step->compound->label() }}. @endif
            @if ($step->look) Look: {{ $step->look }}. @endif
            @if ($step->closesOff) Out of reach afterwards: {{ $step->closesOff }}. @endif
        </p>
        @if ($page->isDone($step))
            <form method="post" action="{{ route('job.build.step', $page->job) }}">
                @csrf<input type="hidden" name="step" value="{{ $step->code }}">
                <span class="done-line">✓ {{ $record->user->firstName() }}, {{ $record->recorded_at->format('j M H:i') }}@if ($record->torque_nm !== null): {{ $page->torqueUnit->show($record->torque_nm) }}@endif</span>
                @if (in_array($page->torquePlace($step), ['below', 'above'], true))
                    <span class="fault">{{ ucfirst($page->torquePlace($step)) }} the maker’s band</span>
                @endif
                @if ($record->note)<span class="soft">{{ $record->note }}</span>@endif
                <button class="btn-link-quiet" name="state" value="undone">Undo</button>
            </form>
        @elseif ($heldBy !== null)
            <p class="told m-0">Waits for “{{ $heldBy }}”, which failed its check.</p>
        @else
            @if ($record?->state === 'stopped')<p class="told mb-1">Stopped by {{ $record->user->firstName() }}: {{ $record->note }}</p>@endif
            <form class="record" method="post" action="{{ route('job.build.step', $page->job) }}">
                @csrf<input type="hidden" name="step" value="{{ $step->code }}">
                @if ($step->recordsTorque)
                    <div>
                        <label class="form-label" for="torque-{{ $step->code }}">Torque given, {{ $page->torqueUnit->value }}</label>
                        <input class="form-control" id="torque-{{ $step->code }}" name="torque" value="{{ $isTyped ? old('torque') : '' }}" inputmode="decimal">
                        @if ($isTyped)<x-fault for="torque" />@endif
                    </div>
                @endif
                @if ($step->compound)
                    <div>
                        <label class="form-label" for="compound-{{ $step->code }}">Compound used</label>
                        <select class="form-select" id="compound-{{ $step->code }}" name="compound">
                            @foreach ($page->compounds() as $compound)
                                <option value="{{ $compound->value }}" @selected(($isTyped ? old('compound') : $step->compound->value) === $compound->value)>{{ $compound->label() }}</option>
                            @endforeach
                        </select>
                    </div>
                @endif
                <div>
                    <label class="form-label" for="note-{{ $step->code }}">Note</label>
                    <input class="form-control" id="note-{{ $step->code }}" name="note" maxlength="500" value="{{ $isTyped ? old('note') : $record?->note }}">
                    @if ($isTyped)<x-fault for="note" />@endif
                </div>
                <div class="choice-row">
                    <button class="btn {{ $isNow ? 'btn-primary' : 'btn-plain' }}" name="state" value="done">Done</button>
                    <button class="btn-link-quiet" name="state" value="stopped">Fails its check</button>
                </div>
            </form>
        @endif
    </div>
    @if ($page->turnOf($step))<x-drawing.turn :view="$page->turnOf($step)" />@endif
</article>
