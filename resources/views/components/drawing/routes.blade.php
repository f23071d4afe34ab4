@props(['view', 'page' => null, 'unit' => null])
@php($moved = $page?->moved())
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $page ? $view->height : $view->heightWithNames() }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The frame from its drive side with {{ count($view->runs()) }} runs drawn on it">
    <x-drawing.frame :view="$view" />
    <path class="part part-motor" d="M{{ $view->x($view->motor()) - 44 }} {{ $view->y($view->motor()) - 12 }} h62 a14 14 0 0 1 14 14 v18 a14 14 0 0 1 -14 14 h-54 z" fill="#cdd6da" stroke="#14202b" />
    @foreach ($view->runs() as $run)
        <path class="run-{{ $run['style'] }} {{ $moved && ! $moved->is($run['run']) ? 'aside' : '' }}" d="{{ $run['path'] }}" fill="none" stroke="#24418f" stroke-width="4.5" @if ($run['dash'] !== '')stroke-dasharray="{{ $run['dash'] }}"@endif stroke-linejoin="round" stroke-linecap="round" />
    @endforeach
    @foreach ($view->places() as $place)
        @if ($moved)
            <a class="way-place {{ $page->place() === $place['name'] ? 'here' : '' }}" href="{{ route('job.route', [$page->job, 'run' => $moved->id, 'place' => $place['name']]) }}" aria-label="{{ $place['name'] }}">
                <circle class="hit" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="22" /><circle class="dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="8" />
            </a>
        @endif
        @if ($moved || $place['isPassed'])
            @unless ($moved)<circle class="leader-dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="4" fill="#4a5964" />@endunless
            <text class="halo" x="{{ $place['x'] + $place['right'] }}" y="{{ $place['y'] + $place['down'] }}" font-size="15" text-anchor="{{ $place['end'] }}">{{ $place['name'] }}</text>
        @endif
    @endforeach
    @foreach ($view->runs() as $run)
        <g class="run-letter"><circle cx="{{ $run['x'] }}" cy="{{ $run['y'] }}" r="11" fill="#fafcfb" stroke="#14202b" /><text x="{{ $run['x'] }}" y="{{ $run['y'] + 5 }}" font-size="15" text-anchor="middle">{{ $run['run']->letter() }}</text></g>
    @endforeach
    @unless ($page)
        @foreach ($view->runs() as $i => $run)
            <line x1="40" y1="{{ $view->nameAt($i) }}" x2="120" y2="{{ $view->nameAt($i) }}" stroke="#24418f" stroke-width="4.5" @if ($run['dash'] !== '')stroke-dasharray="{{ $run['dash'] }}"@endif />
            <text x="132" y="{{ $view->nameAt($i) + 5 }}" font-size="15">{{ $run['run']->letter() }} {{ $run['run']->name }}, {{ $unit->showCoarse($run['route']->needed ?? 0.0) }}: {{ implode(' → ', $run['route']->path ?? []) }}</text>
        @endforeach
    @endunless
</svg>
