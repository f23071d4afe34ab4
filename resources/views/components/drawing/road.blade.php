@props(['view'])
<svg class="drawing" viewBox="0 0 {{ App\View\Drawings\RoadView::WIDTH }} {{ App\View\Drawings\RoadView::HEIGHT }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $view->description() }}">
    @foreach ($view->bands() as $band)
        <path class="road road-{{ $band['kind'] }}" d="{{ $band['path'] }}" fill="#a9b3b0" stroke="none" />
    @endforeach
    <path class="battery-line" d="{{ $view->battery() }}" fill="none" stroke="#24418f" stroke-width="2.4" stroke-dasharray="9 4" />
    <path class="speed-curve" d="{{ $view->speed() }}" fill="none" stroke="#14202b" stroke-width="1.6" />
    <line class="ground" x1="56" y1="250" x2="1038" y2="250" stroke="#4a5964" />
    <line class="ground" x1="56" y1="346" x2="1038" y2="346" stroke="#4a5964" />
    @foreach ($view->kilometres() as $mark)
        <text class="soft-text" x="{{ $mark['x'] }}" y="366" font-size="14" text-anchor="middle">{{ $mark['text'] }}@if ($loop->last) km @endif</text>
    @endforeach
    <text class="fig" x="50" y="34" font-size="15" text-anchor="end">{{ $view->figures()['highest'] }}</text>
    <text class="fig" x="50" y="242" font-size="15" text-anchor="end">{{ $view->figures()['lowest'] }}</text>
    <text class="soft-text" x="50" y="290" font-size="14" text-anchor="end">{{ $view->figures()['fastest'] }}</text>
    <text class="soft-text" x="50" y="346" font-size="14" text-anchor="end">km/h</text>
    <text class="fig halo" x="1044" y="200" font-size="15">left</text>
    <text class="fig halo" x="1044" y="220" font-size="15">{{ $view->figures()['battery'] }}</text>
</svg>
