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
                    <div><label class="form-label" for="ended-because">because</label><input class="form-control" id="ended-because" name="ended_because" maxlength="@most(REASON)" value="{{ old('ended_because') }}"><x-fault for="ended_because" /></div>
                    <div class="align-self-end"><button class="btn btn-plain" id="end-job">End it</button></div>
                </div>
            </form>
        @endcan
    @endif
    <x-fault for="ended_as" />
    @can('erase', $page->job)
        <p class="mt-2 mb-0"><a class="btn-link-quiet d-inline-flex align-items-center" href="{{ route('job.forget', $page->job) }}">The customer wants to be forgotten</a></p>
    @endcan
    <x-fault for="erase" />
</section>
