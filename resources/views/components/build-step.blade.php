@props(['page', 'step'])
@php
    $record = $page->record($step->code);
    $isTyped = old('step') === $step->code;
    $asItWas = $page->asItWas($step);
    $torqued = $page->torqued();
@endphp
<section class="panel step-now" aria-labelledby="step-title" data-hand tabindex="-1">
    <div class="step-picture">
        <div>
            <h2 id="step-title"><span class="figures">{{ $page->numberOf($step->code) }}</span> {{ $step->title }}</h2>
            <p>@words($step->how)</p>
            @if ($step->caution)<p class="caution">{{ $step->caution }}</p>@endif
            @if ($step->house)<p class="house-note mb-1"><strong>House rule.</strong> {{ $step->house }}</p>@endif
            @foreach ($page->experience($step->code) as $said)<p class="told experience mb-1">{{ $said }}</p>@endforeach
            <dl class="facts">
                @if ($page->torques->band($step))<dt>Torque</dt><dd><strong>{{ $page->torques->band($step) }}</strong></dd>@endif
                @if ($page->torques->limit($step))<dt>Thread bears</dt><dd>{{ $page->torques->limit($step) }}</dd>@endif
                @if ($step->compound)<dt>Compound</dt><dd>{{ $step->compound->label() }}</dd>@endif
                @if ($step->stands)<dt>The bike</dt><dd>{{ $step->stands }}</dd>@endif
                @if ($step->turn)<dt>Stand on</dt><dd>{{ $step->turn->side->value === 'drive' ? 'the drive side' : 'the left side' }}; {{ $step->turn->hand->value }}-hand thread</dd>@endif
                @if ($step->tool)<dt>Tool</dt><dd>{{ $step->tool }}</dd>@endif
                @if ($step->look)<dt>Look</dt><dd>@words($step->look)</dd>@endif
                @if ($asItWas)<dt>As it was</dt><dd>{{ $asItWas }}</dd>@endif
                @if ($step->closesOff)<dt>Out of reach afterwards</dt><dd>{{ $step->closesOff }}</dd>@endif
            </dl>
        </div>
        @if ($page->turnOf($step))
            <div>
                <x-posture :kind="$page->job->bike->kind" :now="$page->posture" :to="fn (string $value) => route('job.build', [$page->job, 'step' => $step->code, 'posture' => $value])" />
                <x-drawing.turn :view="$page->turnOf($step)" />
            </div>
        @endif
    </div>
    @if ($page->isDone($step->code))
        <form method="post" action="{{ route('job.build.step', $page->job) }}">
            @csrf @formkey<input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}">
            <span class="done-line">✓ {{ $record->user->firstName() }}, {{ $record->recorded_at->format('j M H:i') }}@if ($record->torque_nm !== null): {{ $page->torqueUnit->show($record->torque_nm) }}@elseif ($record->by_hand): by hand @endif</span>
            @if (in_array($page->torques->place($step, $record), ['below', 'above'], true))
                <span class="fault">{{ ucfirst($page->torques->place($step, $record)) }} the maker’s band</span>
            @endif
            @if ($record->note)<span class="soft">{{ $record->note }}</span>@endif
            <button class="btn-link-quiet" name="state" value="undone">Undo</button>
        </form>
    @else
        @if ($page->isHeldBack($step->code))<p class="told mb-1" id="held">{{ $page->heldBackBy($step->code) }} <a id="put-right" href="{{ $page->putRight($step)->address }}" data-key="n">{{ $page->putRight($step)->does }} <kbd aria-hidden="true">n</kbd></a></p>@endif
        @if ($page->passable($step))
            <details class="mb-2" @error('because') open @enderror>
                <summary id="pass">Go on all the same</summary>
                <form method="post" action="{{ route('job.build.pass', $page->job) }}" novalidate>
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="hold" value="{{ $page->passable($step) }}">
                    <label class="form-label" for="because">I answer for it, because</label>
                    <input class="form-control" id="because" name="because" maxlength="@most(REASON_BESIDE)" value="{{ old('because') }}" @error('because') aria-invalid="true" @enderror>
                    <x-fault for="because" />
                    <p class="form-hint mb-1">It counts for what holds the step now, and for nothing that comes later. Name and reason stay on the hand-over sheet.</p>
                    <button class="btn btn-plain" id="pass-it">Pass it</button>
                </form>
            </details>
        @elseif ($page->passed($step))
            <p class="house-note mb-1">Gone on with by {{ $page->passed($step)->user->name }}, {{ $page->passed($step)->made_at->format('j M H:i') }}: “{{ $page->passed($step)->reason }}”</p>
        @endif
        @if ($page->reopenedFor($step->code))<p class="told mb-1" id="reopened">Done by {{ $record->user->firstName() }}, {{ $record->recorded_at->format('j M H:i') }}@if ($record->torque_nm !== null) with {{ $page->torqueUnit->show($record->torque_nm) }}@endif, and open again. {{ $page->reopenedFor($step->code) }}</p>@endif
        @if ($page->isStopped($step->code))<p class="told mb-1">Failed its check, says {{ $record->user->firstName() }}: {{ $record->note }}</p>@endif
        <form method="post" action="{{ route('job.build.step', $page->job) }}" novalidate>
            @csrf @formkey<input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}">
            @if ($page->isHeldBack($step->code))
                <details @if ($isTyped) open @endif>
                    <summary>Something is wrong with it</summary>
                    <label class="form-label" for="note">What was seen</label>
                    <textarea class="form-control" id="note" name="note" rows="2" maxlength="@most(NOTE)" @error('note') aria-invalid="true" @enderror>{{ $isTyped ? old('note') : $record?->note }}</textarea>
                    <x-fault for="note" />
                    @if ($isTyped && old('torque'))<p class="form-hint mb-0">You typed {{ old('torque') }}: it is not kept while the step has to wait.</p>@endif
                    <button class="btn btn-plain mt-1" name="state" value="stopped">Fails its check</button>
                </details>
                <x-fault for="state" />
            @else
                <x-in-one-go :$page :step="$step->code" words="In the same movement" />
                @if ($step->fastener !== null && $step->band === null)<x-band-asked :$page :$step :$isTyped />@endif
                <div class="record">
                    @if ($torqued !== null)
                        <div>
                            <label class="form-label" for="torque">Torque given, {{ $page->torqueUnit->value }} @if ($torqued->band) <span class="soft" id="torque-band">{{ $page->torques->band($torqued) }}</span>@endif</label>
                            <input class="form-control big-figure" id="torque" name="torque" value="{{ $isTyped ? old('torque') : '' }}" inputmode="decimal" autocomplete="off" @error('torque') aria-invalid="true" aria-describedby="torque-fault" @enderror>
                            <x-fault for="torque" id="torque-fault" />
                        </div>
                    @endif
                    @if ($step->compound)
                        <div>
                            <label class="form-label" for="compound">Compound used</label>
                            <select class="form-select" id="compound" name="compound">
                                @foreach ($page->compounds() as $compound)
                                    <option value="{{ $compound->value }}" @selected(($isTyped ? old('compound') : $step->compound->value) === $compound->value)>{{ $compound->label() }}</option>
                                @endforeach
                            </select>
                        </div>
                    @endif
                    <div>
                        <label class="form-label" for="note">{{ $torqued === null ? 'Note' : 'Note, or the reason' }}</label>
                        <input class="form-control" id="note" name="note" maxlength="@most(NOTE)" value="{{ $isTyped ? old('note') : $record?->note }}" @error('note') aria-invalid="true" @enderror>
                        <x-fault for="note" />
                    </div>
                </div>
                @if ($torqued === null)<x-fault for="torque" />@endif
                <x-fault for="state" />
                @error('sure')<input type="hidden" name="sure" value="{{ old('torque') }}">@enderror
                <div class="choice-row mt-3">
                    <button class="btn btn-primary btn-lg" name="state" value="done" data-key="d">@error('sure')Keep it as typed @else Done{{ $page->inOneGo() === [] ? '' : ', all of it' }} @enderror</button>
                    @if ($torqued?->band !== null && $page->isWrenchPlugged())<button class="btn btn-plain" id="from-wrench" name="state" value="done" formaction="{{ route('job.build.wrench', $page->job) }}" data-key="w">Done, torque from the wrench <kbd aria-hidden="true">w</kbd></button>@endif
                    <button class="btn btn-plain" name="state" value="stopped">Fails its check</button>
                    @if ($torqued !== null)<label class="pick"><input type="checkbox" name="by_hand" value="1" @checked($isTyped && old('by_hand'))> By hand, without a wrench: the reason goes into the note</label>@endif
                </div>
            @endif
        </form>
    @endif
    @php($typed = $step->fastener === null ? null : $page->job->bands->firstWhere('fastener', $step->fastener))
    @if ($typed !== null && ! $page->isDone($step->code))<x-band-again :$page :$step :$typed />@endif
    <x-pictures :page="$page" :of="App\Models\PictureOf::Build" :code="$step->code" />
</section>
