@props(['view', 'compact' => false])
@php($cut = $compact ? 'small' : 'large')
<svg {{ $attributes->class('drawing section') }} viewBox="0 0 {{ $view->width }} {{ $compact ? $view->axisY + 180 : $view->height }}" role="img"
    aria-label="{{ $compact ? 'Section along the axis, small' : $view->description() }}" xmlns="http://www.w3.org/2000/svg">
    @if ($view->stayPath() !== '')
        <path class="part-stay" d="{{ $view->stayPath() }}" fill="#a9b3b0" stroke="#14202b" />
    @endif
    @foreach ($view->shapes() as $shape)
        <rect class="part part-{{ $shape['kind'] }}" x="{{ $shape['x'] }}" y="{{ $shape['y'] }}" width="{{ $shape['width'] }}" height="{{ $shape['height'] }}" fill="#d5dadd" stroke="#14202b"><title>{{ $shape['label'] }}</title></rect>
        @if ($shape['kind'] === 'thread' && ! $compact)
            @for ($x = $shape['x'] + 6; $x < $shape['x'] + $shape['width']; $x += 6)
                <line class="thread-hatch" x1="{{ $x }}" y1="{{ $shape['y'] }}" x2="{{ $x - 4 }}" y2="{{ $shape['y'] + $shape['height'] }}" stroke="#14202b" />
            @endfor
        @endif
    @endforeach
    <line class="axis" x1="0" y1="{{ $view->axisY }}" x2="{{ $view->width }}" y2="{{ $view->axisY }}" stroke="#24418f" stroke-width="{{ $compact ? 5 : 1.6 }}" stroke-dasharray="26 6 5 6" />
    <line class="centre" x1="{{ $view->centreX }}" y1="0" x2="{{ $view->centreX }}" y2="{{ $compact ? $view->axisY + 180 : $view->height - 92 }}" stroke="#24418f" stroke-width="{{ $compact ? 5 : 1.6 }}" stroke-dasharray="26 6 5 6" />
    @unless ($compact)
        <text class="soft-text" x="{{ $view->centreX + 8 }}" y="18" font-size="16">frame’s centre plane</text>
        <text class="soft-text" x="8" y="18" font-size="16">↑ rear wheel</text>
        <text class="soft-text" x="8" y="{{ $view->axisY - 78 }}" font-size="16">left side</text>
        <text class="soft-text" x="{{ $view->width - 8 }}" y="{{ $view->axisY - 78 }}" font-size="16" text-anchor="end">drive side</text>
        @foreach ($view->labels() as $label)
            <path class="leader" d="M{{ $label['fromX'] }} {{ $label['fromY'] }} L{{ $label['x'] }} {{ $label['y'] - 15 }}" stroke="#4a5964" stroke-width="1" />
            <text x="{{ $label['x'] }}" y="{{ $label['y'] }}" font-size="17" text-anchor="middle">{{ $label['text'] }}</text>
        @endforeach
        @foreach ($view->gaps() as $gap)
            <g class="gap gap-{{ $gap['verdict'] }}">
                <line x1="{{ $gap['x0'] }}" y1="{{ $gap['y'] - 9 }}" x2="{{ $gap['x0'] }}" y2="{{ $gap['y'] + 9 }}" stroke-width="2.4" />
                <line x1="{{ $gap['x1'] }}" y1="{{ $gap['y'] - 9 }}" x2="{{ $gap['x1'] }}" y2="{{ $gap['y'] + 9 }}" stroke-width="2.4" />
                <line x1="{{ $gap['x0'] }}" y1="{{ $gap['y'] }}" x2="{{ $gap['x1'] }}" y2="{{ $gap['y'] }}" stroke-width="2.4" />
                <path d="M{{ $gap['anchor'] === 'end' ? $gap['x1'] : $gap['x0'] }} {{ $gap['y'] }} L{{ $gap['anchor'] === 'end' ? $gap['textX'] - 150 : $gap['textX'] + 150 }} {{ $gap['textY'] + 2 }}" stroke-width="1.2" />
                <text x="{{ $gap['textX'] }}" y="{{ $gap['textY'] - 8 }}" font-size="16" text-anchor="{{ $gap['anchor'] }}">{{ $gap['name'] }}</text>
                <text class="fig" x="{{ $gap['textX'] }}" y="{{ $gap['textY'] + 13 }}" font-size="19" text-anchor="{{ $gap['anchor'] }}">{{ $gap['text'] }} {{ $gap['doubt'] }} {{ $gap['verdict'] }}</text>
            </g>
        @endforeach
    @endunless
</svg>
