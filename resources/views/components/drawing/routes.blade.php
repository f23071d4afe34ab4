@props(['view', 'rows'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="The frame from its drive side with {{ count($rows) }} runs drawn on it">
    <x-drawing.frame :view="$view" />
    <path class="part part-motor" d="M{{ $view->x($view->shape->place('motor')) - 44 }} {{ $view->y($view->shape->place('motor')) - 12 }} h62 a14 14 0 0 1 14 14 v18 a14 14 0 0 1 -14 14 h-54 z" fill="#cdd6da" stroke="#14202b" />
    @foreach ($rows as $i => $row)
        @if ($row['route']->path !== null)
            <path class="run-{{ $i % 3 }}" d="{{ $view->way($row['route']->path, $i) }}" fill="none" stroke="#24418f" stroke-width="4.5" stroke-linejoin="round" stroke-linecap="round" />
        @endif
    @endforeach
    @foreach ($view->places($rows) as $place)
        <circle class="leader-dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="4" fill="#4a5964" />
        <text class="halo" x="{{ $place['x'] + $place['right'] }}" y="{{ $place['y'] + $place['down'] }}" font-size="15">{{ $place['name'] }}</text>
    @endforeach
</svg>
