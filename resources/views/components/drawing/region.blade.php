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
            <x-drawing.balloon :balloon="$balloon" />
        </a>
    @endforeach
    <x-drawing.scale-bar :view="$view" />
</svg>
