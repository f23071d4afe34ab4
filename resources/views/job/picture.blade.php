@php($picture = $page->picture)
<x-job :page="$page">
    <div class="bench-head">
        <h2 class="h5">{{ $picture->title }} <span class="soft">{{ $picture->of->label() }}, {{ $picture->user->firstName() }}, {{ $picture->kept_at->format('j M Y H:i') }}</span></h2>
        <p class="tool-line mb-0">
            @if ($page->next(-1))<a class="btn btn-plain" href="{{ route('job.picture', [$page->job, $page->next(-1)]) }}" data-key="k">One before <kbd aria-hidden="true">k</kbd></a>@endif
            @if ($page->next(1))<a class="btn btn-plain" href="{{ route('job.picture', [$page->job, $page->next(1)]) }}" data-key="j">One after <kbd aria-hidden="true">j</kbd></a>@endif
            <a class="btn btn-plain" href="{{ route('job.pictures', $page->job) }}" data-key="v">All pictures <kbd aria-hidden="true">v</kbd></a>
        </p>
    </div>
    <div class="{{ $page->beside ? 'work-halves' : '' }}">
        <figure class="panel picture-large"><img src="{{ route('job.picture.file', [$page->job, $picture, 'large']) }}" width="{{ $picture->width }}" height="{{ $picture->height }}" alt="{{ $picture->says() }}"><figcaption>{{ $picture->note ?? $picture->title }}</figcaption></figure>
        @if ($page->beside)
            <figure class="panel picture-large"><img src="{{ route('job.picture.file', [$page->beside->job_id, $page->beside, 'large']) }}" width="{{ $page->beside->width }}" height="{{ $page->beside->height }}" alt="{{ $page->beside->says() }}"><figcaption>{{ $page->beside->job->number }} {{ $page->beside->job->bike->label }}, {{ $page->beside->kept_at->format('j M Y') }}@if ($page->beside->note): {{ $page->beside->note }}@endif</figcaption></figure>
        @endif
    </div>
    <div class="work-halves mt-3">
        <section class="panel" aria-labelledby="say-title">
            <h2 id="say-title">This picture</h2>
            <form method="post" action="{{ route('job.picture.say', [$page->job, $picture]) }}" novalidate>
                @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $picture->mark() }}">
                <label class="form-label" for="note">What is to be seen</label>
                <input class="form-control" id="note" name="note" maxlength="@most(SHORT_NOTE)" value="{{ old('note', $picture->note) }}" @error('note') aria-invalid="true" @enderror>
                <x-fault for="note" />
                <div class="pieces mt-2">
                    <label class="pick"><input class="form-check-input m-0" type="checkbox" name="on_sheet" value="1" @checked($errors->any() ? old('on_sheet') : $picture->on_sheet)> Leaves with the bike, on its sheet</label>
                    <label class="pick"><input class="form-check-input m-0" type="checkbox" name="shows_person" value="1" @checked($errors->any() ? old('shows_person') : $picture->shows_person)> Shows a person</label>
                </div>
                <x-fault for="on_sheet" />
                <p class="form-hint">What shows a person goes when its customer is forgotten.</p>
                <button class="btn btn-primary" data-key="d">Keep <kbd aria-hidden="true">d</kbd></button>
            </form>
            <form class="mt-2" method="post" action="{{ route('job.picture.away', [$page->job, $picture]) }}">@csrf @formkey @method('DELETE')<button class="btn btn-plain">Take it away for good</button></form>
        </section>
        <section class="panel" aria-labelledby="beside-title">
            <h2 id="beside-title">Another of the same beside it</h2>
            @if ($page->others()->isEmpty())
                <p class="empty mb-0">None of this is kept, of this bike or of one like it that has left.</p>
            @else
                <ul class="picture-row">@foreach ($page->others() as $one)
                    <li><a href="{{ route('job.picture', [$page->job, $picture, 'beside' => $one->id]) }}" @if ($page->beside?->id === $one->id) aria-current="true" @endif>
                        <img src="{{ route('job.picture.file', [$one->job_id, $one, 'small']) }}" width="{{ $one->width }}" height="{{ $one->height }}" loading="lazy" alt="{{ $one->says() }}"><span>{{ $one->job_id === $page->job->id ? $one->kept_at->format('j M H:i') : "{$one->job->number} {$one->job->bike->label}" }}</span>
                    </a></li>
                @endforeach</ul>
            @endif
        </section>
    </div>
</x-job>
