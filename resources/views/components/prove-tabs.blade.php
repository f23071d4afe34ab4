@props(['page', 'at'])
<nav class="seg tabs not-on-paper" aria-label="Checks, settings and hand-over">
    @foreach (['prove' => 'Stand and ride', 'settings' => 'Settings', 'hand-over' => 'Hand over'] as $name => $label)
        <a class="btn btn-plain" href="{{ route("job.{$name}", $page->job) }}" @if($at === $name) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
