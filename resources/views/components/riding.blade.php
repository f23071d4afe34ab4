@props(['page', 'riding'])
<section class="panel" aria-labelledby="load-title">
    <h2 id="load-title">How it will be ridden</h2>
    <form class="too-on-paper" method="post" action="{{ route('job.riding', $page->job) }}">
        @csrf @formkey @method('PUT')
        <input type="hidden" name="version" value="{{ $page->job->version }}">
        <input type="hidden" name="road" value="{{ $page->track()?->id }}">
        <div class="load-form">
            @foreach ($page->ridingFields() as [$name, $label, $value, $unit])
                <label for="{{ $name }}">{{ $label }}</label>
                <span class="pieces">
                    <input class="form-control" id="{{ $name }}" name="{{ $name }}" size="6" inputmode="decimal" value="{{ old($name, $value === null ? '' : $value + 0) }}"
                        @disabled(! $page->mayChoose()) @error($name) aria-invalid="true" @enderror>
                    {{ $unit }}
                </span>
                @error($name)
                    <span class="span"><x-fault :for="$name" /></span>
                @enderror
            @endforeach
            <label for="surface">Surface</label>
            <x-select id="surface" name="surface" :options="NeatSpindle\Core\Choosing\Hill\Surface::labels()" :chosen="old('surface', $riding->surface()->value)" :disabled="! $page->mayChoose()" />
        </div>
        @if ($page->mayChoose())
            <button class="btn btn-primary mt-2" id="keep-riding">Ride it</button>
            @if ($page->isScalePlugged())<button class="btn btn-plain mt-2" id="weigh" formaction="{{ route('job.weigh', $page->job) }}">Ride it, mass from the scale</button>@endif
        @endif
        @unless ($riding->isSaid())
            <p class="form-hint mb-0 mt-1">Usual figures for this kind of bike, until somebody says otherwise.</p>
        @endunless
    </form>
</section>
