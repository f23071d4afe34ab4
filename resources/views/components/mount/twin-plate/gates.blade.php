@props(['page', 'stack'])
@php($chain = $page->firstChain())
@php($least = $page->opened->worksheet()->job->kit->motor->held->minBoltTurns)
@php($drives = $page->opened->findings->answer(NeatSpindle\Core\Measuring\Survey\Spot::DriveChain))
@php($feel = $page->opened->findings->answer(NeatSpindle\Core\Measuring\Survey\Spot::BearingFeel))
@php($arm = $page->opened->findings->answer(NeatSpindle\Core\Measuring\Survey\Spot::TensionerArm))
@php($turns = $page->opened->findings->count(NeatSpindle\Core\Measuring\Survey\Spot::CrankBoltTurns))
<section class="panel mt-3" aria-labelledby="first-chain-title">
    <h2 id="first-chain-title">First chain, crank and bearings, by hand before any torque</h2>
    <div class="decisions">
        <form method="post" action="{{ route('job.answer', $page->job) }}">
            @csrf @formkey
            <input type="hidden" name="spot" value="drive_chain"><input type="hidden" name="back" value="stack">
            <h3 class="h6">Which chain the motor drives</h3>
            <div class="choice-row">
                @foreach (NeatSpindle\Core\Measuring\Survey\Spot::DriveChain->choices() as $value => $label)
                    <button class="btn btn-plain" name="value" value="{{ $value }}" @if($drives === $value) aria-pressed="true" @endif>{{ $label }}</button>
                @endforeach
            </div>
            <p class="mb-0">@if ($drives === 'bikes') Over cog, arm’s pulley, pinion and ring: no sag rule, but the arm must swing. @elseif ($drives === 'own') Its sag and its tensioner are asked below. @else The sheet follows from it. @endif</p>
        </form>
        <form method="post" action="{{ route('job.answer', $page->job) }}">
            @csrf @formkey
            <input type="hidden" name="spot" value="bearing_feel"><input type="hidden" name="back" value="stack">
            <h3 class="h6">Spindle turned by hand</h3>
            <div class="choice-row">
                @foreach (['free' => 'Free, no play', 'play' => 'End play', 'drag' => 'It drags'] as $value => $label)
                    <button class="btn btn-plain" name="value" value="{{ $value }}" @if($feel === $value) aria-pressed="true" @endif>{{ $label }}</button>
                @endforeach
            </div>
            <p class="mb-0">@switch($feel)
                @case('play') <strong>Too few shims.</strong> Add one at the bearings or cups, never under the crank, and turn again. Split rings lie with their gaps opposite. @break
                @case('drag') <strong>Too many shims.</strong> Take one from the bearings or cups, never from under the crank, and turn again. Never torque against a drag. @break
                @case('free') Right so: bearings sit on the spindle’s ground part over their whole width. @break
                @default Too few shims give play, too many give drag.
            @endswitch</p>
        </form>
        <form method="post" action="{{ route('job.answer', $page->job) }}">
            @csrf @formkey
            <input type="hidden" name="spot" value="crank_bolt_turns"><input type="hidden" name="back" value="stack">
            <h3 class="h6"><label for="bolt-turns">Full turns of the crank bolt, by hand</label></h3>
            <div class="pieces"><input class="form-control w-auto" id="bolt-turns" name="value" size="4" inputmode="numeric" value="{{ $turns }}"><button class="btn btn-plain">Keep</button></div>
            <x-fault for="value" />
            <p class="mb-0">@if ($turns === null) At least {{ $least + 0 }} before it is trusted with torque.
                @elseif ($turns < $least) <strong>Stop:</strong> {{ $turns }} of at least {{ $least + 0 }}. Thinner spacers under the crank, or a longer bolt; no torque until then.
                @else Enough: {{ $turns }} of at least {{ $least + 0 }}. @endif</p>
        </form>
        <form method="post" action="{{ route('job.answer', $page->job) }}">
            @csrf @formkey
            <input type="hidden" name="spot" value="tensioner_arm"><input type="hidden" name="back" value="stack">
            <h3 class="h6">Tensioner’s arm, chain on the smallest cog</h3>
            <div class="choice-row">
                @foreach (['free' => 'Swings both ways', 'end' => 'At its end', 'touches' => 'Chain touches the ring'] as $value => $label)
                    <button class="btn btn-plain" name="value" value="{{ $value }}" @if($arm === $value) aria-pressed="true" @endif>{{ $label }}</button>
                @endforeach
            </div>
            <p class="mb-0">@switch($arm)
                @case('end') <strong>Not yet:</strong> a link more or less in the first chain, then look again. @break
                @case('touches') <strong>Not yet:</strong> drive spacers off line, or the ring too large: see “First chain off line” below. @break
                @case('free') Right so. @break
                @default Ring, pulley and pinion in one plane; the arm free to swing both ways and not at its end.
            @endswitch</p>
        </form>
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
