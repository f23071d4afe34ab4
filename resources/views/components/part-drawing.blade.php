@props(['page'])
@php($view = $page->drawing())
<figure class="m-0" id="part-drawing" hx-post="{{ route('part.drawing', $page->row) }}" hx-trigger="input delay:400ms from:#part-form" hx-include="#part-form" hx-params="not _method,form_key" hx-target="this" hx-swap="outerHTML show:none">
    <svg class="drawing region" viewBox="0 0 {{ $view::WIDTH }} {{ $view::HEIGHT }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $page->row->kind->label() }}, cut along its axis, drive side right; each figure has its number">
        @foreach ($view->outlines() as $outline)<path class="near near-{{ $outline['role'] }}" d="{{ $outline['path'] }}" />@endforeach
        @foreach ($view->balloons() as $balloon)
            <g class="balloon {{ $page->part->has($balloon['code']) ? 'known' : '' }}">
                <x-drawing.balloon :balloon="$balloon" />
            </g>
        @endforeach
        <x-drawing.scale-bar :view="$view" />
    </svg>
    <figcaption class="form-hint">To scale, cut along the axis, drive side right. What has no figure yet is drawn as it usually is, and never counted with.
        @if ($page->missing() === 0)<strong>Nothing is missing.</strong>@else<strong>{{ $page->missing() }} figures are missing</strong> before it can be tried in a bike.@endif
    </figcaption>
</figure>
