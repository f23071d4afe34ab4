@props(['view'])
<figure {{ $attributes->class('turn') }}>
    <svg class="drawing" viewBox="0 0 140 132" role="img" aria-label="{{ $view->turn->part }}: {{ $view->words() }}" xmlns="http://www.w3.org/2000/svg">
        <line class="ground" x1="6" y1="104" x2="134" y2="104" stroke="#4a5964" stroke-width="1" stroke-dasharray="3 3" />
        <text class="{{ $view->frontIsRight() ? 'fig' : 'soft-text' }}" x="134" y="124" font-size="14" text-anchor="end">{{ $view->frontIsRight() ? 'front →' : 'back →' }}</text>
        <text class="{{ $view->frontIsRight() ? 'soft-text' : 'fig' }}" x="6" y="124" font-size="14">{{ $view->frontIsRight() ? '← back' : '← front' }}</text>
        <rect class="turn-wrench" x="64" y="12" width="12" height="62" rx="5" fill="#b4c0c6" stroke="#14202b" />
        <circle class="turn-part" cx="70" cy="70" r="17" fill="#cdd6da" stroke="#14202b" />
        <path class="turn-part" d="M70 60 l8.7 5 v10 l-8.7 5 l-8.7 -5 v-10 z" fill="#cdd6da" stroke="#14202b" />
        <path class="turn-arrow" data-arrow d="{{ $view->arrow() }}" fill="none" stroke="#24418f" stroke-width="7" />
        <polygon class="turn-head" points="{{ $view->head() }}" fill="#24418f" />
    </svg>
    <figcaption>{{ $view->words() }}</figcaption>
</figure>
