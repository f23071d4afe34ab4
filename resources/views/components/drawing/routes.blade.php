@props(['view', 'page' => null, 'unit' => null])
@php($moved = $page?->moved())
<svg class="drawing" viewBox="{{ $page ? implode(' ', $view->box) : "0 0 {$view->width} {$view->heightWithNames()}" }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The frame from its drive side with {{ count($view->runs()) }} runs drawn on it">
    <x-drawing.frame :view="$view" />
    <path class="part part-motor" d="M{{ $view->x($view->motor()) - 44 }} {{ $view->y($view->motor()) - 12 }} h62 a14 14 0 0 1 14 14 v18 a14 14 0 0 1 -14 14 h-54 z" fill="#cdd6da" stroke="#14202b" />
    @foreach ($view->runs() as $run)
        <path class="run-{{ $run['style'] }} {{ $moved && ! $moved->is($run['run']) ? 'aside' : '' }}" d="{{ $run['path'] }}" fill="none" stroke="#24418f" stroke-width="{{ $view->size(4.5) }}" @if ($run['dash'] !== '')stroke-dasharray="{{ $run['dash'] }}"@endif stroke-linejoin="round" stroke-linecap="round" />
        @if (! $moved || $moved->is($run['run']))
            <path class="ties" d="{{ $view->ties($run['route'], $loop->index) }}" fill="none" stroke="#14202b" stroke-width="{{ $view->size(1.6) }}" />
            @foreach ($view->loops($run['route']) as $turn)<circle class="run-{{ $run['style'] }}" cx="{{ $turn['x'] + $view->loopBeside() }}" cy="{{ $turn['y'] }}" r="{{ $view->loopSize($loop->parent->index) }}" fill="none" stroke="#24418f" stroke-width="{{ $view->size(1.8) }}" />@endforeach
        @endif
    @endforeach
    @foreach ($view->crossings() as $crossing)
        <circle class="crossing" cx="{{ $crossing->x }}" cy="{{ $crossing->y }}" r="{{ $view->size(8) }}" fill="none" stroke="#14202b" stroke-width="{{ $view->size(1.4) }}"><title>two runs cross here</title></circle>
    @endforeach
    @foreach ($view->places() as $place)
        @if ($moved)
            <a class="way-place {{ $page->place() === $place['name'] ? 'here' : '' }}" href="{{ route('job.route', [$page->job, 'run' => $moved->id, 'place' => $place['name']]) }}" aria-label="{{ $place['words'] }}">
                <circle class="hit" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="{{ $view->size(22) }}" /><circle class="dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="{{ $view->size(8) }}" />
            </a>
        @endif
        @if ($moved || $place['isNamed'])
            @unless ($moved)<circle class="leader-dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="{{ $view->size(4) }}" fill="#4a5964" />@endunless
            <text class="halo" x="{{ $place['x'] + $view->size($place['right']) }}" y="{{ $place['y'] + $view->size($place['down']) }}" font-size="{{ $view->size(15) }}" text-anchor="{{ $place['end'] }}">{{ $place['words'] }}</text>
        @endif
    @endforeach
    @foreach ($view->runs() as $run)
        @php($turn = $page?->threadedAs($run['run']))
        <g class="run-letter"><circle cx="{{ $run['x'] }}" cy="{{ $run['y'] }}" r="{{ $view->size($turn ? 13 : 11) }}" fill="#fafcfb" stroke="#14202b" stroke-width="{{ $view->size(1.5) }}" /><text x="{{ $run['x'] }}" y="{{ $run['y'] + $view->size(5) }}" font-size="{{ $view->size(15) }}" text-anchor="middle">{{ $run['run']->letter() }}@if ($turn)<tspan font-size="{{ $view->size(13) }}" font-weight="400">{{ $turn }}</tspan>@endif</text></g>
    @endforeach
    @if ($moved)
        @foreach ($view->runs() as $run)
            @if ($moved->is($run['run']))
                @foreach ($view->legs($run['route'], $page->unit) as $leg)<text class="halo leg" x="{{ $leg['x'] + $view->size(10) }}" y="{{ $leg['y'] + $view->size(24) }}" font-size="{{ $view->size(14) }}">{{ $leg['words'] }}</text>@endforeach
            @endif
        @endforeach
    @endif
    @unless ($page)
        @foreach ($view->runs() as $i => $run)
            <line x1="40" y1="{{ $view->nameAt($i) }}" x2="120" y2="{{ $view->nameAt($i) }}" stroke="#24418f" stroke-width="4.5" @if ($run['dash'] !== '')stroke-dasharray="{{ $run['dash'] }}"@endif />
            <text x="132" y="{{ $view->nameAt($i) + 5 }}" font-size="15">{{ $run['run']->letter() }} {{ $run['run']->name }}, {{ $unit->showCoarse($run['route']->needed ?? 0.0) }}: {{ NeatSpindle\Core\Fitting\Route\PlaceName::way($run['route']->path ?? []) }}</text>
        @endforeach
    @endunless
</svg>
