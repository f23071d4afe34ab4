<x-layout title="Instruments">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Simulated instruments</h1></div>
        <div class="instruments">
            @foreach ($page->names() as $kind => $name)
                @php($state = $page->state($kind))
                <section class="panel instrument-{{ $kind }}" id="{{ $kind }}" aria-labelledby="{{ $kind }}-title">
                    <h2 id="{{ $kind }}-title">{{ $name }}</h2>
                    @if ($state === null)
                        <p class="mb-0">None is there.</p>
                    @else
                        <form method="post" action="{{ route('instruments.play') }}" novalidate>
                            @csrf @formkey @method('PUT')
                            <input type="hidden" name="instrument" value="{{ $kind }}">
                            <div class="knobs">
                                @foreach ($page->knobs($kind) as $knob)
                                    @php($value = old('instrument') === $kind ? old($knob->name, $state[$knob->name]) : $state[$knob->name])
                                    @if ($knob->isSwitch())
                                        <input type="hidden" name="{{ $knob->name }}" value="0">
                                        <label class="span"><input class="form-check-input" type="checkbox" id="{{ $kind }}-{{ $knob->name }}" name="{{ $knob->name }}" value="1" @checked((float) $value > 0)> {{ $knob->label }}</label>
                                    @else
                                        <label for="{{ $kind }}-{{ $knob->name }}">{{ $knob->label }}</label>
                                        <span class="pieces"><input class="form-control" id="{{ $kind }}-{{ $knob->name }}" name="{{ $knob->name }}" size="6" inputmode="decimal" value="{{ $value }}"> {{ $knob->unit }}</span>
                                    @endif
                                    @if (old('instrument') === $kind)<x-fault :for="$knob->name" />@endif
                                @endforeach
                            </div>
                            @if (old('instrument') === $kind)<x-fault for="instrument" />@endif
                            <div class="choice-row mt-3">
                                <button class="btn btn-primary" id="set-{{ $kind }}">Set</button>
                                <button class="btn btn-plain" id="cut-{{ $kind }}" name="cut" value="1">Cut off in the middle of the next line</button>
                            </div>
                        </form>
                    @endif
                </section>
            @endforeach
        </div>
    </main>
</x-layout>
