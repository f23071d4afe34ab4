@props(['page'])
@if (session('arrived'))<p class="kept mb-2" role="status" id="arrived">{{ session('arrived') }}</p>@endif
<x-told />
@isset($page->opened->catalogue->parts->unreadable[$page->job->kit?->motor_id])
    <p class="told" role="status"><strong>The chosen motor cannot be read any more.</strong> {{ $page->opened->catalogue->parts->unreadable[$page->job->kit->motor_id] }}
        Nothing can be computed with it: <a href="{{ route('catalogue') }}">mend it in the catalogue</a>, or <a href="{{ route('job.match', $page->job) }}">choose another</a>.</p>
@endisset
@error('version')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
@error('jumps')
    <p class="told" role="alert">There is something odd about the road you sent, and it is not kept yet. <a href="#road-title">Say what they are</a></p>
@enderror
@error('state')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
@if ($page->job->stopped_for === null && $page->opened->stop() !== null)
    <p class="told" role="status"><strong>This job is stopped.</strong> {{ $page->opened->stop() }} <a href="{{ App\View\Job\WhereToPutRight::of($page->job, App\Bench\Stop::of($page->opened)->at)->address }}">See what it is</a></p>
@elseif ($page->job->stopped_for !== null)
    <p class="told" role="status"><strong>This job is stopped.</strong> {{ $page->job->stopped_for }} <a href="{{ route('job.condition', $page->job) }}">See the condition</a></p>
@endif
