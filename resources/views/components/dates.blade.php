@props(['page'])
@php($dates = $page->dates())
<div class="scroll-x"><table class="ledger dates">
    <thead><tr><th>Job</th><th>Promised</th><th>Honest date</th><th>Why</th>@if (! $dates->isTried() && $page->mayPlan())<th>Change</th>@endif</tr></thead>
    <tbody>
        @foreach ($dates->shown() as $job)
            @php($honest = $dates->honest($job))
            @php($late = $dates->late($job))
            @php($reasons = $dates->reasons($job))
            <tr id="dates-{{ $job->number }}" @class(['chosen' => $page->job?->id === $job->id])>
                <td><a href="{{ route('job.'.$job->stage->value, $job) }}"><strong>{{ $job->number }}</strong> {{ $job->bike->label }}</a><br><span class="soft">{{ $job->customer_name }}</span></td>
                <td class="text-nowrap">{{ $job->promised_on?->format('D j M') ?? 'none' }}@if ($dates->goesBefore($job))<span class="soft d-block">before {{ $dates->goesBefore($job) }}</span>@endif</td>
                <td>
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
                <td>
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
                    @if (! $dates->isTried())
                        <details>
                            <summary>Words for the customer</summary>
                            <label class="visually-hidden" for="words-{{ $job->id }}">Words for the customer of {{ $job->number }}</label>
                            <textarea class="form-control" id="words-{{ $job->id }}" rows="4" readonly>{{ $dates->words($job) }}</textarea>
                        </details>
                    @endif
                </td>
                @if (! $dates->isTried() && $page->mayPlan())
                    @php($isTyped = (int) old('row') === $job->id)
                    <td>
                        @if ($dates->isChanging($job))
                            <form method="post" action="{{ route('calendar.try', $job) }}" novalidate>
                                @csrf @formkey
                                <input type="hidden" name="version" value="{{ $job->version }}"><input type="hidden" name="row" value="{{ $job->id }}"><input type="hidden" name="week" value="{{ $page->dayText(0) }}">
                                <label class="form-label mb-0" for="promised-{{ $job->id }}">Promised for</label>
                                <input class="form-control" type="date" id="promised-{{ $job->id }}" name="promised_on" value="{{ $isTyped ? old('promised_on') : $job->promised_on?->format('Y-m-d') }}">
                                @if ($isTyped)<x-fault for="promised_on" />@endif
                                <label class="form-label mb-0" for="parts-{{ $job->id }}">Parts come on</label>
                                <input class="form-control" type="date" id="parts-{{ $job->id }}" name="parts_on" value="{{ $isTyped ? old('parts_on') : $job->parts_on?->format('Y-m-d') }}">
                                @if ($isTyped)<x-fault for="parts_on" />@endif
                                <label class="form-label mb-0" for="before-{{ $job->id }}">Done before</label>
                                <x-select :id="'before-'.$job->id" name="before" any="its turn by promise" :options="$dates->others($job)" :chosen="$isTyped ? old('before') : $job->before_id" />
                                @if ($isTyped)<x-fault for="before" /><x-fault for="version" />@endif
                                <button class="btn btn-plain mt-1" id="try-{{ $job->number }}">See what moves</button>
                            </form>
                            @foreach ($dates->promises($job) as $promise)
                                <p class="form-hint mb-0">{{ $promise->promised_at->format('j M') }}, {{ $promise->user->firstName() }}: {{ $promise->promised_on === null ? 'promise taken back' : 'promised for '.$promise->promised_on->format('D j M') }}</p>
                            @endforeach
                        @else
                            <a href="{{ route('calendar', ['change' => $job->number, 'week' => $page->dayText(0)]) }}#dates-{{ $job->number }}" id="change-{{ $job->number }}">Promise, parts, turn</a>
                        @endif
                    </td>
                @endif
            </tr>
        @endforeach
    </tbody>
</table></div>
@if ($dates->hidden() > 0)<p class="mb-0"><a href="{{ route('calendar', ['all' => '1']) }}">And {{ $dates->hidden() }} more</a></p>@endif
