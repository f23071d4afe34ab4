<x-job :page="$page">
    @if ($page->sleeve() === null)
        <section class="panel empty">
            <p><strong>No sleeve can be drawn for {{ $page->motor->name }} yet.</strong></p>
            <p>Its length follows from a stack whose places are filled, in a shell that is identified.</p>
            <a class="btn btn-primary" href="{{ route('job.match', $page->job) }}">Back to Match</a>
        </section>
    @else
        <section class="panel picture" aria-labelledby="sleeve-title">
            <h2 id="sleeve-title">Sleeve for {{ $page->motor->name }}, made to measure: job {{ $page->job->number }}</h2>
            <x-drawing.sleeve :view="$page->drawing()" :unit="$page->unit" />
            <p class="mb-1">All in {{ $page->unit->words() }}. {{ $page->unit->show(abs($page->sleeve()->difference())) }} {{ $page->sleeve()->difference() >= 0 ? 'longer' : 'shorter' }} than its own. Good for a shell whose width turns out {{ $page->unit->show($page->sleeve()->doubt) }} more or less than read.</p>
            <p class="caution">The sleeve carries the motor: it is turned by somebody who does that for a living, in the metal of the one it replaces, and the motor’s maker is asked first.</p>
            <p class="caution">The spindle grows with it. Pressed over to a longer one it leaves the bench as well: before it goes, note on this sheet how far each bearing stands from the shoulder, left and right, and which way its seals face; they go back on those marks.</p>
            <p class="mb-1">Bearing left: ________ {{ $page->unit->value }} &nbsp; Bearing right: ________ {{ $page->unit->value }} &nbsp; Longer by at least {{ $page->unit->show(max(0.0, $page->sleeve()->difference())) }}</p>
            <p class="mb-0 not-on-paper"><a href="{{ route('job.sleeve.svg', [$page->job, $page->motor]) }}" hx-boost="false">Save as SVG</a> · <a href="{{ route('job.match', $page->job) }}">Back to Match</a></p>
        </section>
    @endif
</x-job>
