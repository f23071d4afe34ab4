{{-- One of several, each with what it looks like: labels by value, or the cases of an enumeration that has labels. --}}
@props(['id', 'name', 'options', 'chosen' => null, 'any' => null, 'drawn', 'legend', 'hidden' => false])
<fieldset {{ $attributes->class('picks') }} id="{{ $id }}">
    <legend class="{{ $hidden ? 'visually-hidden' : 'form-label fs-6' }}">{{ $legend }}</legend>
    <div class="picks-row">
        @foreach ($options as $key => $option)
            @php([$value, $label] = $option instanceof BackedEnum ? [$option->value, $option->label()] : [$key, $option])
            <label class="pick" for="{{ $id }}-{{ $value }}"><input class="form-check-input m-0" type="radio" id="{{ $id }}-{{ $value }}" name="{{ $name }}" value="{{ $value }}" @checked((string) $chosen === (string) $value)>
                <x-drawing.choice :shows="$drawn($value)" /><span>{{ ucfirst($label) }}</span></label>
        @endforeach
        @if ($any !== null)<label class="pick" for="{{ $id }}-"><input class="form-check-input m-0" type="radio" id="{{ $id }}-" name="{{ $name }}" value="" @checked((string) $chosen === '')><span>{{ $any }}</span></label>@endif
    </div>
</fieldset>
