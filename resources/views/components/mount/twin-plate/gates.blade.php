@props(['page', 'stack'])
@php($chain = $page->firstChain())
@php($gates = NeatSpindle\Core\Holding\Mount\TwinPlate\HandGate::all($page->opened->findings->answers(), $page->opened->worksheet()->job->kit->motor->held->minBoltTurns))
@php($drives = $gates[0]->said)
<section class="panel mt-3" aria-labelledby="first-chain-title">
    <h2 id="first-chain-title">First chain, crank and bearings, by hand before any torque</h2>
    @if ($page->opened->findings->fitted()->bracketStays())
        <p class="told">The frame’s own spindle and cups stay, as Survey says; the shell’s width is told over them. A first chain of its own needs a joining link.</p>
    @endif
    <div class="decisions">
        @foreach ($gates as $gate)
            <form method="post" action="{{ route('job.answer', $page->job) }}">
                @csrf @formkey
                <input type="hidden" name="spot" value="{{ $gate->spot->value }}"><input type="hidden" name="back" value="stack">
                @if ($gate->spot->choices() === [])
                    <h3 class="h6"><label for="bolt-turns">{{ $gate->title }}</label></h3>
                    <div class="pieces">
                        <input class="form-control w-auto" id="bolt-turns" name="value" size="4" inputmode="numeric" value="{{ $gate->said }}">
                        <button class="btn btn-plain">Keep</button>
                    </div>
                    <x-fault for="value" />
                @else
                    <h3 class="h6">{{ $gate->title }}</h3>
                    <div class="choice-row">
                        @foreach ($gate->spot->choices() as $value => $label)
                            <button class="btn btn-plain" name="value" value="{{ $value }}" @if($gate->said === $value) aria-pressed="true" @endif>{{ $label }}</button>
                        @endforeach
                    </div>
                @endif
                <p class="mb-0">@if ($gate->verdict !== '')<strong>{{ $gate->verdict }}</strong> @endif{{ $gate->text }}</p>
            </form>
        @endforeach
        @unless ($drives === 'bikes')
        <div>
            <h3 class="h6">How the first chain hangs</h3>
            @if ($chain->hangs() === null)
                <p class="mb-0">Not measured: <a href="{{ route('job.survey', [$page->job, 'spot' => $page->opened->findings->has(NeatSpindle\Core\Measuring\Survey\Spot::FirstChainRun) ? 'first_chain_play' : 'first_chain_run']) }}">{{ $page->opened->findings->has(NeatSpindle\Core\Measuring\Survey\Spot::FirstChainRun) ? 'its play in the middle' : 'its free run' }}</a>.</p>
            @else
                <p class="mb-0">@verdict($chain->hangs()) Sags <span class="figures" data-figure="sag">{{ number_format($chain->sag()->value, 1) }} ± {{ number_format($chain->sag()->plusMinus, 1) }} %</span> of its free run; {{ $chain::TAUTEST + 0 }} to {{ $chain::SLACKEST + 0 }} % is usual: {{ $page->unit->showCoarse($chain->playWanted()[0]) }} to {{ $page->unit->showCoarse($chain->playWanted()[1]) }} up and down.
                    @if ($chain->hangs()->value === 'clear') Right so.
                    @elseif ($chain->hangs()->value === 'tight') Near the end of it: take the play again.
                    @elseif ($chain->isTooSlack()) <strong>Too slack:</strong> let the arm in; where it is at its end, a pair of links less.
                    @else <strong>Too taut:</strong> let the arm out; where it is at its end, a pair of links more.@endif</p>
            @endif
        </div>
        @endunless
        <div>
            <h3 class="h6">What the tensioner has left</h3>
            @if ($chain->arm() === null)
                <p class="mb-0">Not measured: <a href="{{ route('job.survey', [$page->job, 'spot' => 'arm_in']) }}">its way in and out</a>.</p>
            @else
                <p class="mb-0">@verdict($chain->arm()) {{ $page->unit->show($chain::ARM_LEAST) }} either way is the least.
                    @if ($chain->arm()->value === 'clear') Right so.
                    @elseif ($chain->arm()->value === 'tight') Near it: measure that way again.
                    @elseif ($chain->isArmSpent()) <strong>It cannot follow a chain that wears:</strong> a pair of links less, or a larger pulley.
                    @else <strong>It knocks against its end:</strong> a pair of links more, or a smaller pulley.@endif</p>
            @endif
        </div>
    </div>
    <p class="form-hint mt-2 mb-0">The spacer beside the pinion is the machined one.</p>
</section>
