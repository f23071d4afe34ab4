{{-- What is done in the same movement as the step at hand: read here, ticked with it; each can be left out. --}}
@props(['page', 'step', 'words'])
@php([$steps, $isTyped] = [$page->inOneGo(), old('step') === $step])
@if ($steps !== [])
    <fieldset class="in-one-go">
        <legend class="form-label fs-6">{{ $words }}</legend>
        @foreach ($steps as $one)
            <label class="pick" for="with-{{ $one->code }}"><input class="form-check-input m-0" type="checkbox" id="with-{{ $one->code }}" name="with[{{ $one->code }}]" value="{{ $page->record($one->code)->id ?? 0 }}" @checked(! $isTyped || isset(old('with')[$one->code]))> <span class="figures">{{ $page->numberOf($one->code) }}</span> {{ $one->title }}</label>
            <p class="mb-1">{{ $one->how }}@foreach ($one->notes as $note) <span class="soft">{{ rtrim($note, '.') }}.</span>@endforeach</p>
            @if ($one->caution)<p class="caution mb-1">{{ $one->caution }}</p>@endif
        @endforeach
        <x-fault for="with" />
    </fieldset>
@endif
