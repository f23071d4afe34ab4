@props(['page', 'place'])
@php($pieces = $page->pieces($place))
<form class="place-row too-on-paper" id="place-{{ $place->value }}" data-place="{{ $place->value }}" method="post" action="{{ route('job.edit', $page->job) }}">
    @csrf @formkey @method('PUT')
    <input type="hidden" name="version" value="{{ $page->job->version }}">
    <input type="hidden" name="place" value="{{ $place->value }}">
    @foreach ($page->seen() as $name => $seen)<input type="hidden" name="seen[{{ $name }}]" value="{{ $seen }}">@endforeach
    {{-- Return in the field puts in what was typed. --}}
    <button class="visually-hidden" name="op" value="fill" tabindex="-1" aria-hidden="true">Put in</button>
    <div>
        <h3>{{ $place->label() }}</h3>
        <div class="need">
            {{ $page->isGap($place) ? 'room' : 'needs' }} <span class="figures">{{ $page->needed($place) ?? '–' }}</span>@if ($page->isByHand($place)), <strong>by hand</strong>@endif
        </div>
    </div>
    <div>
        @if ($page->mayChoose())
            <div class="place-hand">
            <div class="pieces">
                @forelse ($pieces ?? [] as $i => $mm)
                    <details class="piece-menu" data-piece="{{ $i }}">
                        <summary class="piece" id="piece-{{ $place->value }}-{{ $i }}" aria-label="{{ $page->bare($mm) }} {{ $page->unit->value }} in {{ $place->label() }}">{{ $page->bare($mm) }}</summary>
                        <div class="piece-ops">
                            <button class="btn btn-plain" name="op" value="drop:{{ $i }}" data-does="drop">Take out</button>
                            @if ($page->next($place, $mm, true))<button class="btn btn-plain" name="op" value="swap:{{ $i }}:{{ $page->next($place, $mm, true) }}" data-does="thicker">Thicker: {{ $page->bare($page->next($place, $mm, true)) }}</button>@endif
                            @if ($page->next($place, $mm, false))<button class="btn btn-plain" name="op" value="swap:{{ $i }}:{{ $page->next($place, $mm, false) }}" data-does="thinner">Thinner: {{ $page->bare($page->next($place, $mm, false)) }}</button>@endif
                            @foreach ($page->places() as $other)
                                @if ($other !== $place)<button class="btn btn-plain" name="op" value="move:{{ $i }}:{{ $other->value }}" data-does="move" data-to="{{ $other->value }}">To: {{ $other->label() }}</button>@endif
                            @endforeach
                        </div>
                    </details>
                @empty
                    <span class="soft">{{ $pieces === null ? 'nothing suits' : 'nothing' }}</span>
                @endforelse
            </div>
            <details class="place-add" @if(session('place') === $place->value || $errors->has($place->value)) open @endif>
                <summary id="change-{{ $place->value }}">Put in<span class="visually-hidden">, {{ $place->label() }}</span></summary>
                <div class="pieces">
                    @foreach ($page->fromDrawer($place) as $mm)
                        <button class="piece-add" id="add-{{ $place->value }}-{{ $mm }}" name="op" value="add:{{ $mm }}" data-does="add" data-mm="{{ $mm }}" aria-label="{{ $page->bare($mm) }} {{ $page->unit->value }} into {{ $place->label() }}">+{{ $page->bare($mm) }}</button>
                    @endforeach
                </div>
                <div class="pieces mt-1">
                    <label class="visually-hidden" for="typed-{{ $place->value }}">{{ $place->label() }}, all pieces</label>
                    <input class="form-control w-auto flex-grow-1" id="typed-{{ $place->value }}" name="typed" size="10" placeholder="3 1 0.5" @error($place->value) aria-invalid="true" @enderror
                        value="{{ old('place') === $place->value ? old('typed') : '' }}">
                    <button class="btn btn-plain" name="op" value="fill" data-does="fill">Put in</button>
                    @if ($page->isByHand($place))<button class="btn-link-quiet" name="op" value="drawer" data-does="drawer">Leave to the drawer</button>@endif
                </div>
            </details>
            </div>
            <x-fault :for="$place->value" />
        @else
            <span class="figures">{{ implode(' + ', array_map(fn ($mm) => $page->unit->show($mm), $pieces ?? [])) ?: 'nothing' }}</span>
        @endif
    </div>
</form>
