@php
    $subject = $page->subject;
    $isTyped = old('subject') === $subject->value;
@endphp
<x-job :page="$page">
    <div class="work-steps">
        <section aria-labelledby="condition-title">
            <h2 class="panel-title" id="condition-title">Condition <span class="soft">{{ $page->lookedAt() }} of {{ count($page->subjects()) }} looked at</span></h2>
            @if (count($page->unseen()) > 1)
                <form class="mt-2" method="post" action="{{ route('job.condition.rest', $page->job) }}">
                    @csrf @formkey @method('PUT')
                    @foreach ($page->unseen() as $one)<input type="hidden" name="subjects[]" value="{{ $one->value }}">@endforeach
                    <button class="btn btn-plain" id="rest-fine" data-key="a">I have looked at the other {{ count($page->unseen()) }}: fine <kbd aria-hidden="true">a</kbd></button>
                </form>
                <x-fault for="subjects" />
            @endif
            <p class="mt-2"><a class="btn {{ $page->unseen() === [] ? 'btn-primary' : 'btn-plain' }}" id="next-place" href="{{ $page->next()[0] }}" data-key="n">{{ $page->next()[1] }} <kbd aria-hidden="true">n</kbd></a></p>
            <ol class="step-list">
                @foreach ($page->subjects() as $one)
                    @php($there = $page->at($one))
                    <li>
                        <a href="{{ route('job.condition', [$page->job, 'subject' => $one->value]) }}" @if($one === $subject) aria-current="step" @endif>
                            <span class="number">{{ $loop->iteration }}</span> <span>{{ $one->label() }}</span>
                            @if ($there)@verdict($there->severity->mark(), $there->severity->label())@endif
                        </a>
                    </li>
                @endforeach
            </ol>
        </section>
        <section class="panel step-now" aria-labelledby="subject-title" data-hand tabindex="-1">
            <h2 id="subject-title">{{ $subject->label() }}</h2>
            <p>@words($subject->look())</p>
            @if ($page->brakes())<x-brakes-estimate :page="$page" :brakes="$page->brakes()" />@endif
            @foreach ($page->all($subject) as $found)
                <p>@verdict($found->severity->mark(), $found->severity->label())
                    <span class="soft">{{ $found->user->firstName() }}, {{ $found->found_at->format('j M H:i') }}.</span>
                    @if ($found->remedy) {{ $found->remedy->label() }}@if ($found->declined_by): {{ $found->declined_by }}@endif. @endif
                    {{ $found->note }}</p>
                @if ($found->lifted_at)<p class="kept">Stop lifted by {{ $found->liftedBy?->firstName() }}, {{ $found->lifted_at->format('j M H:i') }}: {{ $found->lifted_because }}</p>@endif
                @if ($found->isStop() && $page->mayChoose())
                    @php($isLifting = (int) old('stop') === $found->id)
                    <form method="post" action="{{ route('job.condition.lift', [$page->job, $found]) }}" novalidate>
                        @csrf @formkey @method('PUT')
                        <input type="hidden" name="stop" value="{{ $found->id }}">
                        <label class="form-label" for="reason-{{ $found->id }}">Why the stop no longer holds</label>
                        <textarea class="form-control" id="reason-{{ $found->id }}" name="reason" rows="2" maxlength="@most(REASON)" @if($isLifting) @error('reason') aria-invalid="true" @enderror @endif>{{ $isLifting ? old('reason') : '' }}</textarea>
                        @if ($isLifting)<x-fault for="reason" />@endif
                        <button class="btn btn-primary mt-2">Lift the stop</button>
                    </form>
                @elseif ($found->isStop())
                    <p class="told">The job is stopped for this. An installer or the owner can lift it.</p>
                @endif
            @endforeach
            @if ($page->at($subject)?->isStop())<p class="form-hint mb-0">Until the stop is lifted only another stop can be noted beside it.</p>@endif
            <form class="mt-3" method="post" action="{{ route('job.condition.store', $page->job) }}" novalidate>
                @csrf @formkey
                <input type="hidden" name="subject" value="{{ $subject->value }}"><input type="hidden" name="seen" value="{{ $page->all($subject)->max('id') ?? 0 }}">
                <fieldset class="mb-2">
                    <legend class="form-label fs-6">How it is</legend>
                    <div class="choice-row">
                        @foreach (NeatSpindle\Core\Measuring\Survey\Severity::cases() as $severity)
                            <label class="pick" for="severity-{{ $severity->value }}"><input class="form-check-input m-0" type="radio" id="severity-{{ $severity->value }}" name="severity" value="{{ $severity->value }}" @checked($isTyped && old('severity') === $severity->value)> {{ $severity->label() }}</label>
                        @endforeach
                    </div>
                    <x-fault for="severity" />
                </fieldset>
                <fieldset class="mb-2">
                    <legend class="form-label fs-6">What is done about it</legend>
                    <div class="choice-row">
                        @foreach (NeatSpindle\Core\Measuring\Survey\Remedy::cases() as $remedy)
                            <label class="pick" for="remedy-{{ $remedy->value }}"><input class="form-check-input m-0" type="radio" id="remedy-{{ $remedy->value }}" name="remedy" value="{{ $remedy->value }}" @checked($isTyped && old('remedy') === $remedy->value)> {{ $remedy->label() }}</label>
                        @endforeach
                    </div>
                    <x-fault for="remedy" />
                </fieldset>
                <div class="record">
                    <div>
                        <label class="form-label" for="declined_by">Who declined</label>
                        <input class="form-control" id="declined_by" name="declined_by" maxlength="@most(NAME)" value="{{ $isTyped ? old('declined_by') : '' }}" @error('declined_by') aria-invalid="true" @enderror>
                        <x-fault for="declined_by" />
                    </div>
                    <div>
                        <label class="form-label" for="note">Note</label>
                        <input class="form-control" id="note" name="note" maxlength="@most(NOTE)" value="{{ $isTyped ? old('note') : '' }}" @error('note') aria-invalid="true" @enderror>
                        <x-fault for="note" />
                    </div>
                </div>
                <button class="btn btn-primary mt-3">Keep</button>
            </form>
            <x-pictures :page="$page" :of="App\Models\PictureOf::Condition" :code="$subject->value" />
        </section>
    </div>
</x-job>
