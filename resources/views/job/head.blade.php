@php($head = $page->head())
<a class="head-section" href="{{ $head?->place() ?? route('job.stack', $page->job) }}" title="{{ $head?->why() }}">
    @if ($page->headSection() !== null)
        <x-drawing.section :view="$page->headSection()" compact />
    @endif
    <span class="head-verdict">
        @verdict($head?->verdict(), $head?->words() ?? 'No stack yet')
        @if ($head?->also())<span class="also">{{ $head->also() }}</span>@endif
    </span>
</a>
