@props(['page'])
@php($riding = $page->riding())
@php($best = $page->best())
@php($other = $page->ringForTheHill())
<section class="panel" aria-labelledby="hill-title">
    <h2 id="hill-title">{{ $riding->gradePercent() + 0 }} % with {{ $riding->massKg() + 0 }} kg</h2>
    <p class="answer">
        @verdict($page->verdictOf($best->verdict), $best->verdict->label())
        @if ($page->climb()->pulls())
            Up it at <strong class="figures">{{ $page->speed() }}</strong>, in the <strong>{{ $page->gear($best) }}</strong>, crank at {{ number_format($best->crankRpm, 0) }}.
        @else
            @switch($best->verdict->value)
                @case('labours')
                    Only labouring, in the {{ $page->gear($best) }}, at <strong class="figures">{{ $page->speed() }}</strong>: hot and hungry.
                    @break
                @case('spins_out')
                    Every gear spins out: it is faster than the gears.
                    @break
                @default
                    No gear carries it with ring {{ $page->opened->worksheet()->job->kit->ring->label() }}.
            @endswitch
            @if ($other)
                <strong>Fit {{ $other->ring->label() }}, {{ $other->ring->teeth }} teeth:</strong>
                its lowest gear is {{ number_format($other->lowestDevelopment, 2) }} m a turn, and pulls.
                <a href="{{ route('job.line', $page->job) }}">See it on Line</a>
            @else
                <strong>No ring of the catalogue makes it pull:</strong> less load, a larger cog, or another motor.
            @endif
        @endif
    </p>
    <p class="mb-2">
        The steepest it pulls with this load: <strong class="figures">{{ $page->steepest() === null ? 'none' : number_format($page->steepest(), 1).' %' }}</strong>.
        Force at the wheel <span class="figures">{{ number_format($page->climb()->force, 0) }} N</span>.
    </p>
    <div class="scroll-x gear-scroll" tabindex="0" role="region" aria-label="Every gear on this hill"><table class="ledger">
        <thead><tr><th class="n">Gear</th><th>On this hill</th><th class="n">Crank</th><th class="n">Torque at the crank</th></tr></thead>
        <tbody>
            @foreach ($page->gears() as $on)
                <tr class="{{ $on === $best ? 'chosen' : '' }}">
                    <td class="n">{{ $page->gear($on) }}</td>
                    <td>@verdict($page->verdictOf($on->verdict), $on->verdict->label())</td>
                    <td class="n">{{ number_format($on->crankRpm, 0) }} rpm</td>
                    <td class="n">{{ $page->torqueUnit->show($on->crankTorque) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table></div>
</section>
