@props(['view'])
<svg class="drawing line-drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img"
    aria-label="The chain from above. @foreach ($view->cogs() as $cog){{ $cog['teeth'] }} teeth: {{ $cog['angle'] }} degrees, {{ $cog['verdict'] }}. @endforeach">
    <line class="centre" x1="{{ $view->centreX }}" y1="0" x2="{{ $view->centreX }}" y2="{{ $view->height }}" stroke="#24418f" stroke-width="1.6" stroke-dasharray="26 6 5 6" />
    <text class="soft-text" x="{{ $view->centreX + 8 }}" y="{{ $view->height - 10 }}" font-size="15">frame’s centre plane</text>
    <text class="soft-text" x="{{ $view->centreX + 8 }}" y="20" font-size="15">↑ rear wheel</text>
    <line class="axis" x1="{{ $view->rearCentreX() }}" y1="{{ $view->cogY - 16 }}" x2="{{ $view->rearCentreX() }}" y2="{{ $view->cogY + 44 }}" stroke="#24418f" stroke-width="1.4" stroke-dasharray="3 4" />
    @foreach ($view->cogs() as $cog)
        <line class="chain-{{ $cog['verdict'] }}" x1="{{ $view->ringX }}" y1="{{ $view->ringY }}" x2="{{ $cog['x'] }}" y2="{{ $view->cogY }}" stroke-width="3" fill="none" />
        <rect class="part part-nut" x="{{ $cog['x'] - 5 }}" y="{{ $view->cogY - $cog['half'] }}" width="10" height="{{ $cog['half'] * 2 }}" />
        <rect class="use-bar" x="{{ $cog['x'] - 9 }}" y="{{ 74 - $cog['bar'] }}" width="18" height="{{ max(1, $cog['bar']) }}" fill="#dba63c" />
        <text class="fig" x="{{ $cog['x'] }}" y="94" font-size="17" text-anchor="middle">{{ $cog['teeth'] }}</text>
        <text class="soft-text" x="{{ $cog['x'] }}" y="114" font-size="14" text-anchor="middle">{{ $cog['angle'] }}</text>
    @endforeach
    @foreach (['ridden' => 70, 'teeth' => 93, 'angle, °' => 114] as $name => $y)
        <text class="soft-text" x="{{ $view->namesX() }}" y="{{ $y }}" font-size="14" text-anchor="end">{{ $name }}</text>
    @endforeach
    @if ($view->stay())
        <rect class="part-stay" x="{{ $view->stay()['x'] - $view->stayWidth() }}" y="{{ $view->ringY - 46 }}" width="{{ $view->stayWidth() }}" height="92" fill="#a9b3b0" stroke="#14202b" />
        <g class="gap gap-{{ $view->stay()['verdict'] }}">
            <path d="M{{ $view->stay()['x'] }} {{ $view->ringY + 38 }} H{{ $view->stay()['ring'] }}" stroke-width="2.4" />
            <text x="{{ $view->stay()['x'] - $view->stayWidth() - 8 }}" y="{{ $view->ringY + 8 }}" font-size="15" text-anchor="end">ring to chainstay: {{ $view->stay()['verdict'] }}</text>
            <text class="fig" x="{{ $view->stay()['x'] - $view->stayWidth() - 8 }}" y="{{ $view->ringY + 28 }}" font-size="17" text-anchor="end">{{ $view->stay()['text'] }}</text>
        </g>
    @endif
    <rect class="part part-ring" x="{{ $view->ringX - 8 }}" y="{{ $view->ringY - 30 }}" width="16" height="60" />
    <text x="{{ $view->ringX + 16 }}" y="{{ $view->ringY + 24 }}" font-size="16">ring</text>
</svg>
