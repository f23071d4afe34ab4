@props(['page', 'step'])
@php($isTyped = old('fastener') === $step->fastener->value)
<form class="band-asked" method="post" action="{{ route('job.build.band', $page->job) }}" novalidate>
    @csrf @formkey
    <input type="hidden" name="fastener" value="{{ $step->fastener->value }}"><input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $page->job->bands->firstWhere('fastener', $step->fastener)->id ?? 0 }}">
    <p class="mb-1">No band is known for the {{ $step->fastener->label() }}: what does the part’s paper say, in {{ $page->torqueUnit->value }}?</p>
    <div class="record">
        <div><label class="form-label" for="low">From</label><input class="form-control" id="low" name="low" size="6" inputmode="decimal" autocomplete="off" value="{{ $isTyped ? old('low') : '' }}" @error('low') aria-invalid="true" aria-describedby="low-fault" @enderror><x-fault for="low" id="low-fault" /></div>
        <div><label class="form-label" for="high">to</label><input class="form-control" id="high" name="high" size="6" inputmode="decimal" autocomplete="off" value="{{ $isTyped ? old('high') : '' }}" @error('high') aria-invalid="true" aria-describedby="high-fault" @enderror><x-fault for="high" id="high-fault" /></div>
        <div><label class="form-label" for="paper">Which paper</label><input class="form-control" id="paper" name="paper" maxlength="@most(NAME)" value="{{ $isTyped ? old('paper') : '' }}" @error('paper') aria-invalid="true" aria-describedby="paper-fault" @enderror><x-fault for="paper" id="paper-fault" /></div>
        <div class="align-self-end"><button class="btn btn-plain" id="keep-band">Keep the band</button></div>
    </div>
</form>
