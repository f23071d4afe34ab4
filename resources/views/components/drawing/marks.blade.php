@props(['view', 'page'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The bike from its drive side, with a mark for each region to walk to">
    <x-drawing.frame :view="$view" />
    @foreach ($view->marks() as $mark)
        @php($open = $page->walked()->neededOpen($mark['region']))
        <a class="region-mark {{ $open === 0 ? 'known' : 'wanted' }} {{ $mark['region'] === $page->region() ? 'here' : '' }}" href="{{ route('job.survey', [$page->job, 'region' => $mark['region']->value]) }}">
            <line x1="{{ $mark['spotX'] }}" y1="{{ $mark['spotY'] }}" x2="{{ $mark['x'] }}" y2="{{ $mark['y'] }}" />
            <circle class="dot" cx="{{ $mark['spotX'] }}" cy="{{ $mark['spotY'] }}" r="5" />
            <rect class="face" x="{{ $mark['x'] - $view::MARK_WIDTH / 2 }}" y="{{ $mark['y'] - $view::MARK_HEIGHT / 2 }}" width="{{ $view::MARK_WIDTH }}" height="{{ $view::MARK_HEIGHT }}" rx="6" />
            <text x="{{ $mark['x'] }}" y="{{ $mark['y'] - 3 }}">{{ $mark['region']->label() }}</text>
            <text class="count" x="{{ $mark['x'] }}" y="{{ $mark['y'] + 15 }}">{{ $page->walked()->told($mark['region']) }}</text>
        </a>
    @endforeach
</svg>
