<x-job :page="$page">
    @if ($page->adapter() === null)
        <section class="panel empty">
            <p><strong>No insert can be drawn for {{ $page->motor->name }} yet.</strong></p>
            <p>Its sleeve needs a wall of at least 1.5 mm around it inside this bore; or the bore is not measured.</p>
            <a class="btn btn-primary" href="{{ route('job.survey', [$page->job, 'spot' => 'shell_bore']) }}">Measure the bore</a>
        </section>
    @else
        <section class="panel picture" aria-labelledby="adapter-title">
            <h2 id="adapter-title">Insert for {{ $page->motor->name }}, made to measure: two of these, job {{ $page->job->number }}</h2>
            <x-drawing.adapter :view="$page->drawing()" :unit="$page->unit" />
            <p class="mb-1">All in {{ $page->unit->words() }}. Aluminium, edges broken 0.3 mm, faces square to the bore. Outer diameter is {{ $page->unit->show(NeatSpindle\Core\Sums\Adapter\InsertToMeasure::PRESS) }} over the bore as measured, ± {{ $page->unit->show($page->adapter()->boreDoubt) }}: measure again before turning.</p>
            <p class="caution">On a carbon frame nothing is pressed in without its maker’s word.</p>
            <p class="mb-0 not-on-paper"><a href="{{ route('job.adapter.svg', [$page->job, $page->motor]) }}" hx-boost="false">Save as SVG</a> · <a href="{{ route('job.match', $page->job) }}">Back to Match</a></p>
        </section>
    @endif
</x-job>
