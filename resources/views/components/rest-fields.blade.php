@props(['page', 'choice'])
<label class="form-label mt-1" for="position">Body hangs</label>
<x-select id="position" name="position" :options="NeatSpindle\Core\Reaction\BodyPosition::cases()" :chosen="old('position', $choice->position()->value)" />
<label class="pick mt-1">
    <input type="checkbox" name="is_reversed" value="1" @checked(old('is_reversed', $page->isReversed()))> Fitted the other way round (ring on the left)
</label>
@if ($page->isReversed())
    <p class="caution mb-1">The crank must still turn forwards: only a motor made to run the other way can be fitted so.</p>
@endif
<fieldset class="mt-1">
    <legend>It rests on</legend>
    <div class="rest-list">
        @foreach ($page->rests() as $value => $objection)
            <label class="rest-choice">
                <input type="radio" name="rest" value="{{ $value }}" @checked(old('rest', $choice->rest()?->value) === $value) @disabled($objection !== null)>
                <span>
                    {{ NeatSpindle\Core\Reaction\Rest::from($value)->label() }}
                    @if ($objection)
                        <br><span class="soft">{{ $objection }}</span>
                    @endif
                </span>
            </label>
        @endforeach
        <label class="rest-choice">
            <input type="radio" name="rest" value="" @checked(old('rest', $choice->rest()?->value) === null || old('rest') === '')> <span>Nothing yet</span>
        </label>
    </div>
</fieldset>
<x-fault for="rest" />
<div class="pieces mt-1">
    <label for="rest-radius">From the axis to the rest</label>
    <input class="form-control w-auto" id="rest-radius" name="rest_radius" size="7" value="{{ old('rest_radius', $choice->restRadius() === null ? '' : $page->unit->showCoarse($choice->restRadius())) }}" @error('rest_radius') aria-invalid="true" @enderror>
</div>
<x-fault for="rest_radius" />
<label class="form-label mt-1" for="gap">In the gap lies</label>
<x-select id="gap" name="gap" :options="NeatSpindle\Core\Reaction\GapContents::cases()" :chosen="old('gap', $choice->gap()->value)" />
