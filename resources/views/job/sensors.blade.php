@php($speed = $page->plan()->speed)
<x-job :page="$page">
    <x-route-tabs :page="$page" at="sensors" />
    <div class="work-halves">
        <div class="work-wide">
            <form class="panel" method="post" action="{{ route('job.sensors.decide', $page->job) }}" aria-label="What tells the motor" data-hand tabindex="-1" novalidate>
                @csrf @formkey @method('PUT')
                <input type="hidden" name="version" value="{{ $page->job->version }}">
                <h2>Brakes cut the motor</h2>
                <p class="mb-1">@if ($page->hasThrottle()) <strong>This bike gets a throttle</strong>: every lever has a sensor, or the owner answers for it. @else Each lever has a sensor, or it is left off as a decision with its reason. @endif</p>
                @foreach (NeatSpindle\Core\Fitting\Cockpit\BarSide::cases() as $side)
                    <div class="run-row" data-lever="{{ $side->value }}">
                        <h3>{{ $side->label() }} lever @if ($page->lever($side))<span class="form-hint fw-normal">{{ $page->lever($side)->label() }}</span>@endif</h3>
                        <x-sensor-choice :page="$page" :about="$page->about($side)" :options="NeatSpindle\Core\Fitting\Sensor\BrakeSensing::cases()" :chosen="$page->brakes()->of($side)?->value" />
                    </div>
                @endforeach
                <p class="caution">Hydraulic hoses are for those who may open and bleed them.</p>
                <h2>Shifts</h2>
                <p class="mb-1">{{ NeatSpindle\Core\Fitting\Sensor\GearSensing::advice($page->hasHubGear()) }}</p>
                <x-sensor-choice :page="$page" :about="App\Models\Values\About::gearSensor()" :options="NeatSpindle\Core\Fitting\Sensor\GearSensing::cases()" :chosen="$page->gears()?->value" />
                @if ($page->plan()->hasGearSensor)<p class="form-hint">On the sheet before the body goes in: cable off, end kept whole, sensor the right way round, housing, fixed; and indexed anew after the chain. Inner, housing and ferrules are on the order list.</p>@endif
                <h2>Wheel’s speed</h2>
                <x-picks id="speed-sensor" name="choices[speed-sensor]" :options="$page->speedSites()" :chosen="old('choices.speed-sensor', $page->plan()->site?->value)" any="Not said yet" legend="Its sensor sits"
                    :drawn="fn (string $value) => App\View\Drawings\FittingDrawing::of(NeatSpindle\Core\Fitting\Sensor\SpeedSite::from($value))" />
                <x-fault for="choices.speed-sensor" /><x-fault for="choices" />
                @if ($page->mayChoose())<button class="btn btn-primary" id="keep-sensors" data-key="d">Keep <kbd aria-hidden="true">d</kbd></button>@else<p class="form-hint mb-0">Choosing it is for installers and the owner.</p>@endif
            </form>
            @foreach (array_filter(NeatSpindle\Core\Fitting\Cockpit\BarSide::cases(), $page->brakes()->waitsForTheOwner(...)) as $side)
                <section class="panel mt-3" aria-label="{{ $side->label() }} lever without a sensor">
                    <p class="caution"><strong>Stop, {{ lcfirst($side->label()) }} lever.</strong> With a throttle and no sensor here, letting go of the throttle is all that stops the motor.</p>
                    @if ($page->mayDecide())
                        <form method="post" action="{{ route('job.sensors.allow', $page->job) }}" novalidate>
                            @csrf @formkey @method('PATCH')
                            <input type="hidden" name="decision" value="{{ $page->decision($page->about($side))?->id }}">
                            <label class="form-label" for="because-{{ $side->value }}">As owner: it may be left off, because</label>
                            <input class="form-control" id="because-{{ $side->value }}" name="because" maxlength="@most(REASON)" value="{{ old('because') }}">
                            <x-fault for="because" />
                            <button class="btn btn-plain mt-1" id="allow-{{ $side->value }}">I answer for it</button>
                        </form>
                    @else
                        <p class="mb-0">The owner of the workshop decides. Until then nothing is built.</p>
                    @endif
                </section>
            @endforeach
        </div>
        <section class="panel" aria-labelledby="gap-title">
            <h2 id="gap-title">Speed sensor’s gap</h2>
            <p class="mb-1">@if ($speed){{ ucfirst($speed->face->label()) }}, gap {{ $speed->band() }}, by the motor’s papers. @else The catalogue does not say on which side of the stay it goes, nor its gap: by its paper. @endif Magnet’s marked face to the sensor, its screw where a key reaches it.</p>
            <p>@verdict($page->gapVerdict(), $page->gapSays(), wraps: true)</p>
            <form class="pieces" method="post" action="{{ route('job.sensors.gap', $page->job) }}" novalidate>
                @csrf @formkey
                <label for="typed">Gap, sensor to magnet</label>
                <input class="form-control w-auto" id="typed" name="typed" size="9" value="{{ old('typed') }}" @error('typed') aria-invalid="true" @enderror>
                <button class="btn btn-plain" id="keep-gap">Keep</button>
            </form>
            <x-fault for="typed" />
            <p class="form-hint mb-0">Stay wiped clean of grease; clear of brake and spokes all round; its lead on the outside of the stay.</p>
        </section>
    </div>
</x-job>
