@props(['page', 'at'])
<nav class="seg tabs not-on-paper" aria-label="Checks, settings, hand-over and re-checks">
    @foreach (['prove' => 'Stand and ride', 'settings' => 'Settings', 'hand-over' => 'Hand over', 'come-back' => 'Come back'] as $name => $label)
        <a class="btn btn-plain" href="{{ route("job.{$name}", $page->job) }}" @if($at === $name) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
