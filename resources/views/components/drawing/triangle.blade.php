@props(['view', 'page'])
@php($name = $view->name())
@php($range = $page->trial()->range())
@php($step = $view->step())
<svg class="drawing triangle" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The triangle inside the tubes to scale with {{ $page->trial()->pack->name }} in it, front to the right">
    <polygon class="tube-edge" points="{{ $view->inside() }}" fill="none" stroke="#14202b" stroke-width="{{ $view->tubeWidth() + 3 }}" stroke-linejoin="round" />
    <polygon class="tube" points="{{ $view->inside() }}" fill="none" stroke="#8494a0" stroke-width="{{ $view->tubeWidth() }}" stroke-linejoin="round" />
    <polygon class="triangle-inside" points="{{ $view->inside() }}" fill="#fafcfb" stroke="#14202b" stroke-width="1.5" />
    <g @if ($range && $page->mayChoose()) class="pack-slides" tabindex="0" role="slider" aria-label="{{ $page->trial()->pack->name }}, along the tube" aria-valuemin="{{ round($range->from) }}" aria-valuemax="{{ round($range->to) }}" aria-valuenow="{{ round($view->at()) }}" aria-valuetext="{{ $page->unit->showCoarse($view->at()) }} from the front"
        data-at="{{ $view->at() }}" data-from="{{ $range->from }}" data-to="{{ $range->to }}" data-right="{{ $step[0] }}" data-down="{{ $step[1] }}" @endif>
        <polygon class="pack-air" points="{{ $view->air() }}" fill="none" stroke="#4a5964" stroke-dasharray="5 4" />
        <polygon class="part part-pack {{ $view->fit->misfit ? 'misfit' : '' }}" points="{{ $view->pack() }}" fill="#cdd6da" stroke="#14202b" stroke-width="2" />
        <text x="{{ $name['x'] }}" y="{{ $name['y'] }}" font-size="16" text-anchor="middle" dominant-baseline="middle" transform="rotate({{ $name['turn'] }} {{ $name['x'] }} {{ $name['y'] }})">{{ $page->trial()->pack->name }}</text>
    </g>
    @foreach ($view->sides() as $side)
        <text class="halo" x="{{ $side['x'] }}" y="{{ $side['y'] }}" font-size="15" text-anchor="{{ $side['end'] }}">{{ $side['words'] }} {{ $page->unit->showCoarse($view->length($side['words'])) }}</text>
    @endforeach
</svg>
