@props(['page'])
@php($dates = $page->dates())
@php($toChange = route('calendar', ['week' => $page->dayText(0), 'change' => '']))
@php($isChangeable = ! $dates->isTried() && $page->mayWork())
<div class="scroll-x"><table class="ledger dates">
    <thead><tr><th>Job</th><th>Promised</th><th>Honest date</th><th>Why</th>@if ($isChangeable)<th class="not-on-paper">Change</th>@endif</tr></thead>
    <tbody>
        @foreach ($dates->rows() as $row)
            @php($number = $row->job->number)
            <tr id="dates-{{ $number }}" @class(['chosen' => $page->job?->id === $row->job->id])>
                <td><a href="{{ $row->address }}"><strong>{{ $number }}</strong> {{ $row->job->bike->label }}</a><br><span class="soft">{{ $row->job->customer_name }}</span></td>
                <td data-label="Promised">{{ $row->promised ?? 'none' }}@if ($row->before)<span class="soft d-block">before {{ $row->before }}</span>@endif @foreach ($row->hands as $who => $what)<span class="soft d-block">{{ $who }}: {{ $what }}</span>@endforeach</td>
                <td data-label="Honest date">
                    @if ($row->honest === null)
                        @verdict(null, 'No date') <span class="soft d-block">{{ $row->why }}</span>
                    @else
                        @verdict($row->lateDays === 0 ? 'clear' : 'fails', $row->honest, wraps: true)
                        @if ($row->lateDays > 0)<strong class="d-block">{{ $row->lateDays }} {{ $row->lateDays === 1 ? 'day' : 'days' }} late</strong>@endif
                        @if ($row->careful)<span class="soft d-block">carefully {{ $row->careful }}</span>@endif
                    @endif
                    @if ($row->was)<span class="moved d-block">was {{ $row->was }}</span>@endif
                </td>
                <td data-label="Why">
                    @if ($row->total)
                        {{ $row->total }} from now
                        @if ($row->cheapest)<span class="soft d-block">Cheapest to shorten: {{ $row->cheapest }}</span>@endif
                    @endif
                </td>
                @if ($isChangeable)
                    <td class="not-on-paper"><a href="{{ $toChange.$number }}#dates-{{ $number }}" id="change-{{ $number }}" @if($dates->isChanging($row->job)) aria-current="true" @endif>Why, promise, who</a></td>
                @endif
            </tr>
            @if ($isChangeable && $dates->isChanging($row->job))
                <tr class="changing"><td colspan="5"><x-plan-row :$page :job="$row->job" /></td></tr>
            @endif
        @endforeach
    </tbody>
</table></div>
@if ($dates->hidden() > 0)<p class="mb-0"><a href="{{ route('calendar', ['all' => '1']) }}">And {{ $dates->hidden() }} more</a></p>@endif
