@props(['view'])
@php
    [$bodyX, $bodyY] = $view->body();
    [$restX, $restY] = $view->restAt();
    $cx = App\View\Drawings\ReactionView::CENTRE_X;
    $cy = App\View\Drawings\ReactionView::CENTRE_Y;
@endphp
<svg class="drawing reaction" viewBox="0 0 500 370" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $view->description() }}">
    <path d="M{{ $cx }} {{ $cy }} L440 30" stroke="#8494a0" stroke-width="26" stroke-linecap="round" class="tube" />
    <path d="M{{ $cx }} {{ $cy }} L190 20" stroke="#8494a0" stroke-width="22" stroke-linecap="round" class="tube" />
    <path d="M{{ $cx }} {{ $cy }} L20 210" stroke="#8494a0" stroke-width="16" stroke-linecap="round" class="tube" />
    <text class="halo" x="398" y="28" font-size="15" text-anchor="end">down tube</text>
    <text class="halo" x="182" y="40" font-size="15" text-anchor="end">seat tube</text>
    <text class="halo" x="14" y="244" font-size="15">chainstay</text>
    <text class="soft-text" x="486" y="360" font-size="15" text-anchor="end">front →</text>
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
        <rect class="rest-mark" x="{{ $restX - 13 }}" y="{{ $restY - 9 }}" width="26" height="18" fill="#dba63c" stroke="#14202b" />
        <text class="halo" x="{{ $restX + 20 }}" y="{{ $restY + 6 }}" font-size="15">{{ $view->rest->label() }}</text>
    @endif
    <text class="halo" x="{{ $cx }}" y="{{ $cy + 42 }}" font-size="13" text-anchor="middle">crank driven</text>
    <text class="halo" x="14" y="350" font-size="15">body wants to go {{ $view->position->swings($view->isReversed) }}</text>
</svg>
