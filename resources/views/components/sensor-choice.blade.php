@props(['page', 'about', 'options', 'chosen' => null])
@php([$decision, $code] = [$page->decision($about), $about->kept()])
<div class="pieces">
    <x-select :id="$code" :name="'choices['.$code.']'" :options="$options" :chosen="old('choices.'.$code, $chosen)" any="Not decided yet" class="w-auto flex-grow-1" :aria-label="$about->label()" />
</div>
<div class="pieces mt-1">
    <label for="why-{{ $code }}">Why, where it is left off</label>
    <input class="form-control w-auto flex-grow-1" id="why-{{ $code }}" name="reasons[{{ $code }}]" maxlength="@most(REASON)" value="{{ old('reasons.'.$code, $decision?->reason) }}">
</div>
<x-fault :for="'choices.'.$code" /><x-fault :for="'reasons.'.$code" />
@unless ($decision)<p class="form-hint mb-1">House rule: {{ lcfirst($page->houseSays($about)) }}. Nobody has decided for this bike yet.</p>@endunless
@if ($decision)
    <p class="form-hint mb-1">{{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}@if ($decision->reason): “{{ $decision->reason }}”@endif @if ($decision->allowed_at). Answered for by {{ $decision->allowedBy?->name }}: “{{ $decision->allowed_because }}”@endif</p>
@endif
