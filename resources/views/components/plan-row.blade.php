{{-- What of one job in the calendar can be changed: promise and turn, who does it, what is in other hands, how the customer is reached. --}}
@props(['page', 'job'])
@php($row = $page->dates()->change($job))
@php($customer = $row->customer())
@php($isTyped = (int) old('row') === $job->id)
<div class="plan-row">
    @if ($isTyped)<div class="whole"><x-fault for="version" /></div>@endif
    <div>
        <h3>Why that day</h3>
        <ol class="causes mb-0" id="why-{{ $job->number }}">@forelse ($row->chain() as [$before, $task])<li>@if ($before !== '')<span class="soft">{{ $before }}</span>@endif{{ $task }}</li>@empty<li>No day can be said.</li>@endforelse</ol>
    </div>
    @if ($page->mayPlan())
        <form method="post" action="{{ route('calendar.try', $job) }}" novalidate>
            <h3>Promise, turn, who</h3>
            @csrf @formkey
            <input type="hidden" name="version" value="{{ $job->version }}"><input type="hidden" name="row" value="{{ $job->id }}"><input type="hidden" name="week" value="{{ $page->dayText(0) }}">
            <label class="form-label mb-0" for="promised-{{ $job->id }}">Promised for</label>
            <input class="form-control" type="date" id="promised-{{ $job->id }}" name="promised_on" value="{{ $isTyped ? old('promised_on') : $job->promised_on?->format('Y-m-d') }}">
            @if ($isTyped)<x-fault for="promised_on" />@endif
            <label class="form-label mb-0" for="parts-{{ $job->id }}">Parts come on</label>
            <input class="form-control" type="date" id="parts-{{ $job->id }}" name="parts_on" value="{{ $isTyped ? old('parts_on') : $job->parts_on?->format('Y-m-d') }}">
            @if ($isTyped)<x-fault for="parts_on" />@endif
            <label class="form-label mb-0" for="before-{{ $job->id }}">Done before</label>
            <x-select :id="'before-'.$job->id" name="before" any="its turn by promise" :options="$row->others()" :chosen="$isTyped ? old('before') : $job->before_id" />
            @if ($isTyped)<x-fault for="before" />@endif
            <label class="form-label mb-0" for="work-{{ $job->id }}">Who does</label>
            <x-select :id="'work-'.$job->id" name="work" any="as it stands" :options="$row->work()" :chosen="$isTyped ? old('work') : null" />
            @if ($isTyped)<x-fault for="work" />@endif
            <label class="visually-hidden" for="by-{{ $job->id }}">By whom</label>
            <x-select class="mt-1" :id="'by-'.$job->id" name="by" any="whoever is free" :options="$page->people()->mapWithKeys(fn ($one) => [$one->id => $one->firstName()])->all()" :chosen="$isTyped ? old('by') : null" />
            @if ($isTyped)<x-fault for="by" />@endif
            <button class="btn btn-plain mt-1" id="try-{{ $job->number }}">See what moves</button>
            @foreach ($row->promises() as $promise)
                <p class="form-hint mb-0">{{ $promise->promised_at->format('j M') }}, {{ $promise->user->firstName() }}: {{ $promise->promised_on === null ? 'promise taken back' : 'promised for '.$promise->promised_on->format('D j M') }}</p>
            @endforeach
        </form>
    @endif
    <div>
        <h3>In other hands</h3>
        <ul class="plain-list">
            @foreach ($job->inOtherHands()->open() as $number => $one)
                <li>{{ $one->label() }}@if ($one->backOn !== null), {{ App\View\Calendar\DatesTable::day($one->backOn) }}@endif; before: {{ lcfirst($one->before->label()) }}
                    <form class="d-inline" method="post" action="{{ route('calendar.back', [$job, $number]) }}">@csrf @formkey @method('DELETE')<button class="btn btn-plain" id="back-{{ $job->number }}-{{ $number }}">{{ $one->kind->ends() }}</button></form></li>
            @endforeach
        </ul>
        <x-fault for="elsewhere" />
        <form method="post" action="{{ route('calendar.elsewhere', $job) }}" novalidate>
            @csrf @formkey<input type="hidden" name="version" value="{{ $job->version }}"><input type="hidden" name="row" value="{{ $job->id }}">
            <label class="visually-hidden" for="elsewhere-{{ $job->id }}">Where</label>
            <x-select :id="'elsewhere-'.$job->id" name="elsewhere" :options="NeatSpindle\Core\Whole\Calendar\ElsewhereKind::cases()" :chosen="$isTyped ? old('elsewhere') : null" />
            <label class="form-label mb-0" for="what-{{ $job->id }}">What</label>
            <input class="form-control" id="what-{{ $job->id }}" name="what" maxlength="@most(SHORT_NOTE)" placeholder="front wheel: a new rim" value="{{ $isTyped ? old('what') : '' }}">
            @if ($isTyped)<x-fault for="what" />@endif
            <label class="form-label mb-0" for="needed-{{ $job->id }}">Needed before</label>
            <x-select :id="'needed-'.$job->id" name="needed" :options="NeatSpindle\Core\Whole\Calendar\WorkKind::cases()" :chosen="$isTyped ? old('needed') : 'hand-over'" />
            @if ($isTyped)<x-fault for="needed" />@endif
            <label class="form-label mb-0" for="back-on-{{ $job->id }}">Back on <span class="soft">if a day was named</span></label>
            <input class="form-control" type="date" id="back-on-{{ $job->id }}" name="back_on" value="{{ $isTyped ? old('back_on') : '' }}">
            @if ($isTyped)<x-fault for="back_on" />@endif
            <button class="btn btn-plain mt-1" id="away-{{ $job->number }}">It is away</button>
        </form>
    </div>
    <div>
        <h3>The customer</h3>
        <label class="form-label mb-0" for="words-{{ $job->id }}">Words to copy or send</label>
        <textarea class="form-control" id="words-{{ $job->id }}" rows="5" readonly>{{ $row->words() }}</textarea>
        <p class="pieces mt-1 mb-1">
            @if ($customer->email)<a class="btn btn-plain" id="write-{{ $job->number }}" href="{{ $row->letter() }}">Write to {{ $customer->email }}</a>@endif
            @if ($customer->phone)<a class="btn btn-plain" href="tel:{{ preg_replace('/[^+\d]/', '', $customer->phone) }}">Call {{ $customer->phone }}</a>@endif
        </p>
        <form method="post" action="{{ route('calendar.contact', $job) }}" novalidate>
            @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $customer->contactMark() }}"><input type="hidden" name="row" value="{{ $job->id }}">
            <label class="form-label mb-0" for="phone-{{ $job->id }}">Telephone</label>
            <input class="form-control" type="tel" id="phone-{{ $job->id }}" name="phone" autocomplete="off" maxlength="@most(PHONE)" value="{{ $isTyped ? old('phone', $customer->phone) : $customer->phone }}">
            @if ($isTyped)<x-fault for="phone" />@endif
            <label class="form-label mb-0" for="email-{{ $job->id }}">E-mail</label>
            <input class="form-control" type="email" id="email-{{ $job->id }}" name="email" autocomplete="off" maxlength="@most(NAME)" value="{{ $isTyped ? old('email', $customer->email) : $customer->email }}">
            @if ($isTyped)<x-fault for="email" />@endif
            @if ($isTyped)<x-fault for="contact" />@endif
            <button class="btn btn-plain mt-1">Keep</button>
        </form>
    </div>
</div>
