@props(['view', 'page'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The bike from its drive side, with numbered spots to measure">
    <x-drawing.frame :view="$view" />
    @foreach ($view->balloons() as $balloon)
        @php($spot = $page->spots()[$balloon['code']])
        <a class="balloon {{ $page->opened->findings->has($spot) ? 'known' : ($page->isEssentialMissing($spot->value) ? 'wanted' : '') }} {{ $spot === $page->spot ? 'here' : '' }}"
            href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}" aria-label="{{ $balloon['number'] }}, {{ $spot->label() }}{{ $page->answerAt($spot) ? ': '.$page->answerAt($spot) : ', open' }}">
            <line x1="{{ $balloon['spotX'] }}" y1="{{ $balloon['spotY'] }}" x2="{{ $balloon['x'] }}" y2="{{ $balloon['y'] }}" />
            <circle class="dot" cx="{{ $balloon['spotX'] }}" cy="{{ $balloon['spotY'] }}" r="3.5" />
            <circle cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="22" class="hit" />
            <circle class="face" cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="15" />
            <text x="{{ $balloon['x'] }}" y="{{ $balloon['y'] + 5 }}">{{ $balloon['number'] }}</text>
        </a>
    @endforeach
</svg>
