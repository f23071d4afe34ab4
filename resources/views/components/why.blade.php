@props(['page', 'margin'])
@php($why = $page->why($margin))
<details class="why" data-margin="{{ $margin->name->value }}">
    <summary>
        <span class="why-name">{{ $margin->name->label() }}</span>
        @verdict($margin->verdict)
        <span class="n">{{ $page->unit->show($margin->value) }}</span>
        <span class="n soft">± {{ $page->unit->show($margin->plusMinus) }}</span>
        <span class="n soft">{{ $margin->name->isCeiling() ? 'at most' : 'at least' }} {{ $page->unit->show($margin->limit) }}</span>
    </summary>
    <div class="why-sum">
        <p class="form-hint mb-1">{{ $margin->name->means() }}</p>
        <table class="ledger">
            <tbody>
                @foreach ($why?->terms ?? [] as $term)
                    <tr>
                        <td>{{ $term->label }}@if ($term->radius) {{ $page->unit->showCoarse($term->radius) }}@endif</td>
                        <td class="n">{{ $term->value < 0 ? '−' : '+' }} {{ $page->unit->show(abs($term->value)) }}</td>
                        <td class="n soft">@if ($term->plusMinus > 0)± {{ $page->unit->show($term->plusMinus) }}@endif</td>
                        <td class="soft">@if ($page->spot($term))<a href="{{ route('job.survey', [$page->job, 'spot' => $page->spot($term)]) }}">reading</a>@else{{ $term->source->label() }}@endif</td>
                    </tr>
                @endforeach
                <tr class="total">
                    <td>{{ $why?->isAbsolute() ? 'Together, whichever side' : 'Together' }}</td>
                    <td class="n">= {{ $page->unit->show($margin->value) }}</td>
                    <td class="n soft">± {{ $page->unit->show($margin->plusMinus) }}</td>
                    <td class="soft">{{ $margin->name->isCeiling() ? 'at most' : 'at least' }} {{ $page->unit->show($margin->limit) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="mb-1">
            @if ($margin->slack() >= 0)It keeps its limit by {{ $page->unit->show($margin->slack()) }}@else It breaks its limit by {{ $page->unit->show(abs($margin->slack())) }}@endif; the @words('doubt') is {{ $page->unit->show($margin->plusMinus) }}.
            @if ($why?->readingToTakeAgain())
                <strong>Not settled:</strong> read {{ lcfirst($why->readingToTakeAgain()->label) }}@if($why->readingToTakeAgain()->radius) {{ $page->unit->showCoarse($why->readingToTakeAgain()->radius) }}@endif again. If it stays as it is and the doubt comes down to ± {{ $page->unit->show($why->doubtThatSettles()) }}, this is {{ $margin->slack() >= 0 ? 'clear' : 'a sure no' }}.
                <a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => $page->spot($why->readingToTakeAgain())]) }}">Measure again</a>
            @else
                No reading inside its doubt would change this.
            @endif
        </p>
    </div>
</details>
