@php
    $step = $page->current();
    $record = $page->record($step->code);
    $isTyped = old('step') === $step->code;
@endphp
<x-job :page="$page">
    <div class="work-steps">
        <section aria-labelledby="plan-title">
            <h2 class="panel-title" id="plan-title">{{ $page->plan->fitted->label() }} <span class="soft">{{ $page->doneCount() }} of {{ $page->count() }} done</span></h2>
            @unless ($page->isFittedKnown())
                <p class="caution mb-2">Nobody has said what is fitted: the commonest is assumed. <a href="{{ route('job.survey', [$page->job, 'spot' => 'crank_kind']) }}">Say what it is</a></p>
            @endunless
            @foreach ($page->opened->the(App\Bench\FittingOut::class)->cockpit->objections() as $objection)
                <p class="caution mb-2">{{ $objection }} <a href="{{ route('job.cockpit', $page->job) }}">Cockpit</a></p>
            @endforeach
            <x-look-first :$page />
            @if ($page->isAllDone())<p class="mb-2"><a class="btn btn-primary" id="next-place" href="{{ $page->next()[0] }}" data-key="n">All off. {{ $page->next()[1] }} <kbd aria-hidden="true">n</kbd></a></p>@endif
            @if ($page->unsaid() !== [] && ! $page->isAllDone())
                <p class="form-hint mb-1">Not said yet, so taken as most bikes have it: @foreach ($page->unsaid() as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">{{ lcfirst($spot->label()) }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>
            @endif
            <p class="form-hint mb-1">Left cup first: it has the ordinary thread and shows how tight things are. What says <em>floor</em> is cracked loose with the wheels on the floor.</p>
            <ol class="step-list">
                @foreach ($page->plan->steps as $one)
                    <li>
                        <a href="{{ route('job.strip', [$page->job, 'step' => $one->code, 'posture' => $page->posture->value]) }}" @if($one->code === $step->code) aria-current="step" @endif>
                            <span class="number">{{ $loop->iteration }}</span> <span>{{ $one->title }}@if ($one->onTheFloor) <span class="soft">floor</span>@endif</span>
                            @if ($page->isDone($one->code))<span class="done-line">✓ done</span>@elseif ($page->isStopped($one->code))<span class="stopped">✕ stuck</span>@endif
                        </a>
                    </li>
                @endforeach
            </ol>
        </section>
        <div class="work-wide">
            <section class="panel step-now" aria-labelledby="step-title" data-hand tabindex="-1">
                <div class="step-picture">
                    <div>
                        <h2 id="step-title"><span class="figures">{{ $page->numberOf($step->code) }}</span> {{ $step->title }}</h2>
                        <p>@words($step->how)</p>
                        @if ($step->caution)<p class="caution">{{ $step->caution }}</p>@endif
                        <dl class="facts">
                            @if ($step->turn)
                                <dt>Stand on</dt><dd>{{ $step->turn->side->value === 'drive' ? 'the drive side' : 'the left side' }}</dd>
                                <dt>Thread</dt><dd>{{ $step->turn->hand->value }}-hand</dd>
                            @endif
                            @if ($step->tool)<dt>Tool</dt><dd>{{ $step->tool }}</dd>@endif
                            @if ($step->onTheFloor)<dt>Bike</dt><dd>wheels on the floor for this one</dd>@endif
                            @if ($step->keep)<dt>Keep</dt><dd>{{ $step->keep }}</dd>@endif
                            @if ($step->look)<dt>Look</dt><dd>@words($step->look)</dd>@endif
                        </dl>
                    </div>
                    @if ($page->turn())
                        <div>
                            <x-posture :kind="$page->job->bike->kind" :now="$page->posture" :to="fn (string $value) => route('job.strip', [$page->job, 'step' => $step->code, 'posture' => $value])" />
                            <x-drawing.turn :view="$page->turn()" />
                        </div>
                    @endif
                </div>
                @if ($page->isStopped($step->code))<p class="told mb-1">Stopped by {{ $record->user->firstName() }}: {{ $record->note }}</p>@endif
                <form method="post" action="{{ route('job.strip.step', $page->job) }}" novalidate>
                    @csrf @formkey
                    <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}"><input type="hidden" name="posture" value="{{ $page->posture->value }}">
                    @if ($page->isDone($step->code))
                        <span class="done-line">✓ {{ $record->user->firstName() }}, {{ $record->recorded_at->format('j M H:i') }}@if ($record->lies_in); lies in {{ $record->lies_in }}@endif</span>
                        @if ($record->note)<span class="soft">{{ $record->note }}</span>@endif
                        <button class="btn-link-quiet" name="state" value="undone">Undo</button>
                    @else
                        <x-in-one-go :$page :step="$step->code" words="In the same movement" />
                        <div class="record mb-2">
                            @if ($step->notesBolts)
                                <div><label class="form-label" for="bolts">Its bolts: how long each is, and where it goes</label><input class="form-control" id="bolts" name="note" maxlength="@most(NOTE)" value="{{ $isTyped ? old('note') : $record?->note }}" @error('note') aria-invalid="true" aria-describedby="bolts-fault" @enderror><x-fault for="note" id="bolts-fault" /></div>
                            @endif
                            @if ($step->tellsTheWay)
                                <fieldset>
                                    <legend class="form-label">It came out, facing it</legend>
                                    <div class="choice-row">
                                        @foreach (NeatSpindle\Core\Ground\Turn\Rotation::cases() as $way)
                                            <label class="d-flex gap-2 align-items-center py-2"><input class="form-check-input m-0" type="radio" name="turned" value="{{ $way->value }}" @checked($isTyped && old('turned') === $way->value)> {{ $way->value }}</label>
                                        @endforeach
                                    </div>
                                    <x-fault for="turned" />
                                </fieldset>
                            @endif
                            @if ($page->isKept())
                                <div><label class="form-label" for="lies-in">Where it lies</label><input class="form-control" id="lies-in" name="lies_in" maxlength="@most(NAME)" value="{{ $isTyped ? old('lies_in') : '' }}" list="places"></div>
                            @endif
                        </div>
                        <button class="btn btn-primary btn-lg" name="state" value="done" data-key="d">Done: {{ $step->title }}{{ $page->inOneGo() === [] ? '' : ', and what goes with it' }}</button>
                    @endif
                </form>
                <datalist id="places">@foreach ($page->placesUsed() as $place)<option value="{{ $place }}"></option>@endforeach</datalist>
                @unless ($page->isDone($step->code))
                    <details @if(($errors->has('note') && ! $step->notesBolts) || $page->isStopped($step->code)) open @endif>
                        <summary class="btn-link-quiet d-inline-flex align-items-center mt-2">It is stuck</summary>
                        <p class="mb-1">In this order, and no further than the last:</p>
                        <ol>@foreach (NeatSpindle\Core\Measuring\Strip\StripPlan::LADDER as $rung)<li>{{ $rung }}</li>@endforeach</ol>
                        <form method="post" action="{{ route('job.strip.step', $page->job) }}">
                            @csrf @formkey
                            <input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}"><input type="hidden" name="posture" value="{{ $page->posture->value }}">
                            <label class="form-label" for="note">What was tried</label>
                            <textarea class="form-control" id="note" name="note" rows="2" maxlength="@most(NOTE)">{{ $isTyped ? old('note') : $record?->note }}</textarea>
                            <x-fault for="note" />
                            <button class="btn btn-plain mt-1" name="state" value="stopped">Stop here</button>
                        </form>
                    </details>
                @endunless
                <x-pictures :page="$page" :of="App\Models\PictureOf::Strip" :code="$step->code" />
            </section>
            <x-tools :tools="$page->plan->tools()" />
            @if ($page->cameOff() !== [])
                <details class="tools">
                    <summary class="btn-link-quiet d-inline-flex align-items-center">What came off, and where it lies: {{ count($page->cameOff()) }}</summary>
                    <ul class="mb-0">@foreach ($page->cameOff() as $off)<li>{{ $off['what'] }}: <strong>{{ $off['lies_in'] ?? 'nobody has said where' }}</strong>@if ($off['note']) <span class="soft">{{ $off['note'] }}</span>@endif</li>@endforeach</ul>
                </details>
            @endif
        </div>
    </div>
    <x-around :page="$page" />
</x-job>
