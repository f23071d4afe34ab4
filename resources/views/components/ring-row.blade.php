@props(['page', 'option', 'first', 'action'])
@php($mounted = $page->mounted($option))
<tr class="{{ $page->isFitted($option) ? 'chosen' : '' }}" data-ring="{{ $option->ring->code }}">
    <td>
        <strong>{{ $option->ring->teeth }}</strong> {{ $option->ring->label() }}
        @if ($page->isFitted($option))
            <span class="on-paper">fitted</span>
        @endif
        @if ($mounted->ring->isMeasuredHere)<span class="from-log">measured here</span>@endif
        <br><span class="soft">dish {{ $page->unit->show($option->ring->dish) }}</span>
    </td>
    <td>
        @if ($option->boltsOn)
            @verdict($option->stack->verdict)
        @else
            @verdict('fails', 'No bolts')
        @endif
        @if (! $option->isOut() && ! $page->choice()->isUndominated($option))
            <br><span class="soft">another is better</span>
        @endif
    </td>
    <td class="n">{{ $page->clearance($option->clearance()) }}</td>
    <td class="n">{{ $page->length($option->offset) }}</td>
    <td class="n">{{ number_format($option->lowestDevelopment, 2) }} m</td>
    <td class="n">{{ number_format($option->topSpeed, 0) }} km/h</td>
    <td>
        {{ $page->whyOut($option) }}
        @if ($option->boltsOn && ! $option->climbs())
            <strong>No gear pulls the hill.</strong>
        @endif
        @foreach ($page->remarks($option) as $remark)
            <span class="soft d-block">{{ $remark }}</span>
        @endforeach
    </td>
    <td class="not-on-paper">
        <label class="pick slim">
            <input type="checkbox" form="compare-rings" name="compare[]" value="{{ $option->ring->code }}" @checked($page->isCompared($option))>
            <span class="visually-hidden">{{ $option->ring->label() }}</span>
        </label>
    </td>
    <td class="not-on-paper">
        @if ($page->isFitted($option))
            <strong>Fitted</strong>
        @elseif ($page->mayChoose())
            <form method="post" action="{{ $action }}">
                @csrf @formkey @method('PUT')
                <input type="hidden" name="version" value="{{ $page->job->version }}">
                <input type="hidden" name="mounting" value="{{ $mounted->mounting->words() }}">
                <button class="btn {{ $first ? 'btn-primary' : 'btn-plain' }}" name="ring_id" value="{{ $mounted->ring->id }}" aria-label="Fit {{ $option->ring->label() }}">Fit</button>
            </form>
        @endif
    </td>
</tr>
