@props(['page'])
@php($boom = $page->opened->findings->mm(NeatSpindle\Core\Survey\Spot::BoomDiameter))
<p class="mb-0">
    @if ($boom === null)
        <a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'boom_diameter']) }}">Measure the boom’s diameter</a>
    @elseif ($page->boomClamp())
        <strong>Boom of {{ $page->unit->show($boom) }}:</strong>
        clamp of {{ $page->unit->show($page->boomClamp()->bore) }}{{ $page->boomClamp()->shim > 0 ? ', with a shim of '.$page->unit->show($page->boomClamp()->shim).' all round' : ', no shim' }}.
    @else
        <strong>Thicker than any clamp:</strong> one has to be made.
    @endif
</p>
