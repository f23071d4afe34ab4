@props(['page'])
@php($dates = $page->dates())
<div class="scroll-x"><table class="ledger dates">
    <thead><tr><th>Job</th><th>Promised</th><th>Honest date</th><th>Why</th>@if (! $dates->isTried() && $page->mayWork())<th>Change</th>@endif</tr></thead>
    <tbody>
        @foreach ($dates->shown() as $job)
            @php($honest = $dates->honest($job))
            @php($late = $dates->late($job))
            @php($reasons = $dates->reasons($job))
            <tr id="dates-{{ $job->number }}" @class(['chosen' => $page->job?->id === $job->id])>
                <td><a href="{{ route('job.'.$job->stage->value, $job) }}"><strong>{{ $job->number }}</strong> {{ $job->bike->label }}</a><br><span class="soft">{{ $job->customer_name }}</span></td>
                <td data-label="Promised">{{ $job->promised_on?->format('D j M') ?? 'none' }}@if ($dates->goesBefore($job))<span class="soft d-block">before {{ $dates->goesBefore($job) }}</span>@endif @foreach ($dates->hands($job) as $who => $what)<span class="soft d-block" title="{{ $what }}">{{ $who }}: {{ $what }}</span>@endforeach</td>
                <td data-label="Honest date">
                    @if ($honest === null)
                        @verdict(null, 'No date') <span class="soft d-block">{{ $dates->whyNoDate($job) }}</span>
                    @else
                        @verdict($late === null || $late === 0 ? 'clear' : 'fails', $dates->day($honest), wraps: true)
                        @if ($late > 0)<strong class="d-block">{{ $late }} {{ Str::plural('day', $late) }} late</strong>@endif
                        @if ($dates->careful($job) !== null && $dates->careful($job) !== $honest)<span class="soft d-block">carefully {{ $dates->day($dates->careful($job)) }}</span>@endif
                    @endif
                    @if ($dates->isTried() && $dates->before($job) !== $honest)
                        <span class="moved d-block">was {{ $dates->before($job) === null ? 'without a date' : $dates->day($dates->before($job)) }}</span>
                    @endif
                </td>
                <td data-label="Why">
                    @if ($reasons !== null && $reasons->links !== [])
                        <details>
                            <summary>{{ $page->duration($reasons->total()) }} from now</summary>
                            <ol class="causes mb-1">
                                @foreach ($reasons->links as $link)
                                    <li>@if ($link['waits'] > 0)<span class="soft">{{ $page->duration($link['waits']) }} until somebody is free or it is open; </span>@endif{{ $dates->label($job, $link['task']->task->code) }}: {{ $page->duration($link['takes']) }}@if ($link['task']->who), {{ $page->who($link['task']->who) }}@endif</li>
                                @endforeach
                            </ol>
                            @if ($reasons->cheapest())<p class="form-hint mb-0">Cheapest to shorten: {{ lcfirst($dates->label($job, $reasons->cheapest()->task->code)) }}.</p>@endif
                        </details>
                    @endif
                    @if (! $dates->isTried() && ! $dates->isChanging($job))
                        <details>
                            <summary>Words for the customer</summary>
                            <label class="visually-hidden" for="words-{{ $job->id }}">Words for the customer of {{ $job->number }}</label>
                            <textarea class="form-control" id="words-{{ $job->id }}" rows="4" readonly>{{ $dates->words($job) }}</textarea>
                        </details>
                    @endif
                </td>
                @if (! $dates->isTried() && $page->mayWork())
                    <td><a href="{{ route('calendar', ['change' => $job->number, 'week' => $page->dayText(0)]) }}#dates-{{ $job->number }}" id="change-{{ $job->number }}" @if($dates->isChanging($job)) aria-current="true" @endif>Promise, parts, who</a></td>
                @endif
            </tr>
            @if ($dates->isChanging($job) && ! $dates->isTried() && $page->mayWork())
                <tr class="changing"><td colspan="5"><x-plan-row :$page :$job /></td></tr>
            @endif
        @endforeach
    </tbody>
</table></div>
@if ($dates->hidden() > 0)<p class="mb-0"><a href="{{ route('calendar', ['all' => '1']) }}">And {{ $dates->hidden() }} more</a></p>@endif
