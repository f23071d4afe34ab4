@props(['view'])
@php
    [$bodyX, $bodyY] = $view->body();
    [$restX, $restY] = $view->restAt();
    $cx = $view->centreX();
    $cy = $view::CENTRE_Y;
@endphp
<svg class="drawing reaction" viewBox="0 0 {{ $view::WIDTH }} {{ $view::HEIGHT }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $view->description() }}">
    @foreach ($view->tubes() as $tube)
        <path d="M{{ $cx }} {{ $cy }} L{{ $tube['to'][0] }} {{ $tube['to'][1] }}" stroke="#8494a0" stroke-width="{{ $tube['width'] }}" stroke-linecap="round" class="tube" />
    @endforeach
    @foreach ($view->tubes() as $tube)
        <text class="halo" x="{{ $tube['nameAt'][0] }}" y="{{ $tube['nameAt'][1] }}" font-size="15" text-anchor="{{ $tube['anchor'] }}">{{ $tube['name'] }}</text>
    @endforeach
    <text class="soft-text" x="486" y="360" font-size="15" text-anchor="end">{{ $view->isReversed ? '← front, the bike’s left side' : 'front →' }}</text>
    <path class="body-band" d="M{{ $cx }} {{ $cy }} L{{ $bodyX }} {{ $bodyY }}" stroke="#4b5a66" stroke-width="74" stroke-linecap="round" opacity="0.85" />
    <circle class="part part-case" cx="{{ $cx }}" cy="{{ $cy }}" r="50" fill="#6b7c8a" stroke="#14202b" />
    <circle class="part part-frame" cx="{{ $cx }}" cy="{{ $cy }}" r="24" fill="#d5dadd" stroke="#14202b" />
    <circle cx="{{ $cx }}" cy="{{ $cy }}" r="3" fill="#14202b" />
    <path class="drive-arrow" d="{{ $view->drive() }}" fill="none" stroke="#24418f" stroke-width="4" />
    <path class="swing-arrow" d="{{ $view->swing() }}" fill="none" stroke="#a3342a" stroke-width="5" />
    @if ($view->gap->isSoft())
        <circle class="soft-thing" cx="{{ $restX }}" cy="{{ $restY }}" r="9" fill="#fff" stroke="#a3342a" stroke-width="4" />
        <text class="halo" x="{{ $restX + 16 }}" y="{{ $restY + 26 }}" font-size="15">{{ $view->gap->label() }}</text>
    @elseif ($view->rest !== null)
        @if ($view->isClamped())
            <path class="rest-arm" d="M{{ $bodyX }} {{ $bodyY }} L{{ $restX }} {{ $restY }}" stroke="#14202b" stroke-width="5" fill="none" />
        @endif
        <rect class="rest-mark" x="{{ $restX - 13 }}" y="{{ $restY - 9 }}" width="26" height="18" fill="#dba63c" stroke="#14202b" />
    @endif
    <text class="halo" x="{{ $cx }}" y="{{ $cy + 42 }}" font-size="13" text-anchor="middle">crank driven</text>
    <text class="halo" x="14" y="338" font-size="15">body wants to go {{ $view->position->swings() }}</text>
    <text class="halo" x="14" y="360" font-size="15">held by: {{ $view->rest?->label() ?? 'nothing yet' }}</text>
</svg>
