{{-- Options: labels by value, or the cases of an enumeration that has labels. --}}
@props(['name', 'options', 'chosen' => null, 'any' => null])
<select {{ $attributes->class('form-select') }} name="{{ $name }}">
    @if ($any !== null)
        <option value="">{{ $any }}</option>
    @endif
    @foreach ($options as $key => $option)
        @php([$value, $label] = $option instanceof BackedEnum ? [$option->value, $option->label()] : [$key, $option])
        <option value="{{ $value }}" @selected((string) $chosen === (string) $value)>{{ $label }}</option>
    @endforeach
</select>
