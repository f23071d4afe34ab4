@props(['page', 'figure'])
@php($field = $figure->field())
@php($id = 'figure-'.$field)
@php($kinds = NeatSpindle\Core\Whole\Measured\FigureKind::class)
<div @class(["mb-2", "span" => $figure->kind === NeatSpindle\Core\Whole\Measured\FigureKind::Choices])>
    @if ($figure->kind === $kinds::Choices)
        @php($chosen = old('seen') === null ? null : (array) old('choices', []))
        <fieldset>
            <legend class="form-label fs-6"><span class="number">{{ $page->number($figure) }}</span> {{ $figure->label }} @unless ($figure->isNeeded)<span class="soft">can wait</span>@endunless</legend>
            <div class="choice-row">
                @foreach ($page->choices($figure) as $value => $label)
                    <label class="pick slim" for="{{ $id }}-{{ $loop->index }}"><input class="form-check-input m-0" type="checkbox" id="{{ $id }}-{{ $loop->index }}" name="choices[]" value="{{ $field }} {{ $value }}" @checked($chosen === null ? $page->isChosen($figure, (string) $value) : in_array("{$field} {$value}", $chosen, true)) @disabled(! $page->mayMeasure())> {{ $label }}</label>
                @endforeach
            </div>
        </fieldset>
    @else
        <label class="form-label mb-0" for="{{ $id }}"><span class="number">{{ $page->number($figure) }}</span> {{ $figure->label }} @unless ($figure->isNeeded)<span class="soft">can wait</span>@endunless</label>
        @if ($figure->kind === $kinds::Choice || $figure->kind === $kinds::YesNo)
            @php($options = ['' => 'not said'] + ($figure->kind === $kinds::YesNo ? ['yes' => 'Yes', 'no' => 'No'] : $page->choices($figure)))
            <x-select :id="$id" :name="'figures['.$field.']'" :options="$options" :chosen="old('figures.'.$field, $page->shown($figure))" :disabled="! $page->mayMeasure()" />
        @else
            <input class="form-control" id="{{ $id }}" name="figures[{{ $field }}]" value="{{ old('figures.'.$field, $page->shown($figure)) }}" maxlength="@most(FIGURES)" autocomplete="off"
                @if ($figure->kind->isLength() || $figure->unit !== '') inputmode="decimal" @endif aria-describedby="{{ $id }}-how" @disabled(! $page->mayMeasure()) @error('figures.'.$field) aria-invalid="true" @enderror>
        @endif
    @endif
    <p class="form-hint mb-0" id="{{ $id }}-how">@words($figure->how)</p>
    <x-fault :for="'figures.'.$field" />
</div>
