@props(['page', 'stack'])
@php($at = $stack->arrangement)
<section class="panel mt-3" aria-labelledby="fit-title">
    <h2 id="fit-title">Cup, spindle, crank</h2>
    <p class="mb-0">
        Cup: <span class="figures">{{ $page->unit->show($at->cupEngagement) }}</span> of the body’s thread.
        Spindle: find its splines by turning, preload by hand until play is gone and it still turns freely, then lock it.
        The crank stops on its spacers, never on taper or spline alone.
    </p>
</section>
