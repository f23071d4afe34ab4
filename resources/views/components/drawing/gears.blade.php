@props(['view'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $view->description() }}">
    @foreach ($view->scale() as $mark)
        <line class="{{ $mark['isLine'] ? 'speed-line' : 'leader' }}" x1="{{ $mark['x'] }}" y1="{{ $mark['isLine'] ? 14 : 34 }}" x2="{{ $mark['x'] }}" y2="{{ $view->bottom() }}" stroke="#4a5964" stroke-width="{{ $mark['isLine'] ? 2 : 0.7 }}" />
        @if ($mark['isLine'])<text class="speed-text" x="{{ $mark['x'] + 4 }}" y="24" font-size="14">{{ $mark['kmh'] }}</text>
        @else<text class="soft-text" x="{{ $mark['x'] }}" y="{{ $view->bottom() + 20 }}" font-size="14" text-anchor="middle">{{ $mark['kmh'] }}@if ($loop->first) km/h @endif</text>@endif
    @endforeach
    <text class="soft-text" x="140" y="34" font-size="14" text-anchor="end">{{ $view->heading() }}</text>
    @foreach ($view->rows() as $row)
        <text class="fig halo" x="140" y="{{ $row['y'] + 17 }}" font-size="16" text-anchor="end">{{ $row['label'] }}</text>
        <rect class="{{ $row['isSecond'] ? 'gear-band second' : 'gear-band' }}" x="{{ $row['from'] }}" y="{{ $row['y'] + 3 }}" width="{{ max(1, $row['to'] - $row['from']) }}" height="18" fill="{{ $row['isSecond'] ? '#6f8a7e' : '#dba63c' }}" stroke="#14202b" />
        <path class="motor-tick" d="M{{ $row['max'] }} {{ $row['y'] }} v24" stroke="#14202b" stroke-width="3" fill="none" />
        <text class="soft-text halo" x="{{ max($row['to'], $row['max']) + 8 }}" y="{{ $row['y'] + 17 }}" font-size="13.5">{{ $row['development'] }} {{ $row['step'] }}</text>
    @endforeach
</svg>
