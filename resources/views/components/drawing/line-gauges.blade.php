@props(['gauges'])
<svg class="gauges" viewBox="0 0 520 166" role="img" aria-label="What the motor says: level {{ $gauges->line->level }}@foreach ($gauges->bars() as $bar), {{ lcfirst($bar['label']) }} {{ $bar['says'] }}@endforeach">
    @foreach ($gauges->bars() as $i => $bar)
        <text x="0" y="{{ 18 + $i * 26 }}" font-size="15" class="gauge-name">{{ $bar['label'] }}</text>
        <rect x="86" y="{{ 5 + $i * 26 }}" width="300" height="18" fill="none" stroke="#8494a0" class="gauge-case" />
        <rect x="86" y="{{ 5 + $i * 26 }}" width="{{ round($bar['length'], 1) }}" height="18" fill="#24418f" class="gauge-fill" />
        <text x="400" y="{{ 20 + $i * 26 }}" font-size="18" class="gauge-figure">{{ $bar['says'] }}</text>
    @endforeach
    @foreach ($gauges->lamps() as $name => $isOn)
        <g transform="translate({{ $loop->index * 130 }} 144)">
            <rect x="1" y="1" width="14" height="14" fill="{{ $isOn ? '#8a5a00' : 'none' }}" stroke="#8494a0" class="{{ $isOn ? 'lamp-on' : 'lamp-off' }}" />
            <text x="22" y="14" font-size="15" class="gauge-name">{{ $name }}{{ $isOn ? ': yes' : '' }}</text>
        </g>
    @endforeach
</svg>
