@props(['page', 'at'])
<nav class="seg tabs not-on-paper" aria-label="Line, gears and hills">
    @foreach (['line' => 'Line, rings and chain', 'gears' => 'Gears', 'hills' => 'Hills and roads'] as $name => $label)
        <a class="btn btn-plain" href="{{ route("job.{$name}", $page->job) }}" @if($at === $name) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
