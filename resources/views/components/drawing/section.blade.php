@props(['view', 'compact' => false, 'hands' => false])
<svg {{ $attributes->class('drawing section') }} viewBox="{{ $compact ? $view->smallBox() : "0 0 {$view->width} {$view->height}" }}" role="img"
    aria-label="{{ $compact ? 'Section along the axis, small' : $view->description() }}" xmlns="http://www.w3.org/2000/svg">
    @if ($view->stayPath() !== '')
        <path class="part-stay" d="{{ $view->stayPath() }}" fill="#a9b3b0" stroke="#14202b" />
    @endif
    @foreach ($view->shapes() as $shape)
        <rect class="part part-{{ $shape['kind'] }} {{ $hands && $shape['place'] !== null ? 'movable' : '' }}" @if ($hands && $shape['place'] !== null) data-place="{{ $shape['place'] }}" data-piece="{{ $shape['index'] }}" @endif x="{{ $shape['x'] }}" y="{{ $shape['y'] }}" width="{{ $shape['width'] }}" height="{{ $shape['height'] }}" fill="#d5dadd" stroke="#14202b"><title>{{ $shape['label'] }}</title></rect>
        @if ($shape['kind'] === 'thread' && ! $compact)
            @for ($x = $shape['x'] + 6; $x < $shape['x'] + $shape['width']; $x += 6)
                <line class="thread-hatch" x1="{{ $x }}" y1="{{ $shape['y'] }}" x2="{{ $x - 4 }}" y2="{{ $shape['y'] + $shape['height'] }}" stroke="#14202b" />
            @endfor
        @endif
    @endforeach
    <line class="axis" x1="0" y1="{{ $view->axisY }}" x2="{{ $view->width }}" y2="{{ $view->axisY }}" stroke="#24418f" stroke-width="{{ $compact ? 5 : 1.6 }}" stroke-dasharray="26 6 5 6" />
    <line class="centre" x1="{{ $view->centreX }}" y1="0" x2="{{ $view->centreX }}" y2="{{ $compact ? $view->axisY + 180 : $view->height - 92 }}" stroke="#24418f" stroke-width="{{ $compact ? 5 : 1.6 }}" stroke-dasharray="26 6 5 6" />
    @if ($hands)
        @foreach ($view->berths() as $berth)
            <rect class="berth" data-berth="{{ $berth['place'] }}" x="{{ $berth['x'] }}" y="{{ $berth['y'] }}" width="{{ $berth['width'] }}" height="{{ $berth['height'] }}" fill="none"><title>{{ $berth['label'] }}</title></rect>
        @endforeach
    @endif
    @unless ($compact)
        <text class="soft-text halo" x="{{ $view->centreX - 8 }}" y="19" font-size="{{ $view->font(17.5) }}" text-anchor="end">frame’s centre plane</text>
        <text class="soft-text halo" x="8" y="19" font-size="{{ $view->font(17.5) }}">{{ $view->farSide() }}, ↑ rear wheel</text>
        <text class="soft-text halo" x="{{ $view->width - 8 }}" y="19" font-size="{{ $view->font(17.5) }}" text-anchor="end">{{ $view->driveSide() }}</text>
        @foreach ($view->labels() as $label)
            <path class="leader" d="M{{ $label['fromX'] }} {{ $label['fromY'] }} L{{ $label['x'] }} {{ $label['y'] - $view->font(15) }}" fill="none" stroke="#4a5964" stroke-width="1" />
            <circle class="leader-dot" cx="{{ $label['fromX'] }}" cy="{{ $label['fromY'] }}" r="3" fill="#4a5964" />
        @endforeach
        @foreach ($view->labels() as $label)
            <text class="halo" x="{{ $label['x'] }}" y="{{ $label['y'] }}" font-size="{{ $view->font(17.5) }}" text-anchor="middle">{{ $label['text'] }}</text>
        @endforeach
        @foreach ($view->gaps() as $gap)
            <g class="gap gap-{{ $gap['verdict'] }}">
                <path d="M{{ $gap['x0'] }} {{ $gap['y'] - 9 }} v18 M{{ $gap['x1'] }} {{ $gap['y'] - 9 }} v18 M{{ $gap['x0'] }} {{ $gap['y'] }} H{{ $gap['x1'] }}" fill="none" stroke="#14202b" stroke-width="2.4" />
                <path d="M{{ $gap['anchor'] === 'end' ? $gap['x1'] : $gap['x0'] }} {{ $gap['y'] }} L{{ $gap['lineTo'] }} {{ $gap['textY'] + 6 }}" fill="none" stroke="#14202b" stroke-width="1.2" />
                <text x="{{ $gap['textX'] }}" y="{{ $gap['textY'] - 8 }}" font-size="{{ $view->font(17.5) }}" text-anchor="{{ $gap['anchor'] }}">{{ $gap['name'] }}</text>
                <text class="fig" x="{{ $gap['textX'] }}" y="{{ $gap['textY'] + $view->font(13) }}" font-size="{{ $view->font(20) }}" text-anchor="{{ $gap['anchor'] }}">{{ $gap['text'] }}</text>
            </g>
        @endforeach
    @endunless
</svg>
