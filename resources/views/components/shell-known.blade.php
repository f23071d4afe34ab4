@props(['page'])
@php($shell = $page->sheet->identification())
<section class="panel shell" aria-labelledby="shell-title">
    <h2 id="shell-title">Which shell it is</h2>
    @if ($shell === null)
        <p class="soft mb-0">Measure its width first.</p>
    @elseif ($shell->identified !== null)
        <p class="mb-1"><x-verdict of="clear" :words="$shell->identified->label()" /> nominal {{ $page->unit->show((float) $shell->nominalWidth()) }}</p>
        <p class="form-hint mb-0">Everything else is ruled out by the readings.</p>
    @elseif ($shell->candidates === [])
        <p class="mb-0"><x-verdict of="fails" words="Nothing we know" /> A reading is wrong, or the frame is special. Take width and bore again.</p>
    @else
        <p class="mb-1"><x-verdict of="tight" words="Still {{ count($shell->candidates) }} in question" /></p>
        <p class="mb-1">{{ implode(', ', array_map(fn ($standard) => $standard->label(), $shell->candidates)) }}.</p>
        @if ($shell->next !== null)
            <p class="mb-1"><strong>Next: {{ $shell->next->label() }}.</strong> {{ $shell->next->why() }}</p>
        @endif
    @endif
</section>
