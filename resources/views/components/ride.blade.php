@props(['page', 'ridden', 'riding'])
@php($ride = $ridden->ride)
<p class="answer">
    @verdict($ridden->batteryVerdict(), $ride->emptyAt() === null ? 'The battery lasts' : 'The battery is empty')
    {{ $ridden->km($ride->profile->length) }} with {{ number_format($ride->profile->ascent(), 0) }} m up in {{ $ridden->hours($ride->seconds) }}:
    <strong class="figures">{{ number_format($ride->usedWh(), 0) }} Wh</strong> of {{ number_format($riding->batteryWh(), 0) }}.
    @if ($ride->emptyAt() !== null)
        <strong>Empty after {{ $ridden->km($ride->emptyAt()) }}.</strong>
    @elseif ($ride->range())
        On roads like this it goes <strong>{{ $ridden->km($ride->range()) }}</strong>.
    @endif
    @if ($ride->walked() > 0)
        <strong>Walked: {{ $ridden->km($ride->walked()) }}.</strong>
    @endif
    @if ($ridden->getsHot())
        <strong>The motor labours {{ $ridden->km($ride->longestLabour()) }} in one go: it gets hot. Gear it lower or rest it.</strong>
    @endif
</p>
<x-drawing.road :view="$ridden->drawing()" />
<p class="mb-0 not-on-paper"><a href="{{ route('job.road.svg', [$page->job, 'road' => $ridden->track->id]) }}" hx-boost="false">Save as SVG</a></p>
<p class="form-hint mb-0">
    Green: the motor pulls. Amber: it labours. Red: walked. Grey: it needs no motor. Dashed: the battery, full at the top. Below: speed.
    Heights are averaged over {{ (int) (2 * NeatSpindle\Core\Choosing\Ride\Profile::WINDOW) }} m, every {{ (int) NeatSpindle\Core\Choosing\Ride\Profile::STEP }} m:
    written down it climbs {{ number_format($ride->profile->rawAscent, 0) }} m, smoothed {{ number_format($ride->profile->ascent(), 0) }} m.
    {{ number_format($ride->profile->points) }} points. Starts, stops, bends and cold are not in it.
</p>
<details class="legs">
    <summary>Kilometre by kilometre</summary>
    <div class="scroll-x"><table class="ledger">
        <thead><tr><th class="n">Up to</th><th class="n">Slope</th><th class="n">Speed</th><th class="n">Cog</th><th class="n">Crank</th><th class="n">Used</th><th class="n">Left</th><th></th></tr></thead>
        <tbody>
            @foreach ($ridden->legs() as $leg)
                <tr>
                    @foreach (['to', 'slope', 'speed', 'gear', 'rpm', 'used', 'left'] as $figure)
                        <td class="n">{{ $leg[$figure] }}</td>
                    @endforeach
                    <td>{{ $leg['walked'] ? 'walked in part' : '' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table></div>
</details>
@foreach ($ridden->track->remarks as $remark)
    <p class="form-hint mb-0">{{ $remark }}</p>
@endforeach
