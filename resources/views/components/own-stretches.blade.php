@props(['page'])
@php($own = $page->job->ownStretches)
@php($fields = ['stretch_from', 'stretch_to', 'stretch_length', 'towards', 'tags'])
@foreach ($own as $one)
    <form class="tool-line" method="post" action="{{ route('job.stretch.remove', [$page->job, $one]) }}">
        @csrf @formkey @method('DELETE')
        <span>{{ $one->from_place }} → {{ $one->to_place }}, {{ $page->unit->showCoarse($one->length_mm) }}@if ($one->tags), {{ implode(', ', array_map(fn ($tag) => NeatSpindle\Core\Measuring\Frame\Mark::from($tag)->label(), $one->tags)) }}@endif</span>
        <button class="btn-link-quiet" aria-label="Take off {{ $one->from_place }} to {{ $one->to_place }}">Take off</button>
    </form>
@endforeach
<details class="not-on-paper" @if($errors->hasAny($fields)) open @endif>
    <summary class="btn-link-quiet d-inline-flex align-items-center">Add a place or a way of this frame</summary>
    <form class="record" method="post" action="{{ route('job.stretch', $page->job) }}" novalidate>
        @csrf @formkey
        <div><label class="form-label" for="stretch-from">From</label><x-select id="stretch-from" name="stretch_from" :options="$page->placeNames()" :chosen="old('stretch_from')" /><x-fault for="stretch_from" /></div>
        <div><label class="form-label" for="stretch-to">To, a place there is or a new one</label><input class="form-control" id="stretch-to" name="stretch_to" maxlength="@most(PLACE)" value="{{ old('stretch_to') }}"><x-fault for="stretch_to" /></div>
        <div><label class="form-label" for="stretch-length">How long, along the way</label><input class="form-control" id="stretch-length" name="stretch_length" value="{{ old('stretch_length') }}"><x-fault for="stretch_length" /></div>
        <div><label class="form-label" for="towards">A new place lies</label><x-select id="towards" name="towards" :options="NeatSpindle\Core\Measuring\Frame\Direction::cases()" :chosen="old('towards')" /></div>
        <fieldset class="w-100"><legend class="visually-hidden">It</legend>
            @foreach (NeatSpindle\Core\Measuring\Frame\Mark::cases() as $i => $mark)<label class="pick slim"><input type="checkbox" name="tags[{{ $i }}]" value="{{ $mark->value }}" @checked(in_array($mark->value, (array) old('tags'), true))> {{ $mark->label() }}</label> @endforeach
            <x-fault for="tags" />
        </fieldset>
        <div class="align-self-end"><button class="btn btn-plain" id="add-stretch">Add it</button></div>
    </form>
</details>
