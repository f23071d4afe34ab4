{{-- What the part's paper says is kept with the step, in one go. --}}
@props(['page', 'step', 'isTyped'])
@php($usual = $page->torques->usual($step))
<div class="band-asked">
    <p class="mb-1">No band is known for the {{ $step->fastener->label() }}. What does its paper say, in {{ $page->torqueUnit->value }}?@if ($usual) <strong>What stands here is only usual</strong>: the paper of pedal or crank goes before it.@endif</p>
    <div class="record">
        <div><label class="form-label" for="band">Band, from and to</label><input class="form-control" id="band" name="band" size="10" autocomplete="off" placeholder="35 to 42" value="{{ $isTyped ? old('band') : $usual?->says }}" @error('band') aria-invalid="true" aria-describedby="band-fault" @enderror><x-fault for="band" id="band-fault" /></div>
        <div><label class="form-label" for="paper">Which paper</label><input class="form-control" id="paper" name="paper" maxlength="@most(NAME)" value="{{ $isTyped ? old('paper') : $usual?->source }}" @error('paper') aria-invalid="true" aria-describedby="paper-fault" @enderror><x-fault for="paper" id="paper-fault" /></div>
    </div>
</div>
