@props(['page'])
@php($shell = $page->opened->identification())
<section class="panel shell" aria-labelledby="shell-title">
    <h2 id="shell-title">Which shell it is</h2>
    @if ($page->opened->findings->isWidthEarly())
        <p class="caution">Width told from the cups: {{ $page->unit->showMeasurement($page->opened->findings->shellWidth()) }}. It firms up on the bare shell, and with it everything in Match and Stack.</p>
    @endif
    @if ($page->opened->findings->fitted()->bracketStays())
        <p class="mb-0">Spindle and cups stay in: no bare shell is seen, and its standard does not matter for a motor that hangs beside it.
            @if ($shell !== null) Its width, told over the cups: {{ $page->unit->showMeasurement($page->opened->findings->shellWidth()) }}. @endif</p>
    @elseif ($shell === null)
        <p class="soft mb-0">Measure its width first.</p>
    @elseif ($shell->identified !== null)
        <p class="mb-1">@verdict('clear', $shell->identified->label()) nominal {{ $page->unit->show((float) $shell->nominalWidth()) }}</p>
    @elseif ($shell->candidates === [])
        <p class="mb-1">@verdict('fails', 'Nothing we know') A reading is wrong, or the frame is special.</p>
        @forelse ($shell->leftWithout() as $evidence => $standards)
            <p class="mb-1">Without <strong>{{ NeatSpindle\Core\Donor\Shell\Evidence::from($evidence)->noun() }}</strong> it would be: {{ implode(', ', array_map(fn ($standard) => $standard->label(), $standards)) }}. Take that one again first.</p>
        @empty
            <p class="mb-1">No single reading explains it. Take all of them again, or treat the frame as special.</p>
        @endforelse
    @else
        <p class="mb-1">@verdict('tight', 'Still '.count($shell->candidates).' in question')</p>
        <p class="mb-1">{{ implode(', ', array_map(fn ($standard) => $standard->label(), $shell->candidates)) }}.</p>
        @if ($shell->next !== null)
            <p class="mb-1"><strong>Next: {{ $shell->next->label() }}.</strong> {{ $shell->next->why() }}</p>
            @php($spot = NeatSpindle\Core\Measuring\Survey\Spot::atPointer("/bike/shell/{$shell->next->value}"))
            <a class="btn btn-primary" id="next-evidence" href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">Go to {{ $page->numberOf($spot->value) }}, {{ lcfirst($spot->label()) }}</a>
        @endif
    @endif
    @if ($shell !== null && ! $page->opened->findings->fitted()->bracketStays())
        <details>
            <summary class="btn-link-quiet d-inline-flex align-items-center">What is ruled out, and by what</summary>
            <ul class="mb-0">
                @foreach ($shell->ruledOut as $code => $reasons)
                    <li>{{ NeatSpindle\Core\Donor\Shell\ShellStandard::from($code)->label() }}: {{ implode(', ', array_map(fn ($reason) => $reason->noun(), $reasons)) }}</li>
                @endforeach
            </ul>
        </details>
    @endif
</section>
