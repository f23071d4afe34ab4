@props(['view'])
<g class="scale-bar" transform="translate({{ $view::WIDTH - $view::BORDER - $view->length($view->bar()) }} {{ $view::HEIGHT - $view::BORDER + 8 }})">
    <path d="M0 -5 V0 H{{ $view->length($view->bar()) }} V-5" /><text x="{{ $view->length($view->bar()) / 2 }}" y="-5">{{ (int) $view->bar() }} mm</text>
</g>
