@props(['page', 'choice'])
<label class="form-label mt-1" for="position">Body hangs</label>
<x-select id="position" name="position" :options="NeatSpindle\Core\Holding\Reaction\BodyPosition::cases()" :chosen="old('position', $choice->position()->value)" />
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
                <input type="radio" name="rest" value="{{ $value }}" @checked(old('rest', $choice->rest()?->value) === $value)>
                <x-drawing.choice :shows="App\View\Drawings\ChoiceDrawing::ofRest(NeatSpindle\Core\Holding\Reaction\Rest::from($value))" />
                <span>
                    {{ NeatSpindle\Core\Holding\Reaction\Rest::from($value)->label() }}
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
<div class="pieces mt-1">
    <label for="tube">A tube it clamps is thick</label>
    <input class="form-control w-auto" id="tube" name="tube" size="7" value="{{ old('tube', $choice->tube() === null ? '' : $page->unit->show($choice->tube())) }}" @error('tube') aria-invalid="true" @enderror>
</div>
<x-fault for="tube" />
@if ($page->wantsTheTube())<p class="told mb-1">Measure the tube: clamps come in sizes, and the one to get follows from it.</p>@elseif ($page->boomClamp())<p class="form-hint mb-1">{{ $page->boomClamp()->words() }}</p>@endif
@if ($page->hasChainPull())
    <p class="form-hint mb-1">Above the shell the rest has the chain’s pull to hold besides the motor’s torque.</p>
@endif
@if ($page->isCarbon())
    <label class="form-label mt-1" for="maker-allows">What the frame’s maker said about a body or strut on carbon, and where</label>
    <input class="form-control" id="maker-allows" name="maker_allows" maxlength="@most(SHORT_NOTE)" value="{{ old('maker_allows', $choice->makerAllows()) }}">
    <p class="form-hint mb-1">Until the maker has allowed it this is a stop. We do not decide it.</p>
    <x-fault for="maker_allows" />
@endif
<label class="form-label mt-1" for="gap">In the gap lies</label>
<x-select id="gap" name="gap" :options="NeatSpindle\Core\Holding\Reaction\GapContents::cases()" :chosen="old('gap', $choice->gap($page->inTheGap())->value)" />
@if ($page->inTheGap())<p class="told mb-1" id="in-the-gap">Known from the survey: {{ lcfirst($page->inTheGap()->label()) }} lies where the body goes. It counts, whatever is chosen here, until it is moved.</p>@endif
<p class="form-hint mb-1">A hard block keeps what is soft whole when it is thicker by a millimetre and more than both doubts, and bears beside it, never on it.</p>
<div class="pieces mt-1">
    <label for="gap-block">Block is thick</label>
    <input class="form-control w-auto" id="gap-block" name="block" size="9" value="{{ old('block', $choice->block() === null ? '' : $page->unit->showMeasurement($choice->block())) }}" @error('block') aria-invalid="true" @enderror>
    <label for="gap-soft">what is soft</label>
    <input class="form-control w-auto" id="gap-soft" name="soft" size="9" value="{{ old('soft', $choice->soft() === null ? '' : $page->unit->showMeasurement($choice->soft())) }}" @error('soft') aria-invalid="true" @enderror>
</div>
<x-fault for="block" /><x-fault for="soft" />
@if ($choice->gapBlock())
    <p class="mb-0">@verdict($choice->gapBlock()->verdict()) The block is {{ $page->unit->show($choice->gapBlock()->clearance) }} ± {{ $page->unit->show($choice->gapBlock()->plusMinus) }} thicker; a millimetre is wanted.</p>
@endif
