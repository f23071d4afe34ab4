@props(['view', 'page'])
<svg class="drawing region" viewBox="0 0 {{ $view::WIDTH }} {{ $view::HEIGHT }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="{{ $view->region->label() }}, {{ $view->region->seen() }}, with numbered spots to measure">
    <clipPath id="region-clip"><rect x="{{ $view::BORDER - 16 }}" y="{{ $view::BORDER - 16 }}" width="{{ $view::WIDTH - 2 * $view::BORDER + 32 }}" height="{{ $view::HEIGHT - 2 * $view::BORDER + 32 }}" /></clipPath>
    <g clip-path="url(#region-clip)">
        @if ($view->isOnTheBike())
            <g transform="{{ $view->transform() }}"><x-drawing.frame :view="$view->frame()" /></g>
        @else
            @foreach ($view->outlines() as $outline)<path class="near near-{{ $outline['role'] }}" d="{{ $outline['path'] }}" />@endforeach
        @endif
    </g>
    @foreach ($view->balloons() as $balloon)
        @php($spot = $page->spots()[$balloon['code']])
        <a class="balloon {{ $page->opened->findings->has($spot) ? 'known' : ($page->isNeeded($spot) ? 'wanted' : '') }} {{ $spot === $page->spot ? 'here' : '' }}"
            href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}" aria-label="{{ $balloon['number'] }}, {{ $spot->label() }}{{ $page->answerAt($spot) ? ': '.$page->answerAt($spot) : ', open' }}">
            <line x1="{{ $balloon['spotX'] }}" y1="{{ $balloon['spotY'] }}" x2="{{ $balloon['x'] }}" y2="{{ $balloon['y'] }}" />
            <circle class="dot" cx="{{ $balloon['spotX'] }}" cy="{{ $balloon['spotY'] }}" r="4.5" />
            <circle cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="26" class="hit" />
            <circle class="face" cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="18" />
            <text x="{{ $balloon['x'] }}" y="{{ $balloon['y'] + 6 }}">{{ $balloon['number'] }}</text>
        </a>
    @endforeach
    <g class="scale-bar" transform="translate({{ $view::WIDTH - $view::BORDER - $view->length($view->bar()) }} {{ $view::HEIGHT - $view::BORDER + 8 }})">
        <path d="M0 -5 V0 H{{ $view->length($view->bar()) }} V-5" /><text x="{{ $view->length($view->bar()) / 2 }}" y="-5">{{ (int) $view->bar() }} mm</text>
    </g>
</svg>
