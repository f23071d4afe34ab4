@props(['view'])
@php($shape = $view->shape)
<g>
    <line class="ground" x1="0" y1="{{ $view->groundY() }}" x2="{{ $view->width }}" y2="{{ $view->groundY() }}" stroke="#4a5964" stroke-width="1.2" />
    @foreach ($shape->wheels as $wheel)
        <g class="{{ $wheel->isBeyond ? 'beyond' : '' }}">
            <circle class="tyre" cx="{{ $view->x($wheel->axle) }}" cy="{{ $view->y($wheel->axle) }}" r="{{ $view->length($wheel->rim()) }}" fill="none" stroke="#a9b3b0" stroke-width="{{ $view->length($wheel->tyre) }}" />
            <circle class="tyre" cx="{{ $view->x($wheel->axle) }}" cy="{{ $view->y($wheel->axle) }}" r="8" fill="none" stroke="#a9b3b0" stroke-width="4" />
        </g>
    @endforeach
    @foreach ($shape->panels as $panel)
        <polygon class="part part-insert" points="{{ $view->outline($panel) }}" fill="#a9b3b0" stroke="#14202b" />
    @endforeach
    @foreach ($shape->tubes as $tube)
        <path class="tube-edge" d="{{ $view->line($tube) }}" fill="none" stroke="#14202b" stroke-width="{{ $view->length($tube->width) + 3 }}" />
    @endforeach
    @foreach ($shape->tubes as $tube)
        <path class="tube" d="{{ $view->line($tube) }}" fill="none" stroke="#8494a0" stroke-width="{{ $view->length($tube->width) }}" />
    @endforeach
    <circle class="part part-frame" cx="{{ $view->x($shape->crank) }}" cy="{{ $view->y($shape->crank) }}" r="13" fill="#8494a0" stroke="#14202b" />
    <circle cx="{{ $view->x($shape->crank) }}" cy="{{ $view->y($shape->crank) }}" r="6" fill="none" class="axis" stroke="#24418f" stroke-width="1.5" />
</g>
