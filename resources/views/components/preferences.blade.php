{{-- Units and light, as the person likes them: in the head of every page, on a telephone under Account. --}}
@props(['button' => 'quiet'])
@php($person = auth()->user())
<form {{ $attributes->class('preferences') }} method="post" action="{{ route('preferences') }}" hx-boost="false">
    @csrf @formkey @method('PUT')
    <button class="{{ $button }}" name="length_unit" value="{{ $person->length_unit->value === 'mm' ? 'in' : 'mm' }}">
        Lengths in {{ $person->length_unit->value === 'in' ? 'inches' : 'mm' }}
    </button>
    <button class="{{ $button }}" name="torque_unit" value="{{ $person->torque_unit->value === 'N·m' ? 'ft·lb' : 'N·m' }}">
        Torque in {{ $person->torque_unit->value }}
    </button>
    <button class="{{ $button }}" name="light" value="{{ $person->light->value === 'dark' ? 'bright' : 'dark' }}">
        {{ $person->light->value === 'dark' ? 'Bright window' : 'Dark workshop' }}
    </button>
</form>
