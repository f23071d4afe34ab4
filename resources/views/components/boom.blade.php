@props(['page'])
@php($boom = $page->opened->findings->mm(NeatSpindle\Core\Measuring\Survey\Spot::BoomDiameter))
<p class="mb-0">
    @if ($boom === null)
        <a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'boom_diameter']) }}">Measure the boom’s diameter</a>
    @else
        <strong>Boom of {{ $page->unit->show($boom) }}.</strong> {{ $page->boomClamp()->words() }}
    @endif
</p>
