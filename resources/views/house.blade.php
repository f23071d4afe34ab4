@php($typed = NeatSpindle\Core\Ground\House\School::tryFrom((string) old('school'))?->question())
<x-layout title="House rules">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>House rules</h1></div>
        <div class="work">
            <section class="panel" aria-labelledby="rules-title">
                <h2 id="rules-title">Where good installers differ</h2>
                @foreach (NeatSpindle\Core\Ground\House\Question::cases() as $question)
                    @php($answer = $page->answer($question))
                    <x-house-question :question="$question" :follows="$page->house->school($question)" :effect="$page->effect(...)" :action="route('house.choose', array_filter(['job' => $page->beside()?->number]))"
                        :seen="$answer->id ?? 0" :may="$page->mayChoose()" :is-open="$typed === $question">
                        @if ($answer)
                            <p class="form-hint mb-0">{{ $answer->user->name }}, {{ $answer->made_at->format('j M Y') }}: “{{ $answer->why }}”</p>
                            @foreach ($page->earlier($question) as $was)<p class="form-hint mb-0">Before: {{ lcfirst($was->school->label()) }}, {{ $was->user->name }}, {{ $was->made_at->format('j M Y') }}: “{{ $was->why }}”</p>@endforeach
                        @else
                            <p class="form-hint mb-0">Default. {{ $question->why() }}</p>
                        @endif
                    </x-house-question>
                @endforeach
            </section>
            <aside class="panel" aria-labelledby="beside-title">
                <h2 id="beside-title">What an answer changes</h2>
                @if ($page->beside())
                    <p>Under <em>Otherwise</em> stands what would read differently on the sheets of one bike.</p>
                    <form method="get" action="{{ route('house') }}">
                        <label class="form-label" for="job">Looked at on</label>
                        <select class="form-select" id="job" name="job">
                            @foreach ($page->jobs() as $job)<option value="{{ $job->number }}" @selected($job->is($page->beside()))>{{ $job->number }} {{ $job->bike->label }}</option>@endforeach
                        </select>
                        <button class="btn btn-plain mt-2">Look at this one</button>
                    </form>
                @else
                    <p>Once a job has motor and ring, it is shown here what an answer changes on its sheet.</p>
                @endif
                <p class="form-hint mt-3 mb-0">A job keeps the rules it was started with, and says when they have changed since. @unless ($page->mayChoose()) The rules are the owner’s to choose. @endunless</p>
                <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('house.csv') }}" hx-boost="false">Save as CSV</a></p>
            </aside>
        </div>
    </main>
</x-layout>
