{{-- What a carbon frame forbids, before anything comes off; and the way out where its maker says no. --}}
@props(['page'])
<section class="panel caution mt-3" id="carbon" aria-labelledby="carbon-title">
    <h2 id="carbon-title">This frame is carbon</h2>
    <div class="work-halves">
        <div><h3 class="h6">Never</h3><ul class="mb-1">@foreach (NeatSpindle\Core\Measuring\Survey\CarbonFrame::NEVER as $line)<li>{{ $line }}</li>@endforeach</ul></div>
        <div><h3 class="h6">Its maker decides, not we</h3><ul class="mb-1">@foreach (NeatSpindle\Core\Measuring\Survey\CarbonFrame::MAKER_DECIDES as $line)<li>{{ $line }}</li>@endforeach</ul></div>
    </div>
    <p class="mb-1">Ask before anything comes off, and write the answer down under <a href="{{ route('job.condition', [$page->job, 'subject' => 'carbon']) }}">Condition</a>.</p>
    @can('end', $page->job)
        <details>
            <summary>The maker says no</summary>
            <form class="mt-1" method="post" action="{{ route('job.end', $page->job) }}" novalidate>
                @csrf @formkey<input type="hidden" name="ended_as" value="given-up">
                <label class="form-label" for="carbon-because">It ends because</label>
                <input class="form-control" id="carbon-because" name="ended_because" maxlength="@most(REASON)" value="{{ old('ended_because', NeatSpindle\Core\Measuring\Survey\CarbonFrame::ENDS) }}"><x-fault for="ended_because" />
                <button class="btn btn-plain mt-1" id="carbon-ends">End this job</button>
            </form>
        </details>
    @endcan
</section>
