@props(['page', 'about', 'options', 'chosen' => null, 'objection' => null])
@php($decision = $page->decision($about))
<form method="post" action="{{ route('job.sensors.decide', $page->job) }}" novalidate>
    @csrf @formkey @method('PUT')
    <input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="about" value="{{ $about }}">
    <div class="pieces">
        <x-select :id="$about" name="choice" :options="$options" :chosen="old('about') === $about ? old('choice') : $chosen" any="Not decided yet" class="w-auto flex-grow-1" :aria-label="$about" />
        <button class="btn btn-plain" id="keep-{{ $about }}">Keep</button>
    </div>
    <div class="pieces mt-1">
        <label for="why-{{ $about }}">Why, where it is left off</label>
        <input class="form-control w-auto flex-grow-1" id="why-{{ $about }}" name="reason" maxlength="500" value="{{ old('about') === $about ? old('reason') : $decision?->reason }}">
    </div>
    @if (old('about') === $about)<x-fault for="choice" /><x-fault for="reason" />@endif
</form>
@unless ($decision)<p class="form-hint mb-1">House rule: {{ lcfirst($page->houseSays($about)) }}. Nobody has decided for this bike yet.</p>@endunless
@if ($decision)
    <p class="form-hint mb-1">{{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}@if ($decision->reason): “{{ $decision->reason }}”@endif @if ($decision->allowed_at). Answered for by {{ $decision->allowedBy?->name }}: “{{ $decision->allowed_because }}”@endif</p>
@endif
