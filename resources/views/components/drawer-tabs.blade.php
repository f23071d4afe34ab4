@props(['at'])
<nav class="seg tabs not-on-paper" aria-label="Drawer and stock">
    @foreach (['drawer' => 'Spacers and tools', 'stock' => 'All that is kept', 'stock.round' => 'Count', 'drawer.missing' => 'What is missing', 'orders' => 'Orders', 'drawer.should' => 'What it should hold', 'stock.labels' => 'Labels'] as $to => $label)
        <a class="btn btn-plain" href="{{ route($to) }}" @if($to === $at) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
