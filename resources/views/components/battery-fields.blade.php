@props(['page', 'trial'])
@php($floor = $trial->setting->floor)
@php($site = $trial->setting->site)
<form id="set-battery" method="post" action="{{ route('job.battery.set', $page->job) }}" novalidate>
    @csrf @formkey @method('PATCH')
    <input type="hidden" name="version" value="{{ $page->job->version }}">
    @if ($trial->at() !== null)
        <div class="pieces">
            <label for="pack-at">From the front of the tube</label>
            <input class="form-control w-auto" id="pack-at" name="at" size="8" value="{{ old('at', $page->unit->showCoarse($trial->setting->at ?? $trial->at())) }}" @error('at') aria-invalid="true" @enderror>
            <button class="btn btn-plain" id="keep-at">Keep</button>
            <button class="btn btn-plain" name="move" value="-5" data-key="f" data-does="forward">Forward <kbd aria-hidden="true">f</kbd></button>
            <button class="btn btn-plain" name="move" value="5" data-key="b" data-does="back">Back <kbd aria-hidden="true">b</kbd></button>
        </div>
        <x-fault for="at" />
    @endif
    @unless ($site->isMeasuredByTubes())
        <p class="form-hint mb-1 mt-2">{{ ucfirst($site->floor()) }}</p>
        <div class="pieces">
            <label for="floor-length">Long</label><input class="form-control w-auto" id="floor-length" name="length" size="7" value="{{ old('length', $floor->length === null ? '' : $page->unit->showCoarse($floor->length)) }}" @error('length') aria-invalid="true" @enderror>
            <label for="floor-width">wide</label><input class="form-control w-auto" id="floor-width" name="width" size="7" value="{{ old('width', $floor->width === null ? '' : $page->unit->showCoarse($floor->width)) }}" @error('width') aria-invalid="true" @enderror>
            @if ($site === NeatSpindle\Core\Fitting\Battery\PackSite::Rack)
                <label for="floor-load">carries, kg</label><input class="form-control w-auto" id="floor-load" name="load" size="5" inputmode="decimal" value="{{ old('load', $floor->load) }}" @error('load') aria-invalid="true" @enderror>
            @endif
        </div>
        <x-fault for="length" /><x-fault for="width" /><x-fault for="load" />
    @endunless
    <label class="form-label mt-2" for="fixing">Held by</label>
    <x-select id="fixing" name="fixing" :options="$site->fixings()" :chosen="old('fixing', $trial->setting->fixing?->value)" any="Nothing yet" />
    <x-fault for="fixing" />
    @if ($trial->setting->fixing)
        <p class="form-hint mb-1">{{ $trial->setting->fixing->how($page->inserts()) }}</p>
    @endif
    <fieldset class="mt-2">
        <legend>With the pack held there</legend>
        @foreach ($page->checks() as $check)
            <div class="check-row">
                <span id="check-{{ $check->value }}">{{ $check->asks() }}</span>
                <span class="seen" role="radiogroup" aria-labelledby="check-{{ $check->value }}">
                    @foreach (['yes' => 'Yes', 'no' => 'No'] as $value => $label)
                        <label class="pick slim"><input type="radio" name="seen[{{ $check->value }}]" value="{{ $value }}" @checked(old("seen.{$check->value}", $page->seen($check)) === $value)> {{ $label }}</label>
                    @endforeach
                </span>
            </div>
        @endforeach
    </fieldset>
    <p class="tool-line mt-2 mb-0"><button class="btn btn-primary" id="keep-battery">Keep</button> @if (array_filter($page->checks(), fn ($check) => $page->seen($check) === '') !== [])<button class="btn btn-plain" id="rest-fine" name="rest_fine" value="1" data-key="d">Keep; I looked at the others: yes to all <kbd aria-hidden="true">d</kbd></button>@endif</p>
</form>
