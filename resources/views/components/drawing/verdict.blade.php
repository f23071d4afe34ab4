{{-- Two bodies in section, hatched away from each other: with air between, nearly touching, run into each other; dashed while nobody knows. --}}
<span @class(['text-wrap' => $wraps, 'verdict', "verdict-{$value}"])>
    <svg viewBox="0 0 26 18" aria-hidden="true">
        @switch($value)
            @case('clear')
                <path class="face" d="M8.5 1V17M17.5 1V17" /><path class="hatch" d="M8.5 1.5 2 8M8.5 6.5 2 13M8.5 11.5 3 17M17.5 6.5 23 1M17.5 11.5 24 5M17.5 16.5 24 10" />
                @break
            @case('tight')
                <path class="face" d="M11.2 1V17M14.8 1V17" /><path class="hatch" d="M11.2 1.5 4.7 8M11.2 6.5 4.7 13M11.2 11.5 5.7 17M14.8 6.5 20.3 1M14.8 11.5 21.3 5M14.8 16.5 21.3 10" />
                @break
            @case('fails')
                <rect class="clash" x="9.5" y="1" width="7" height="16" /><path class="hatch" d="M9.5 1.5 3 8M9.5 6.5 3 13M9.5 11.5 4 17M16.5 6.5 22 1M16.5 11.5 23 5M16.5 16.5 23 10" />
                @break
            @default
                <path class="face unknown" d="M8.5 1V17M17.5 1V17" />
        @endswitch
    </svg>
    <span>{{ $words }}</span>
</span>
