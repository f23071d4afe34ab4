@props(['page', 'at'])
@if ($page->likeJobs() !== [])
    <section class="panel like-jobs" aria-labelledby="like-title">
        <h2 id="like-title">From the logbook</h2>
        @foreach ($page->likeJobs() as $like)
            @php($entry = $like->entry)
            <div class="run-row" data-like="{{ $entry->number }}">
                <p class="mb-0"><strong>{{ $like->from() }}.</strong> <a href="{{ route('job.show', $entry->job_id) }}">Look at it</a></p>
                @if ($at === 'match')<p class="mb-0">{{ $entry->motor_name === null ? 'No motor was chosen.' : "{$entry->motor_name} with ring {$entry->ring} was fitted." }}</p>@endif
                @if ($at === 'stack' && $like->isWith($page->opened->motor()))
                    <p class="mb-0">The same motor, with @foreach ($entry->pieces as $place => $pieces){{ $loop->first ? '' : '; ' }}{{ lcfirst(NeatSpindle\Core\Parts\Drawer\Place::from($place)->label()) }} {{ $pieces === [] ? 'nothing' : implode(' + ', array_map($page->bare(...), $pieces)).' '.$page->unit->value }}@endforeach.</p>
                    @if ($page->mayChoose())
                        <form method="post" action="{{ route('job.like', $page->job) }}">
                            @csrf @formkey @method('PUT')
                            <input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="number" value="{{ $entry->number }}">
                            <button class="btn btn-plain" id="like-{{ $entry->number }}">Fill it like that, to see</button>
                        </form>
                    @endif
                @elseif ($at === 'stack')
                    <p class="mb-0 soft">Another motor: {{ $entry->motor_name ?? 'none' }}.</p>
                @endif
                @if ($at === 'order')
                    <p class="mb-0">@if ($entry->left_over === []) Nothing was got for it in vain. @else Got and not needed: {{ implode('; ', $entry->left_over) }}. @endif</p>
                @endif
                @if ($entry->found !== [] && $at !== 'order')<p class="mb-0">When it came back: @foreach ($entry->found as $step => $said){{ $loop->first ? '' : '; ' }}{{ $page->titleOfStep($step) }} {{ $said }}@endforeach.</p>@endif
            </div>
        @endforeach
    </section>
@endif
