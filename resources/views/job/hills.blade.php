<x-job :page="$page">
    <x-line-tabs :page="$page" at="hills" />
    @if ($page->climb() === null)
        <x-not-yet :page="$page" />
    @else
        @php($riding = $page->riding())
        <div class="work">
            <x-hill :page="$page" />
            <x-riding :page="$page" :riding="$riding" />
        </div>
        <section class="panel mt-3 picture" aria-labelledby="road-title">
            <div class="title-line">
                <h2 id="road-title">The customer’s road{{ $page->track() ? ': '.$page->track()->name : '' }}</h2>
                @if ($page->tracks()->count() > 1)
                    <span class="seg">
                        @foreach ($page->tracks() as $track)
                            <a class="btn btn-plain" href="{{ route('job.hills', [$page->job, 'road' => $track->id]) }}" @if ($track->id === $page->track()?->id) aria-current="true" @endif>{{ Str::limit($track->name, 24) }}</a>
                        @endforeach
                    </span>
                @endif
            </div>
            @if (session('stashed'))
                <form class="told not-on-paper" method="post" action="{{ route('job.track', $page->job) }}">
                    @csrf @formkey
                    <input type="hidden" name="stashed" value="{{ session('stashed') }}"><input type="hidden" name="named" value="{{ session('named') }}">
                    <p class="mb-1"><strong>{{ session('named') }}</strong> <span class="fault">{{ $errors->first('jumps') }}</span></p>
                    <button class="btn btn-primary" name="jumps" value="leave-out">Leave that out</button>
                    <button class="btn btn-plain" name="jumps" value="ride">Ride it as it is written</button>
                    <span class="soft">Nothing is kept before you say.</span>
                </form>
            @endif
            @if ($page->ridden())
                <x-ride :page="$page" :ridden="$page->ridden()" :riding="$riding" />
            @elseif ($page->trouble())
                <p class="told">This road cannot be ridden. {{ $page->trouble() }}</p>
            @else
                <p>Load a GPX file of the road the customer rides, and it is ridden with this bike: speed, gear, battery left, and where it must be walked.</p>
            @endif
            @if ($page->track())
                <form class="mt-1 not-on-paper" method="post" action="{{ route('job.track.drop', [$page->job, $page->track()]) }}">
                    @csrf @formkey @method('DELETE')
                    <button class="btn-link-quiet" aria-label="Take this road off: {{ $page->track()->name }}">Take this road off</button>
                </form>
            @endif
            <form class="tool-line not-on-paper" method="post" action="{{ route('job.track', $page->job) }}" enctype="multipart/form-data">
                @csrf @formkey
                <label for="track" class="visually-hidden">GPX file</label>
                <input class="form-control w-auto" type="file" id="track" name="track" accept=".gpx,.xml" @error('track') aria-invalid="true" @enderror>
                <button class="btn btn-plain">Load a road</button>
            </form>
            <x-fault for="track" />
            @foreach ($page->dropped() as $track)
                <form class="tool-line not-on-paper" method="post" action="{{ route('job.track.bring-back', [$page->job, $track]) }}">
                    @csrf @formkey @method('PUT')
                    <span class="soft">{{ Str::limit($track->name, 40) }} was taken off, {{ $track->dropped_at->format('j M H:i') }}.</span>
                    <button class="btn-link-quiet" aria-label="Bring it back: {{ $track->name }}">Bring it back</button>
                </form>
            @endforeach
        </section>
    @endif
</x-job>
