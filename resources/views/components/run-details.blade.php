@props(['page', 'run'])
@php($plug = $run->plug?->plug)
@php($isTyped = (int) old('details') === $run->id)
    <form class="run-details" method="post" action="{{ route('job.run.details', [$page->job, $run]) }}" novalidate>
        @csrf @formkey @method('PUT')
        <input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="details" value="{{ $run->id }}">
        <div class="own-lead">
            <label class="form-label m-0" for="pins-{{ $run->id }}">Pins</label><input class="form-control" id="pins-{{ $run->id }}" name="pins" inputmode="numeric" value="{{ $isTyped ? old('pins') : $plug?->pins }}">
            <x-select name="colour" :options="NeatSpindle\Core\Fitting\Route\PlugColour::cases()" :chosen="$isTyped ? old('colour') : $plug?->colour->value" any="colour" class="w-auto" :aria-label="'Colour of the plug of '.$run->name" />
            <label class="pick slim"><input type="checkbox" name="is_socket" value="1" @checked($plug?->isSocket)> socket</label>
            <label class="pick slim"><input type="checkbox" name="is_sealed" value="1" @checked($plug?->isSealed ?? true)> sealed</label>
        </div>
        <x-picks :id="'shape-'.$run->id" name="shape" :options="NeatSpindle\Core\Fitting\Route\PlugShape::cases()" :chosen="$isTyped ? old('shape') : $plug?->shape->value" any="not looked at" :legend="'Outline of the plug of '.$run->name" class="slim" hidden
            :drawn="fn (string $value) => App\View\Drawings\FittingDrawing::of(NeatSpindle\Core\Fitting\Route\PlugShape::from($value))" />
        @if ($isTyped)<x-fault for="pins" /><x-fault for="shape" /><x-fault for="colour" />@endif
        <label class="form-label mt-1" for="with-{{ $run->id }}">Goes through, or with</label>
        <input class="form-control" id="with-{{ $run->id }}" name="threaded_with" maxlength="@most(THREADED_WITH)" placeholder="guide, housing, a drawn thread" value="{{ $isTyped ? old('threaded_with') : $run->threaded_with }}">
        <label class="form-label mt-1" for="surplus-{{ $run->id }}">What is left of it lies</label>
        <x-select id="surplus-{{ $run->id }}" name="surplus_at" :options="NeatSpindle\Core\Fitting\Route\SurplusPlace::cases()" :chosen="$isTyped ? old('surplus_at') : $run->surplus_at?->value" any="nowhere yet" />
        <div class="tool-line mt-1">
            <label class="pick slim"><input type="checkbox" name="is_unused" value="1" @checked($run->is_unused)> Nothing goes on it: cap and tie</label>
            <button class="btn btn-plain" aria-label="Keep the plug of {{ $run->name }}">Keep</button>
        </div>
    </form>
