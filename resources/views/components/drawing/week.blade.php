@props(['view', 'monday'])
<div class="scroll-x">
<svg class="drawing week" viewBox="0 0 {{ $view::WIDTH }} {{ $view->height() }}" xmlns="http://www.w3.org/2000/svg" role="group" aria-label="The week from {{ $monday }}: who does what on which bike, and what waits">
    <defs><pattern id="closed" width="8" height="8" patternUnits="userSpaceOnUse"><path class="hatch" d="M0 8 L8 0" /></pattern></defs>
    @foreach ($view->days() as $day)
        <rect class="day {{ $day['isToday'] ? 'today' : '' }}" x="{{ $day['x'] }}" y="0" width="{{ $day['width'] }}" height="{{ $view->height() }}" @if($day['isClosed']) fill="url(#closed)" @endif />
        <a href="{{ route('calendar', ['day' => $day['day']]) }}" aria-label="{{ $day['label'] }}{{ $day['isToday'] ? ', today' : '' }}, from near"><text class="day-name" x="{{ $day['x'] + 6 }}" y="20">{{ $day['label'] }}@if ($day['isToday']), today @endif</text></a>
    @endforeach
    @foreach ($view->hours() as $hour)
        <line class="rule" x1="{{ $hour['x'] }}" x2="{{ $hour['x'] }}" y1="{{ $view::HEAD }}" y2="{{ $view->height() }}" />
        @unless ($loop->first)<text class="hour" x="{{ $hour['x'] }}" y="21" text-anchor="middle">{{ $hour['label'] }}</text>@endunless
    @endforeach
    @foreach ($view->people() as $i => $person)
        <line class="rule" x1="0" x2="{{ $view::WIDTH }}" y1="{{ $view::HEAD + $i * $view::ROW }}" y2="{{ $view::HEAD + $i * $view::ROW }}" />
        <text class="person" x="4" y="{{ $view::HEAD + $i * $view::ROW + 34 }}">{{ Str::limit($person->firstName(), 10) }}</text>
    @endforeach
    @foreach ($view->blocks() as $block)
        <a href="{{ App\View\Shared\JobAddress::of($block['job']) }}" class="task task-{{ $block['task']->task->code }}">
            <title>{{ $block['job']->number }} {{ $block['job']->bike->label }}: {{ $block['label'] }}</title>
            <rect x="{{ $block['x'] }}" y="{{ $view::HEAD + $block['row'] * $view::ROW + 5 }}" width="{{ $block['width'] }}" height="{{ $view::ROW - 10 }}" rx="2" />
            @if ($view->showsNumber($block['width']))<text class="of" x="{{ $block['x'] + 4 }}" y="{{ $view::HEAD + $block['row'] * $view::ROW + 24 }}">{{ $block['job']->number }}</text>
            @elseif ($view->showsUpright($block['width']))<text class="of" transform="translate({{ $block['x'] + $block['width'] / 2 + 5 }} {{ $view::HEAD + ($block['row'] + 1) * $view::ROW - 12 }}) rotate(-90)">{{ $block['job']->number }}</text>@endif
            @if ($view->showsLabel($block['width']))<text class="what" x="{{ $block['x'] + 4 }}" y="{{ $view::HEAD + $block['row'] * $view::ROW + 42 }}">{{ Str::limit($block['label'], 16) }}</text>@endif
        </a>
    @endforeach
    @if ($view->waits() !== [])<text class="person" x="4" y="{{ $view->waitsAt() + 32 }}">Waits</text>@endif
    @foreach ($view->waits() as $wait)
        <a href="{{ App\View\Shared\JobAddress::of($wait['job']) }}" class="wait">
            <title>{{ $wait['job']->number }} {{ $wait['job']->bike->label }}: {{ $wait['label'] }}</title>
            <rect x="{{ $wait['x'] }}" y="{{ $view->waitY($wait['lane']) }}" width="{{ $wait['width'] }}" height="18" rx="9" />
            @if ($view->showsNumber($wait['width']))<text class="of" x="{{ $wait['x'] + 8 }}" y="{{ $view->waitY($wait['lane']) + 14 }}">{{ $wait['job']->number }}@if ($view->showsLabel($wait['width'])) {{ Str::limit($wait['label'], (int) ($wait['width'] / 8) - 5) }}@endif</text>@endif
        </a>
    @endforeach
</svg>
</div>
