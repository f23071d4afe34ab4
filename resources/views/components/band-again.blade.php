{{-- A band that was typed from a paper, and stands otherwise there: a later one supersedes. --}}
@props(['page', 'step', 'typed'])
@php($isTyped = old('fastener') === $step->fastener->value)
<details class="mt-1" @if ($isTyped) open @endif>
    <summary class="btn-link-quiet d-inline-flex align-items-center" id="band-again">The paper says otherwise</summary>
    <form class="record" method="post" action="{{ route('job.build.band', $page->job) }}" novalidate>
        @csrf @formkey
        <input type="hidden" name="fastener" value="{{ $step->fastener->value }}"><input type="hidden" name="step" value="{{ $step->code }}"><input type="hidden" name="seen" value="{{ $typed->id }}">
        <div><label class="form-label" for="low">From, {{ $page->torqueUnit->value }}</label><input class="form-control" id="low" name="low" size="6" inputmode="decimal" autocomplete="off" value="{{ $isTyped ? old('low') : $page->torqueUnit->figure($typed->low_nm) }}" @error('low') aria-invalid="true" @enderror><x-fault for="low" /></div>
        <div><label class="form-label" for="high">to</label><input class="form-control" id="high" name="high" size="6" inputmode="decimal" autocomplete="off" value="{{ $isTyped ? old('high') : $page->torqueUnit->figure($typed->high_nm) }}" @error('high') aria-invalid="true" @enderror><x-fault for="high" /></div>
        <div><label class="form-label" for="which-paper">Which paper</label><input class="form-control" id="which-paper" name="paper" maxlength="@most(NAME)" value="{{ $isTyped ? old('paper') : $typed->paper }}" @error('paper') aria-invalid="true" @enderror><x-fault for="paper" /></div>
        <div class="align-self-end"><button class="btn btn-plain" id="keep-band">Keep the band</button></div>
    </form>
</details>
