@props(['page', 'stack'])
@php($at = $stack->arrangement)
<section class="panel mt-3" aria-labelledby="fit-title">
    <h2 id="fit-title">Thread, bolts, cranks</h2>
    <p class="mb-0">
        Nut: <span class="figures">{{ $page->unit->show($at->nutEngagement) }}</span> of thread, {{ number_format($at->nutTurns(), 1) }} turns.
        @if ($at->lockringEngagement === null)No lock ring: this kit has a single nut.@else Lock ring: <span class="figures">{{ $page->unit->show($at->lockringEngagement) }}</span>, {{ number_format($at->lockringTurns(), 1) }} turns.@endif
        Plate bolts: @if ($at->boltLength)<span class="figures">{{ $at->boltLength }} mm</span>, {{ $page->unit->show($at->boltEngagement) }} engaged.@else none of the trade’s lengths suits.@endif
        Right crank stands <span class="figures">{{ $page->unit->show(abs($at->crankAsymmetry)) }}</span> {{ $at->crankAsymmetry >= 0 ? 'further out' : 'further in' }} than the left.
    </p>
    <x-reach :page="$page" :reach="$page->reach()" />
</section>
