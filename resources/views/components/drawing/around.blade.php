@props(['view'])
<svg class="drawing around" viewBox="0 0 {{ $view::SIZE }} {{ $view::SIZE }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="The shell along its axis from the drive side, with what stands out around it">
    @if ($view->body())<path class="part part-motor" d="{{ $view->body() }}" fill="#cdd6da" stroke="#14202b" />@endif
    <circle class="part part-frame" cx="{{ $view::MIDDLE }}" cy="{{ $view::MIDDLE }}" r="{{ $view->shellRadius() }}" fill="#8494a0" stroke="#14202b" />
    <circle class="axis" cx="{{ $view::MIDDLE }}" cy="{{ $view::MIDDLE }}" r="4" fill="none" stroke="#24418f" stroke-width="1.5" />
    @foreach ($view->obstacles() as $one)
        <path class="obstacle {{ $one['verdict']?->value ?? 'open' }}" d="{{ $one['path'] }}" fill="#a9b3b0" stroke="#14202b" />
        <text class="fig" x="{{ $one['x'] }}" y="{{ $one['y'] + 5 }}" font-size="15" text-anchor="middle">{{ $one['number'] }}</text>
    @endforeach
    <text class="soft-text" x="{{ $view::SIZE - 4 }}" y="{{ $view::MIDDLE - 6 }}" font-size="16" text-anchor="end">0° front →</text>
    <text class="soft-text" x="4" y="{{ $view::MIDDLE - 6 }}" font-size="16">← 180°</text>
    <text class="soft-text" x="{{ $view::MIDDLE }}" y="14" font-size="16" text-anchor="middle">90° up</text>
    <text class="soft-text" x="{{ $view::MIDDLE }}" y="{{ $view::SIZE - 6 }}" font-size="16" text-anchor="middle">270° down</text>
</svg>
