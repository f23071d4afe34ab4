@props(['page'])
<h3 class="h6 mt-3">Twin-plate motors: measured on the bike with their plates hung, so no list can judge them</h3>
<ul class="plain-list">
    @foreach ($page->twinPlates() as $motor)
        <li class="twin-line">
            <strong>{{ $motor->name }}</strong>
            <span class="soft">{{ (int) $motor->part->continuousW }} W, {{ $page->torqueUnit->show($motor->part->maxTorqueNm) }}. It hangs beside the shell: the frame’s own spindle and cups can stay.</span>
            @if ($page->isChosen($motor))
                <strong>Chosen</strong>
                <a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'ring_to_plate']) }}">Measure with the plates</a>
            @elseif ($page->mayChoose())
                <x-choose-motor :page="$page" :motor="$motor" :insert="null" :first="false" :ring="$page->rings()->any()" />
            @endif
        </li>
    @endforeach
</ul>
