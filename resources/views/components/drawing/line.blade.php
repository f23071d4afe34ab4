@props(['view'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img"
    aria-label="The chain from above. @foreach ($view->cogs() as $cog){{ $cog['teeth'] }} teeth: {{ $cog['angle'] }} degrees, {{ $cog['verdict'] }}. @endforeach">
    <line class="centre" x1="{{ $view->centreX }}" y1="0" x2="{{ $view->centreX }}" y2="{{ $view->height }}" stroke="#24418f" stroke-width="1.6" stroke-dasharray="26 6 5 6" />
    <text class="soft-text" x="{{ $view->centreX + 8 }}" y="{{ $view->height - 10 }}" font-size="15">frame’s centre plane</text>
    <text class="soft-text" x="{{ $view->centreX + 8 }}" y="20" font-size="15">↑ rear wheel</text>
    <line class="axis" x1="{{ $view->rearCentreX() }}" y1="{{ $view->cogY - 34 }}" x2="{{ $view->rearCentreX() }}" y2="{{ $view->cogY + 40 }}" stroke="#24418f" stroke-width="1.4" stroke-dasharray="3 4" />
    @foreach ($view->cogs() as $cog)
        <line class="chain-{{ $cog['verdict'] }}" x1="{{ $view->ringX }}" y1="{{ $view->ringY }}" x2="{{ $cog['x'] }}" y2="{{ $view->cogY }}" stroke-width="3" fill="none" />
        <rect class="part part-nut" x="{{ $cog['x'] - 5 }}" y="{{ $view->cogY - $cog['half'] }}" width="10" height="{{ $cog['half'] * 2 }}" />
        <text class="fig" x="{{ $cog['x'] }}" y="44" font-size="17" text-anchor="middle">{{ $cog['teeth'] }}</text>
        <text class="soft-text" x="{{ $cog['x'] }}" y="66" font-size="14.5" text-anchor="middle">{{ $cog['angle'] }}°</text>
    @endforeach
    <rect class="part part-ring" x="{{ $view->ringX - 8 }}" y="{{ $view->ringY - 30 }}" width="16" height="60" />
    <text x="{{ $view->ringX + 16 }}" y="{{ $view->ringY + 24 }}" font-size="16">ring</text>
</svg>
