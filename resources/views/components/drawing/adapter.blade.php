@props(['view', 'unit'])
@php
    $adapter = $view->adapter;
    $end = $adapter->flange + $adapter->length;
    $right = $view->x($end) + 60;
    $bottom = $view->y(-$adapter->flangeOuter / 2) + 44;
@endphp
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img"
    aria-label="Flanged bush: outer {{ $unit->show($adapter->outer) }}, inner {{ $unit->show($adapter->inner) }}, length {{ $unit->show($adapter->length) }}, flange {{ $unit->show($adapter->flange) }} thick, {{ $unit->show($adapter->flangeOuter) }} across">
    <path class="part part-insert" d="{{ $view->outline(false) }}" fill="#d5dadd" stroke="#14202b" stroke-width="1.6" />
    <path class="part part-insert" d="{{ $view->outline(true) }}" fill="#d5dadd" stroke="#14202b" stroke-width="1.6" />
    <line class="axis" x1="{{ $view->x(0) - 40 }}" y1="{{ $view->axisY() }}" x2="{{ $view->x($end) + 40 }}" y2="{{ $view->axisY() }}" stroke="#24418f" stroke-width="1.6" stroke-dasharray="26 6 5 6" />
    @foreach ([['outer', $adapter->outer, 0, '+0.01 / 0'], ['inner', $adapter->inner, 130, '+0.05 / 0']] as [$name, $diameter, $shift, $tolerance])
        <path class="leader" d="M{{ $view->x($end) + 6 }} {{ $view->y($diameter / 2) }} H{{ $right + $shift + 12 }} M{{ $view->x($end) + 6 }} {{ $view->y(-$diameter / 2) }} H{{ $right + $shift + 12 }} M{{ $right + $shift }} {{ $view->y($diameter / 2) }} V{{ $view->y(-$diameter / 2) }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
        <text class="fig halo" x="{{ $right + $shift + 8 }}" y="{{ $view->axisY() - 20 + $shift / 4 }}" font-size="19">⌀ {{ $unit->figure($diameter) }}</text>
        <text class="soft-text halo" x="{{ $right + $shift + 8 }}" y="{{ $view->axisY() + $shift / 4 }}" font-size="15">{{ $tolerance }}</text>
    @endforeach
    <path class="leader" d="M{{ $view->x(0) - 8 }} {{ $view->y($adapter->flangeOuter / 2) }} H{{ $view->x(0) - 70 }} M{{ $view->x(0) - 8 }} {{ $view->y(-$adapter->flangeOuter / 2) }} H{{ $view->x(0) - 70 }} M{{ $view->x(0) - 58 }} {{ $view->y($adapter->flangeOuter / 2) }} V{{ $view->y(-$adapter->flangeOuter / 2) }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ $view->x(0) - 66 }}" y="{{ $view->axisY() - 12 }}" font-size="19" text-anchor="end">⌀ {{ $unit->figure($adapter->flangeOuter) }}</text>
    <path class="leader" d="M{{ $view->x($adapter->flange) }} {{ $bottom - 36 }} V{{ $bottom + 8 }} M{{ $view->x($end) }} {{ $view->y(-$adapter->inner / 2) + 8 }} V{{ $bottom + 8 }} M{{ $view->x($adapter->flange) }} {{ $bottom }} H{{ $view->x($end) }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ ($view->x($adapter->flange) + $view->x($end)) / 2 }}" y="{{ $bottom + 26 }}" font-size="19" text-anchor="middle">{{ $unit->figure($adapter->length) }}</text>
    <path class="leader" d="M{{ $view->x(0) }} 70 V44 M{{ $view->x($adapter->flange) }} 70 V44 M{{ $view->x(0) }} 52 H{{ $view->x($adapter->flange) }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ ($view->x(0) + $view->x($adapter->flange)) / 2 }}" y="34" font-size="19" text-anchor="middle">{{ $unit->figure($adapter->flange) }}</text>
</svg>
