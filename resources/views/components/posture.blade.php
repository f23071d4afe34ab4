@props(['now', 'to', 'kind'])
@unless ($kind->standsByItself())
<div class="posture mb-2" role="group" aria-label="How the bike stands">
    @foreach (['upright' => 'Upright', 'inverted' => 'Upside down'] as $value => $label)
        <a class="btn {{ $now->value === $value ? 'btn-primary' : 'btn-plain' }}" href="{{ $to($value) }}" @if($now->value === $value) aria-current="true" @endif>{{ $label }}</a>
    @endforeach
</div>
@endunless
