@props(['view', 'sites'])
<svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="The bike from its drive side{{ $view->pack ? ' with '.$view->pack->name.' where it shall sit' : '' }}">
    <x-drawing.frame :view="$view" />
    @foreach ($view->places($sites) as $place)
        <circle class="dot" cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="7" fill="#24418f" />
        <text class="halo" x="{{ $place['x'] }}" y="{{ $place['y'] - 14 }}" font-size="15" text-anchor="middle">{{ $place['names'] }}</text>
    @endforeach
    @if ($view->corners())
        @php($middle = $view->middle($view->pack))
        <polygon class="part part-pack" points="{{ $view->corners() }}" fill="#cdd6da" stroke="#14202b" stroke-width="2" />
        <text class="halo" x="{{ $view->x($middle) }}" y="{{ $view->y($middle) - $view->length($view->pack->height) / 2 - 8 }}" font-size="15" text-anchor="middle">{{ $view->pack->name }}</text>
    @endif
</svg>
