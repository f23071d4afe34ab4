@props(['page'])
<section class="panel mt-3 not-on-paper" aria-labelledby="ends-title">
    <h2 id="ends-title">Otherwise</h2>
    @if ($page->job->ended_at)
        <p><strong>{{ $page->job->ended_as->label() }}</strong>, {{ $page->job->ended_at->format('j M Y') }}: “{{ $page->job->ended_because }}”</p>
        @can('takeUpAgain', $page->job)
            <form method="post" action="{{ route('job.take-up', $page->job) }}">@csrf @formkey @method('DELETE')<button class="btn btn-plain" id="take-up">Take it up again</button></form>
        @endcan
    @elseif (! $page->job->handed_over_at)
        @can('end', $page->job)
            <form method="post" action="{{ route('job.end', $page->job) }}" novalidate>
                @csrf @formkey
                <div class="record">
                    <div><label class="form-label" for="ended-as">This job ends: it is</label><x-select id="ended-as" name="ended_as" :options="App\Models\JobEnd::cases()" :chosen="old('ended_as')" /><x-fault for="ended_as" /></div>
                    <div><label class="form-label" for="ended-because">because</label><input class="form-control" id="ended-because" name="ended_because" maxlength="500" value="{{ old('ended_because') }}"><x-fault for="ended_because" /></div>
                    <div class="align-self-end"><button class="btn btn-plain" id="end-job">End it</button></div>
                </div>
            </form>
        @endcan
    @endif
    <x-fault for="ended_as" />
    @can('erase', $page->job)
        <details class="mt-2">
            <summary class="btn-link-quiet d-inline-flex align-items-center">The customer wants to be forgotten</summary>
            <p class="mb-1">Name and telephone go, wherever they stand, in all jobs of this customer; addresses of the sheet open nothing any more. What was measured, built and found stays. It cannot be taken back.</p>
            <form method="post" action="{{ route('job.erase', $page->job) }}">@csrf @formkey @method('DELETE')<button class="btn btn-plain" id="erase">Erase the name for good</button></form>
        </details>
    @endcan
    <x-fault for="erase" />
</section>
