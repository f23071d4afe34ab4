@props(['page', 'about', 'options', 'chosen' => null])
@php([$decision, $code] = [$page->decision($about), $about->kept()])
<div>
    <div>
        <x-picks :id="$code" :name="'choices['.$code.']'" :options="$options" :chosen="old('choices.'.$code, $chosen)" any="Not decided yet" :legend="$about->label()" hidden
            :drawn="fn (string $value) => App\View\Drawings\FittingDrawing::of($options[0]::from($value))" />
        <x-fault :for="'choices.'.$code" />
    </div>
    <div>
        <input class="form-control" id="why-{{ $code }}" name="reasons[{{ $code }}]" maxlength="@most(REASON)" placeholder="Why, where it is left off" aria-label="{{ $about->label() }}: why, where it is left off" value="{{ old('reasons.'.$code, $decision?->reason) }}">
        <x-fault :for="'reasons.'.$code" />
    </div>
</div>
@unless ($decision)<p class="form-hint mb-1">House rule: {{ lcfirst($page->houseSays($about)) }}. Nobody has decided for this bike yet.</p>@endunless
@if ($decision)
    <p class="form-hint mb-1">{{ $decision->user->name }}, {{ $decision->made_at->format('j M, H:i') }}@if ($decision->reason): “{{ $decision->reason }}”@endif @if ($decision->allowed_at). Answered for by {{ $decision->allowedBy?->name }}: “{{ $decision->allowed_because }}”@endif</p>
@endif
