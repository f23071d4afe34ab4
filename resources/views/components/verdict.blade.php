@props(['of' => null, 'words' => null])
@php($value = $of instanceof \BackedEnum ? $of->value : ($of ?? 'open'))
<span {{ $attributes->class(['verdict', "verdict-{$value}"]) }}>
    <svg viewBox="0 0 22 18" aria-hidden="true">
        @switch($value)
            @case('clear')
                <rect class="face" x="1" y="1" width="5" height="16" /><rect class="face" x="16" y="1" width="5" height="16" />
                @break
            @case('tight')
                <rect class="face" x="3" y="1" width="7" height="16" /><rect class="face" x="12" y="1" width="7" height="16" />
                @break
            @case('fails')
                <rect class="face" x="2" y="1" width="8" height="16" /><rect class="overlap" x="7" y="4" width="12" height="10" /><path class="overlap" d="M10 14 L18 5 M13 14 L19 8" />
                @break
            @default
                <rect class="overlap" x="2" y="2" width="5" height="14" /><rect class="overlap" x="15" y="2" width="5" height="14" />
        @endswitch
    </svg>
    <span>{{ $words ?? match ($value) { 'clear' => 'Clear', 'tight' => 'Tight', 'fails' => 'Fails', default => 'Open' } }}</span>
</span>
