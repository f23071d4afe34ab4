@props(['page'])
<section class="panel empty">
    @if (! $page->opened->catalogue->suffices())
        <p><strong>First a catalogue.</strong></p>
        <p>There is no sleeve motor or no ring in it yet.</p>
        <a class="btn btn-primary" href="{{ route('catalogue') }}">Read a catalogue in</a>
    @elseif ($page->missing() !== [])
        <p><strong>First a few readings.</strong></p>
        <p>Still to measure: {{ implode(', ', $page->missing()) }}.</p>
        <a class="btn btn-primary" href="{{ route('job.survey', $page->job) }}">Go on measuring</a>
    @elseif (! $page->opened->isKitChosen())
        <p><strong>First a motor and a ring.</strong></p>
        <a class="btn btn-primary" href="{{ route('job.match', $page->job) }}">Choose them in Match</a>
    @else
        <p><strong>First a stack that holds together.</strong></p>
        <a class="btn btn-primary" href="{{ route('job.stack', $page->job) }}">See what the stack lacks</a>
    @endif
</section>
