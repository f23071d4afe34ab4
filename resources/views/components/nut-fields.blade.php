@props(['page', 'torquing'])
<label class="form-label" for="nut-torque">Nut torque</label>
<div class="pieces">
    <input class="form-control w-auto" id="nut-torque" name="nut_torque" size="8" value="{{ old('nut_torque', $page->torqueUnit->show($torquing->nutTorque)) }}" @error('nut_torque') aria-invalid="true" @enderror>
    <span>maker’s band {{ $page->torqueUnit->show($page->band()->low) }} to {{ $page->torqueUnit->show($page->band()->high) }}</span>
</div>
@if ($page->reaction()?->torqueBand !== 'within')
    <p class="caution mb-1">{{ ucfirst((string) $page->reaction()?->torqueBand) }} the maker’s band.</p>
@endif
<x-fault for="nut_torque" />
<label class="form-label mt-1" for="thread-state">On the nut’s thread</label>
<x-select id="thread-state" name="thread_state" :options="['threadlocker' => 'Locking compound', 'dry' => 'Dry', 'grease' => 'Grease']" :chosen="old('thread_state', $torquing->threadState->value)" />
<label class="form-label mt-1" for="shell-face">Shell’s faces</label>
<x-select id="shell-face" name="shell_face" :options="['painted' => 'Painted', 'bare' => 'Bare metal, flat']" :chosen="old('shell_face', $torquing->face->value)" />
<div class="pieces mt-1">
    <label for="face-outer">Face, outer</label>
    <input class="form-control w-auto" id="face-outer" name="shell_outer" size="8" value="{{ old('shell_outer', $page->unit->show($torquing->size->outer)) }}">
    <label for="face-inner">inner</label>
    <input class="form-control w-auto" id="face-inner" name="shell_inner" size="8" value="{{ old('shell_inner', $page->unit->show($torquing->size->inner)) }}">
</div>
<x-fault for="shell_outer" /><x-fault for="shell_inner" />
