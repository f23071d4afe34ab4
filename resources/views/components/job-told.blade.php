@props(['page'])
<x-told />
@error('version')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
@error('state')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
@if ($page->job->stopped_for === null && $page->opened->stop() !== null)
    <p class="told" role="status"><strong>This job is stopped.</strong> {{ $page->opened->stop() }} <a href="{{ route('job.rest', $page->job) }}">See what holds the body</a></p>
@elseif ($page->job->stopped_for !== null)
    <p class="told" role="status"><strong>This job is stopped.</strong> {{ $page->job->stopped_for }} <a href="{{ route('job.condition', $page->job) }}">See the condition</a></p>
@endif
