@props(['view', 'unit'])
@php($y = $view->barY())
<svg class="drawing bar-view" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="The bar from above with what goes on it, as the rider sees it">
    <rect class="part part-frame" x="8" y="{{ $y - $view->barHeight() / 2 }}" width="{{ $view->width - 16 }}" height="{{ $view->barHeight() }}" rx="8" fill="#8494a0" stroke="#14202b" />
    <rect class="part part-frame" x="{{ $view->width / 2 - 26 }}" y="{{ $y - 26 }}" width="52" height="70" rx="6" fill="#8494a0" stroke="#14202b" />
    @foreach ($view->fixtures() as $one)
        <g>
            <title>{{ $one['fixture']->kind->label() }}, {{ $unit->show($one['fixture']->width) }}</title>
            <rect class="part on-bar {{ $one['fixture']->isNew ? 'is-new' : '' }} {{ $one['isOver'] ? 'is-over' : '' }}" x="{{ $one['x'] }}" y="{{ $y - $one['high'] / 2 }}" width="{{ $one['width'] }}" height="{{ $one['high'] }}" rx="3" fill="#cdd6da" stroke="#14202b" stroke-width="1.5" />
            <text x="{{ $one['x'] + $one['width'] / 2 }}" y="{{ $y + 5 }}" font-size="15" text-anchor="middle">{{ $one['number'] }}</text>
            @if ($one['run'])
                @php($x = $one['x'] + $one['width'] / 2)
                <path class="run-{{ $one['run']->position % 6 }}" d="M{{ $x }} {{ $y + $one['high'] / 2 }} v{{ 14 + 5 * $one['number'] }} H{{ $view->width / 2 + ($one['fixture']->side->value === 'left' ? -10 : 10) }} v20" fill="none" stroke="#24418f" stroke-width="3" />
                <g class="run-letter"><circle cx="{{ $x }}" cy="{{ $y + $one['high'] / 2 + 14 }}" r="10" fill="#fafcfb" stroke="#14202b" stroke-width="1.5" /><text x="{{ $x }}" y="{{ $y + $one['high'] / 2 + 19 }}" font-size="14" text-anchor="middle">{{ $one['run']->letter() }}</text></g>
            @endif
        </g>
    @endforeach
    @foreach ($view->bends() as $bend)
        <line class="axis" x1="{{ $bend['x'] }}" y1="{{ $y - 62 }}" x2="{{ $bend['x'] }}" y2="{{ $y + 62 }}" stroke="#24418f" stroke-width="2" stroke-dasharray="14 4 3 4" />
        <text class="halo" x="{{ $bend['x'] }}" y="{{ $y - 70 }}" font-size="15" text-anchor="middle">to here {{ $unit->showCoarse($bend['mm']) }}</text>
    @endforeach
    <text x="8" y="{{ $view->height - 8 }}" font-size="15">left</text>
    <text x="{{ $view->width - 8 }}" y="{{ $view->height - 8 }}" font-size="15" text-anchor="end">right</text>
</svg>
