{{-- What an answer looks like, all of one question in one hand; nothing where an answer needs no picture. --}}
@props(['shows'])
@if ($shows !== null)
    <svg class="choice-drawing" viewBox="0 0 72 48" width="72" height="48" xmlns="http://www.w3.org/2000/svg" aria-hidden="true">
        @foreach ($shows->shapes as [$class, $path])<path class="{{ $class }}" d="{{ $path }}" />@endforeach
    </svg>
@endif
