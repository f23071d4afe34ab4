@props(['page', 'line'])
<section class="panel" aria-labelledby="line-title">
    <h2 id="line-title">Chainline</h2>
    <p class="mb-1">
        Front <strong class="figures" data-figure="front">{{ $page->unit->show($line->front) }}</strong>,
        middle of the cogs <strong class="figures">{{ $page->unit->show($line->rearCentre) }}</strong>.
    </p>
    <p class="mb-2">
        <strong class="figures">{{ $page->unit->show(abs($line->front - $line->rearCentre)) }}</strong> off the middle of the cogs, straightest to the <strong>{{ $line->straightest->teeth }}</strong>;
        <strong class="figures" data-figure="weighted">{{ $page->unit->show($line->weightedOffset) }}</strong> on average over the cogs as they are ridden.
    </p>
    @php($room = $page->tyre()->room)
    @if ($room !== null)
        <p class="mb-2" id="tyre-room">Chain on the {{ $room->teeth }} to the tyre: <strong class="figures">{{ $page->unit->show($room->value) }}</strong> <span class="soft">± {{ $page->unit->show($room->plusMinus) }}</span> @verdict($room->verdict)
            <span class="soft">at least {{ $page->unit->show($room::LEAST) }}.@if ($room->verdict !== NeatSpindle\Core\Sums\Margin\Verdict::Clear) A ring further out, or a narrower tyre.@endif</span></p>
    @elseif ($page->tyre()->isAsked)
        <p class="mb-2"><a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'tyre_width']) }}">Measure the tyre’s width</a> <span class="soft">and it is told how far the chain stays off it.</span></p>
    @endif
    <form id="weights" class="too-on-paper" method="post" action="{{ route('job.weights', $page->job) }}" hx-trigger="change, submit" hx-post="{{ route('job.weights', $page->job) }}" hx-target="body">
        @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $page->weightsSeen() }}">
        <table class="ledger cogs">
            <thead><tr><th class="n">Cog</th><th>Ridden</th><th class="n">Offset</th><th class="n">Angle</th><th>Runs</th></tr></thead>
            <tbody>
                @foreach ($line->cogs as $i => $cog)
                    <tr>
                        <td class="n">{{ $cog->teeth }}</td>
                        <td>
                            @if (count($line->cogs) === 1)
                                always
                            @else
                                <label class="visually-hidden" for="weight-{{ $i }}">How much the {{ $cog->teeth }} is ridden</label>
                                <input type="range" id="weight-{{ $i }}" name="weights[{{ $i }}]" min="0" max="10" step="1" value="{{ $page->weights()[$i] ?? 1 }}">
                                <span class="on-paper">{{ $page->weights()[$i] ?? 1 }}</span>
                            @endif
                        </td>
                        <td class="n">{{ $page->unit->figure($cog->offset) }} <small class="doubt">± {{ $page->unit->figure($cog->plusMinus) }}</small></td>
                        <td class="n">{{ $page->angle($cog) }}</td>
                        <td>@verdict($page->verdictOf($cog), ucfirst($cog->verdict->value))@unless ($cog->isSettled) <span class="may-turn">may turn</span>@endunless</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($page->toTakeAgain())
            <p class="form-hint mb-0">Some may still turn inside the doubt. <a href="{{ route('job.survey', [$page->job, 'spot' => $page->toTakeAgain()->value]) }}">Take again: {{ $page->toTakeAgain()->label() }}</a></p>
        @endif
        <x-fault for="weights" />
        <noscript><button class="btn btn-plain mt-1">Keep how they are ridden</button></noscript>
    </form>
</section>
