@props(['page', 'place'])
@php($pieces = $page->pieces($place))
<div class="place-row" data-place="{{ $place->value }}">
    <div>
        <h3>{{ $place->label() }}</h3>
        <div class="need">
            @if ($place->value === 'boss') gap @else needs @endif <span class="figures">{{ $page->needed($place) ?? '–' }}</span><br>
            {{ $page->isByHand($place) ? 'by hand' : 'from the drawer' }}
        </div>
    </div>
    <div>
        @if ($page->mayChoose())
            <form class="pieces" method="post" action="{{ route('job.fill', $page->job) }}">
                @csrf @method('PUT')
                <input type="hidden" name="version" value="{{ $page->job->version }}">
                <input type="hidden" name="place" value="{{ $place->value }}">
                <input type="hidden" name="pieces" value="{{ implode('; ', array_map(fn ($mm) => "{$mm} mm", $pieces ?? [])) }}">
                @forelse ($pieces ?? [] as $i => $mm)
                    <button class="piece" id="drop-{{ $place->value }}-{{ $i }}" name="drop" value="{{ $i }}" aria-label="{{ $page->bare($mm) }} {{ $page->unit->value }}: take out, {{ $place->label() }}">{{ $page->bare($mm) }}</button>
                @empty
                    <span class="soft">{{ $pieces === null ? 'nothing suits' : 'nothing' }}</span>
                @endforelse
            </form>
            <details @if(session('place') === $place->value || $errors->has($place->value)) open @endif>
                <summary id="change-{{ $place->value }}">Change<span class="visually-hidden"> {{ $place->label() }}</span></summary>
                <form class="pieces" method="post" action="{{ route('job.fill', $page->job) }}">
                    @csrf @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <input type="hidden" name="place" value="{{ $place->value }}">
                    <input type="hidden" name="pieces" value="{{ implode('; ', array_map(fn ($mm) => "{$mm} mm", $pieces ?? [])) }}">
                    @foreach ($page->fromDrawer($place) as $spacer)
                        <button class="piece-add" id="add-{{ $place->value }}-{{ $spacer->id }}" name="add" value="{{ $spacer->thickness_mm }} mm" aria-label="+{{ $page->bare($spacer->thickness_mm) }} {{ $page->unit->value }}: add, {{ $place->label() }}">+{{ $page->bare($spacer->thickness_mm) }}</button>
                    @endforeach
                </form>
                <form class="pieces mt-1" method="post" action="{{ route('job.fill', $page->job) }}">
                    @csrf @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <input type="hidden" name="place" value="{{ $place->value }}">
                    <label class="visually-hidden" for="pieces-{{ $place->value }}">{{ $place->label() }}, all pieces</label>
                    <input class="form-control w-auto flex-grow-1" id="pieces-{{ $place->value }}" name="pieces" size="10" placeholder="3 1 0.5" @error($place->value) aria-invalid="true" @enderror
                        value="{{ old('place') === $place->value ? old('pieces') : '' }}">
                    <button class="btn btn-plain">Put in</button>
                    @if ($page->isByHand($place))<button class="btn-link-quiet" name="to_drawer" value="1">Leave to the drawer</button>@endif
                </form>
            </details>
            <x-fault :for="$place->value" />
        @else
            <span class="figures">{{ implode(' + ', array_map(fn ($mm) => $page->unit->show($mm), $pieces ?? [])) ?: 'nothing' }}</span>
        @endif
    </div>
</div>
