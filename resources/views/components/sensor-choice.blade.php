@props(['page', 'about', 'options', 'chosen' => null, 'objection' => null])
@php([$decision, $code] = [$page->decision($about), $about->kept()])
<form method="post" action="{{ route('job.sensors.decide', $page->job) }}" novalidate>
    @csrf @formkey @method('PUT')
    <input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="about" value="{{ $code }}">
    <div class="pieces">
        <x-select :id="$code" name="choice" :options="$options" :chosen="old('about') === $code ? old('choice') : $chosen" any="Not decided yet" class="w-auto flex-grow-1" :aria-label="$about->label()" />
        <button class="btn btn-plain" id="keep-{{ $code }}">Keep</button>
    </div>
    <div class="pieces mt-1">
        <label for="why-{{ $code }}">Why, where it is left off</label>
        <input class="form-control w-auto flex-grow-1" id="why-{{ $code }}" name="reason" maxlength="@most(REASON)" value="{{ old('about') === $code ? old('reason') : $decision?->reason }}">
    </div>
    @if (old('about') === $code)<x-fault for="choice" /><x-fault for="reason" />@endif
</form>
@unless ($decision)<p class="form-hint mb-1">House rule: {{ lcfirst($page->houseSays($about)) }}. Nobody has decided for this bike yet.</p>@endunless
@if ($decision)
    <p class="form-hint mb-1">{{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}@if ($decision->reason): “{{ $decision->reason }}”@endif @if ($decision->allowed_at). Answered for by {{ $decision->allowedBy?->name }}: “{{ $decision->allowed_because }}”@endif</p>
@endif
