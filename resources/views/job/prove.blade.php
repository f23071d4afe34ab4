@php($check = $page->current())
@php($record = $page->record($check->code))
@php($held = $page->heldBackBy($check->code))
@php($isTyped = old('step') === $check->code)
<x-job :page="$page">
    <x-prove-tabs :page="$page" at="prove" />
    <div class="work-steps">
        <section aria-labelledby="checks-title">
            <h2 class="panel-title" id="checks-title">Prove <span class="soft">{{ $page->doneCount() }} of {{ $page->count() }} right</span></h2>
            <ol class="step-list">
                @foreach ($page->chapters() as $chapter => $checks)
                    <li class="chapter">{{ $chapter }}</li>
                    @foreach ($checks as $one)
                        <li>
                            <a href="{{ route('job.prove', [$page->job, 'step' => $one->code]) }}" @if($one->code === $check->code) aria-current="step" @endif>
                                <span class="number">{{ $page->numberOf($one->code) }}</span> <span>{{ $one->title }}</span>
                                @if ($page->isDone($one->code))<span class="done-line">✓ {{ $page->record($one->code)->figure === null ? 'right' : $page->record($one->code)->figure.' '.$one->figure?->unit }}</span>
                                @elseif ($page->isStopped($one->code))<span class="stopped">✕ miss</span>
                                @elseif ($page->reopenedFor($one->code))<span class="waiting-step">again</span>
                                @elseif ($page->isHeldBack($one->code))<span class="waiting-step">waits</span>@endif
                            </a>
                        </li>
                    @endforeach
                @endforeach
            </ol>
        </section>
        <div class="work-wide">
            <section class="panel step-now" aria-labelledby="check-title" data-hand tabindex="-1">
                <h2 id="check-title"><span class="figures">{{ $page->numberOf($check->code) }}</span> {{ $check->title }}</h2>
                <p>@words($check->how)</p>
                @if ($check->caution)<p class="caution">{{ $check->caution }}</p>@endif
                <dl class="facts"><dt>Expected</dt><dd><strong>{{ $check->expects }}</strong></dd>@if ($check->figure)<dt>Figure</dt><dd>{{ $check->figure->band() }}</dd>@endif</dl>
                @if ($page->isDone($check->code))
                    <form method="post" action="{{ route('job.prove.check', $page->job) }}">
                        @csrf @formkey<input type="hidden" name="step" value="{{ $check->code }}"><input type="hidden" name="seen" value="{{ $record->id }}">
                        <span class="done-line">✓ {{ $record->user->firstName() }}, {{ $record->recorded_at->format('j M H:i') }}@if ($record->figure !== null): {{ $record->figure }} {{ $check->figure?->unit }}@endif</span>
                        @if ($record->note)<span class="soft">{{ $record->note }}</span>@endif
                        @unless ($page->job->handed_over_at)<button class="btn-link-quiet" name="state" value="undone">Undo</button>@endunless
                    </form>
                @else
                    @if ($held)<p class="told mb-1" id="held">{{ $held }} <a id="put-right" href="{{ $page->putRight($check)->address }}" data-key="n">{{ $page->putRight($check)->does }} <kbd aria-hidden="true">n</kbd></a></p>@endif
                    @if ($page->reopenedFor($check->code))<p class="told mb-1" id="reopened">Right on {{ $record->recorded_at->format('j M H:i') }}, says {{ $record->user->firstName() }}, and open again. {{ $page->reopenedFor($check->code) }}</p>@endif
                    @if ($page->isStopped($check->code))
                        <p class="told mb-1">A miss, says {{ $record->user->firstName() }}: {{ $record->note }}</p>
                        <h3>What may be behind it, the quickest to look at first</h3>
                        <ol class="causes">
                            @foreach ($check->causes as $cause)
                                <li>{{ $cause->words }}@if ($page->cure($cause)) <a href="{{ route('job.build', [$page->job, 'step' => $page->cure($cause)]) }}">to the step that cures it</a>@endif</li>
                            @endforeach
                        </ol>
                        <p class="form-hint mb-1">Once it is cured, make the check again.</p>
                    @endif
                    @unless ($held)
                        @if ($page->isOnTheLine($check))
                            <div class="live" id="live" hx-get="{{ route('job.prove.live', [$page->job, 'step' => $check->code]) }}" hx-trigger="load, every 1s" hx-sync="this:drop" hx-swap="innerHTML" aria-live="off">
                                <p class="soft m-0">Listening to the motor’s line …</p>
                            </div>
                            @if ($page->isSimulated())<p class="form-hint mb-2">The line is simulated: <a href="{{ route('instruments') }}">play it</a>.</p>@endif
                        @endif
                        <form method="post" action="{{ route('job.prove.check', $page->job) }}" novalidate>
                            @csrf @formkey<input type="hidden" name="step" value="{{ $check->code }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}">
                            <x-in-one-go :$page :step="$check->code" words="Looked at in the same go" />
                            <div class="record">
                                @if ($check->figure)
                                    <div><label class="form-label" for="figure">Read, {{ $check->figure->unit }}</label>
                                        <input class="form-control big-figure" id="figure" name="figure" inputmode="decimal" autocomplete="off" value="{{ $isTyped ? old('figure') : '' }}" @error('figure') aria-invalid="true" @enderror><x-fault for="figure" /></div>
                                @endif
                                <div><label class="form-label" for="note">Note, or what was seen</label><input class="form-control" id="note" name="note" maxlength="@most(NOTE)" value="{{ $isTyped ? old('note') : '' }}" @error('note') aria-invalid="true" @enderror><x-fault for="note" /></div>
                            </div>
                            <x-fault for="state" />
                            @if ($isTyped)<x-fault for="line" />@endif
                            <div class="choice-row mt-3">
                                <button class="btn {{ $page->isOnTheLine($check) ? 'btn-plain' : 'btn-primary btn-lg' }}" name="state" value="done" data-key="d">As expected{{ $page->inOneGo() === [] ? '' : ', all of it' }}</button>
                                @if ($page->isOnTheLine($check))<button class="btn btn-primary btn-lg" id="from-line" formaction="{{ route('job.prove.line', $page->job) }}" data-key="l">Take it from the line <kbd aria-hidden="true">l</kbd></button>@endif
                                <button class="btn btn-plain" name="state" value="stopped">A miss</button>
                            </div>
                        </form>
                    @endunless
                @endif
                <x-pictures :page="$page" :of="App\Models\PictureOf::Check" :code="$check->code" />
            </section>
        </div>
    </div>
</x-job>
