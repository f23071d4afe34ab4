@props(['view', 'unit'])
@php
    $sleeve = $view->sleeve;
    [$end, $from] = [$view->x($sleeve->length), $view->x($sleeve->length - $sleeve->threadLength)];
    $bottom = $view->y(-$sleeve->outer / 2);
    $right = $end + 40;
@endphp
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img"
    aria-label="Sleeve: {{ $unit->show($sleeve->length) }} long, {{ $unit->show($sleeve->threadLength) }} of thread, outer {{ $unit->show($sleeve->outer) }}, inner {{ $unit->show($sleeve->inner) }}">
    @foreach ([1, -1] as $half)
        @php($top = min($view->y($half * $sleeve->outer / 2), $view->y($half * $sleeve->inner / 2)))
        @php($tall = abs($view->y($sleeve->outer / 2) - $view->y($sleeve->inner / 2)))
        @php($threadTop = min($view->y($half * $sleeve->threadMajor / 2), $view->y($half * $sleeve->inner / 2)))
        @php($threadTall = abs($view->y($sleeve->threadMajor / 2) - $view->y($sleeve->inner / 2)))
        <rect class="part part-sleeve" x="{{ $view->x(0) }}" y="{{ $top }}" width="{{ $from - $view->x(0) }}" height="{{ $tall }}" fill="#d5dadd" stroke="#14202b" />
        <rect class="part part-thread" x="{{ $from }}" y="{{ $threadTop }}" width="{{ $end - $from }}" height="{{ $threadTall }}" fill="#a9b7bf" stroke="#14202b" />
        @for ($x = $from + 6; $x < $end; $x += 6)<line class="thread-hatch" x1="{{ $x }}" y1="{{ $threadTop }}" x2="{{ $x - 4 }}" y2="{{ $threadTop + $threadTall }}" stroke="#14202b" />@endfor
    @endforeach
    <line class="axis" x1="{{ $view->x(0) - 40 }}" y1="{{ $view->y(0) }}" x2="{{ $right + 190 }}" y2="{{ $view->y(0) }}" stroke="#24418f" stroke-width="1.6" stroke-dasharray="26 6 5 6" />
    <text class="soft-text" x="{{ $view->x(0) }}" y="24" font-size="16">shoulder, against the motor</text>
    <path class="leader" d="M{{ $view->x(0) }} {{ $bottom + 8 }} V{{ $bottom + 96 }} M{{ $end }} {{ $bottom + 8 }} V{{ $bottom + 96 }} M{{ $view->x(0) }} {{ $bottom + 86 }} H{{ $end }} M{{ $from }} {{ $bottom + 8 }} V{{ $bottom + 46 }} M{{ $from }} {{ $bottom + 36 }} H{{ $end }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ ($view->x(0) + $end) / 2 }}" y="{{ $bottom + 80 }}" font-size="19" text-anchor="middle">{{ $unit->figure($sleeve->length) }}</text>
    <text class="fig halo" x="{{ ($from + $end) / 2 }}" y="{{ $bottom + 30 }}" font-size="19" text-anchor="middle">{{ $unit->figure($sleeve->threadLength) }}</text>
    <path class="leader" d="M{{ $end + 4 }} {{ $view->y($sleeve->threadMajor / 2) }} H{{ $right + 8 }} M{{ $end + 4 }} {{ $view->y(-$sleeve->threadMajor / 2) }} H{{ $right + 8 }} M{{ $right }} {{ $view->y($sleeve->threadMajor / 2) }} V{{ $view->y(-$sleeve->threadMajor / 2) }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ $right + 10 }}" y="{{ $view->y(0) - 14 }}" font-size="19">M {{ $unit->figure($sleeve->threadMajor) }} × {{ $sleeve->threadPitch }}</text>
    <text class="fig halo" x="{{ $right + 10 }}" y="{{ $view->y(0) + 30 }}" font-size="19">bore ⌀ {{ $unit->figure($sleeve->inner) }}</text>
    <path class="leader" d="M{{ $view->x(8) }} {{ $view->y($sleeve->outer / 2) }} V50 H{{ $view->x(8) + 10 }}" fill="none" stroke="#4a5964" stroke-width="1.2" />
    <text class="fig halo" x="{{ $view->x(8) + 16 }}" y="56" font-size="19">⌀ {{ $unit->figure($sleeve->outer) }} plain</text>
</svg>
