@props(['view'])
@php($frame = $view->frame)
<g>
    <line class="ground" x1="0" y1="{{ $view->groundY() }}" x2="{{ $view->width }}" y2="{{ $view->groundY() }}" stroke="#4a5964" stroke-width="1.2" />
    @foreach ([$frame->rearAxle, $frame->frontAxle] as $axle)
        <circle class="tyre" cx="{{ $view->x($axle) }}" cy="{{ $view->y($axle) }}" r="{{ $view->length($frame->wheelRadius - 22) }}" fill="none" stroke="#a9b3b0" stroke-width="22" />
        <circle class="tyre" cx="{{ $view->x($axle) }}" cy="{{ $view->y($axle) }}" r="8" fill="none" stroke="#a9b3b0" stroke-width="4" />
    @endforeach
    @foreach ($frame->tubes() as [$name, $from, $to])
        <line class="tube-edge" x1="{{ $view->x($from) }}" y1="{{ $view->y($from) }}" x2="{{ $view->x($to) }}" y2="{{ $view->y($to) }}" stroke="#14202b" stroke-width="{{ $name === 'down-tube' ? 20 : ($name === 'seatstay' ? 9 : 15) }}" />
    @endforeach
    @foreach ($frame->tubes() as [$name, $from, $to])
        <line class="tube" x1="{{ $view->x($from) }}" y1="{{ $view->y($from) }}" x2="{{ $view->x($to) }}" y2="{{ $view->y($to) }}" stroke="#8494a0" stroke-width="{{ $name === 'down-tube' ? 17 : ($name === 'seatstay' ? 6.5 : 12.5) }}" />
    @endforeach
    <path class="tube-edge" d="M{{ $view->x($frame->seatTop) }} {{ $view->y($frame->seatTop) }} l-12 -34 m-34 -4 l58 2" stroke="#14202b" stroke-width="9" fill="none" />
    <path class="tube-edge" d="M{{ $view->x($frame->headTop) }} {{ $view->y($frame->headTop) }} L{{ $view->x($frame->bar) }} {{ $view->y($frame->bar) }}" stroke="#14202b" stroke-width="9" fill="none" />
    <circle class="part part-frame" cx="{{ $view->x($frame->crank) }}" cy="{{ $view->y($frame->crank) }}" r="13" fill="#8494a0" stroke="#14202b" />
    <circle cx="{{ $view->x($frame->crank) }}" cy="{{ $view->y($frame->crank) }}" r="6" fill="none" class="axis" stroke="#24418f" stroke-width="1.5" />
</g>
