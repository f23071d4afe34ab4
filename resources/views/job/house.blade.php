@php($typed = NeatSpindle\Core\Ground\House\School::tryFrom((string) old('school'))?->question())
<x-job :page="$page">
    <p class="m-0"><a href="{{ route('job.build', $page->job) }}">Back to the build sheet</a></p>
    <div class="work">
        <section class="panel" aria-labelledby="rules-title">
            <h2 id="rules-title">House rules of this job</h2>
            <p>As they stood when it began, on {{ $page->job->created_at?->format('j M Y') }}. To go about one otherwise is a decision: name and reason stay on the hand-over sheet.</p>
            @foreach (NeatSpindle\Core\Ground\House\Question::cases() as $question)
                @php($decision = $page->decision($question))
                @php($now = $page->nowInTheHouse($question))
                <x-house-question :question="$question" :follows="$page->house->school($question)" :effect="$page->effect(...)" :action="route('job.house.depart', $page->job)"
                    :seen="$page->job->version" :may="$page->mayChoose()" :is-open="$typed === $question" keep="Decide for this job">
                    @if ($decision)<p class="form-hint mb-0">Decided for this job: {{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}: “{{ $decision->reason }}”</p>@endif
                    @if ($now)<p class="told mb-0">The house has changed this since: {{ lcfirst($now->school->label()) }}, {{ $now->user->name }}, {{ $now->made_at->format('j M Y') }}: “{{ $now->why }}” This job keeps its own.</p>@endif
                </x-house-question>
            @endforeach
        </section>
        <section class="panel" aria-labelledby="insist-title">
            <h2 id="insist-title">What the customer insists on</h2>
            <p class="mb-1">{{ $page->house->school(NeatSpindle\Core\Ground\House\Question::Insistence)->label() }}: {{ lcfirst($page->house->school(NeatSpindle\Core\Ground\House\Question::Insistence)->says()) }}</p>
            @foreach ($page->insisted() as $decision)
                <p class="form-hint mb-1">{{ App\Bench\JobHouse::says($decision) }}: “{{ $decision->reason }}” {{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}</p>
            @endforeach
            @if ($page->mayChoose() && ! $page->house->follows(NeatSpindle\Core\Ground\House\School::InsistenceRefused))
                <form method="post" action="{{ route('job.house.insist', $page->job) }}" novalidate>
                    @csrf @formkey
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <label class="form-label" for="what">About</label>
                    <select class="form-select" id="what" name="what">@foreach (App\Bench\JobHouse::INSISTED as $value => $label)<option value="{{ $value }}" @selected(old('what') === $value)>{{ ucfirst($label) }}</option>@endforeach</select>
                    <x-fault for="what" />
                    <label class="form-label mt-2" for="reason">What is wished, and what was advised</label>
                    <input class="form-control" id="reason" name="reason" maxlength="@most(REASON_SIGNED)" value="{{ old('reason') }}">
                    <x-fault for="reason" />
                    <label class="form-label mt-2" for="signed_by">Signed by</label>
                    <input class="form-control" id="signed_by" name="signed_by" maxlength="@most(SIGNATURE)" value="{{ old('signed_by') }}">
                    <x-fault for="signed_by" />
                    <button class="btn btn-plain mt-2" id="insist">Keep on record</button>
                </form>
            @endif
        </section>
    </div>
</x-job>
