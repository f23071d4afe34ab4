<x-job :page="$page">
    <div class="bench-head">
        <h2 class="h5 m-0 flex-grow-1">Strip: square-taper cranks, threaded bottom bracket
            <span class="soft">{{ $page->doneCount() }} of {{ count($page->plan->steps) }} done</span></h2>
        <div class="posture" role="group" aria-label="How the bike stands">
            <a class="btn {{ $page->posture->value === 'upright' ? 'btn-primary' : 'btn-plain' }}" href="{{ route('job.strip', $page->job) }}" @if($page->posture->value === 'upright') aria-current="true" @endif>Upright</a>
            <a class="btn {{ $page->posture->value === 'inverted' ? 'btn-primary' : 'btn-plain' }}" href="{{ route('job.strip', [$page->job, 'posture' => 'inverted']) }}" @if($page->posture->value === 'inverted') aria-current="true" @endif>Upside down</a>
        </div>
    </div>
    @foreach ($page->plan->steps as $step)
        @php($record = $page->records[$step->code] ?? null)
        <article id="step-{{ $step->code }}" class="step {{ $page->isDone($step) ? 'is-done' : '' }} {{ $page->isStopped($step) ? 'is-stopped' : '' }} {{ $page->current()?->code === $step->code ? 'is-now' : '' }}">
            <span class="number">{{ $loop->iteration }}</span>
            <div>
                <h3>{{ $step->title }}</h3>
                <p>{{ $step->how }}</p>
                @if ($step->caution)<p class="caution">{{ $step->caution }}</p>@endif
                <p class="facts">
                    @if ($step->turn) Stand on the {{ $step->turn->side->value === 'drive' ? 'drive side' : 'left side' }}; {{ $step->turn->hand->value }}-hand thread. @endif
                    @if ($step->tool) Tool: {{ $step->tool }}. @endif
                    @if ($step->onTheFloor) Wheels on the floor for this one. @endif
                    @if ($step->keep) Keep: {{ $step->keep }}. @endif
                    @if ($step->look) Look: {{ $step->look }}. @endif
                </p>
                @if ($page->isDone($step))
                    <form method="post" action="{{ route('job.strip.step', $page->job) }}">
                        @csrf
                        <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="posture" value="{{ $page->posture->value }}">
                        <span class="done-line">✓ Done</span>
                        <button class="btn-link-quiet" name="state" value="undone">Undo</button>
                    </form>
                @else
                    @if ($page->isStopped($step))<p class="told mb-1">Stopped: {{ $record->note }}</p>@endif
                    <form method="post" action="{{ route('job.strip.step', $page->job) }}">
                        @csrf
                        <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="posture" value="{{ $page->posture->value }}">
                        <button class="btn {{ $page->current()?->code === $step->code ? 'btn-primary' : 'btn-plain' }}" name="state" value="done">Done</button>
                    </form>
                    <details>
                        <summary class="btn-link-quiet d-inline-flex align-items-center">It is stuck</summary>
                        <ol>@foreach (NeatSpindle\Core\Strip\StripPlan::LADDER as $rung)<li>{{ $rung }}</li>@endforeach</ol>
                        <form method="post" action="{{ route('job.strip.step', $page->job) }}">
                            @csrf
                            <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="posture" value="{{ $page->posture->value }}">
                            <label class="form-label" for="note-{{ $step->code }}">What was tried</label>
                            <textarea class="form-control" id="note-{{ $step->code }}" name="note" rows="2" maxlength="500">{{ old('step') === $step->code ? old('note') : $record?->note }}</textarea>
                            @if (old('step') === $step->code)<x-fault for="note" />@endif
                            <button class="btn btn-plain mt-1" name="state" value="stopped">Stop here</button>
                        </form>
                    </details>
                @endif
            </div>
            @if ($page->turnOf($step))<x-drawing.turn :view="$page->turnOf($step)" />@endif
        </article>
    @endforeach
</x-job>
