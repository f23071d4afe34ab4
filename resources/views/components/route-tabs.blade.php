@props(['page', 'at'])
<nav class="seg tabs not-on-paper" aria-label="Runs, cockpit, sensors and battery">
    @foreach (['route' => 'Runs', 'cockpit' => 'Cockpit', 'sensors' => 'Sensors', 'battery' => 'Battery'] as $name => $label)
        <a class="btn btn-plain" href="{{ route("job.{$name}", $page->job) }}" @if($at === $name) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
