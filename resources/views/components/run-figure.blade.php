@props(['run', 'name', 'value', 'label', 'unit'])
<span class="figure-field"><label class="form-label m-0" for="{{ $name }}-{{ $run->id }}">{{ $label }}</label> <input class="form-control" id="{{ $name }}-{{ $run->id }}" name="{{ $name }}" inputmode="decimal" value="{{ (int) old('run') === $run->id ? old($name) : $value }}"> {{ $unit }}</span>
