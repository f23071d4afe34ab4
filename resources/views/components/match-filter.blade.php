@props(['page'])
<form class="filter-line" method="get" action="{{ route('job.match', $page->job) }}" aria-label="Filter">
    <label>Mount <x-select name="mount" any="any" :options="$page->filter->mounts()" :chosen="$page->filter->asked('mount')" /></label>
    <label>Class, to check <x-select name="law" any="any" :options="NeatSpindle\Core\Choosing\Fit\LawExample::cases()" :chosen="$page->filter->asked('law')" /></label>
    <label>At least <input class="form-control" name="least_w" size="5" inputmode="numeric" value="{{ $page->filter->asked('least_w') }}" placeholder="W"></label>
    @if ($page->voltages() !== [])
        <label>Voltage <x-select name="voltage" any="any" :options="array_combine($page->voltages(), $page->voltages())" :chosen="$page->filter->asked('voltage')" /></label>
    @endif
    <label class="pick"><input type="checkbox" name="drawer" value="1" @checked($page->filter->asked('drawer') !== '')> drawer suffices</label>
    <button class="btn btn-plain">Filter</button>
    @if ($page->filter->all() !== [])
        <a class="btn-link-quiet" href="{{ route('job.match', $page->job) }}">Show all</a>
    @endif
</form>
