{{-- What would end a job is looked at before anything comes off. --}}
@props(['page'])
@if ($page->lookFirst() !== [])
    <form class="caution mb-2" id="look-first" method="post" action="{{ route('job.condition.rest', $page->job) }}">
        @csrf @formkey @method('PUT')<input type="hidden" name="back" value="strip">
        <p class="mb-1"><strong>Before anything comes off, nobody has looked at:</strong> @foreach ($page->lookFirst() as $one)<a href="{{ route('job.condition', [$page->job, 'subject' => $one->value]) }}">{{ lcfirst($one->label()) }}</a>{{ $loop->last ? '.' : '; ' }}@endforeach</p>
        @foreach ($page->lookFirst() as $one)<input type="hidden" name="subjects[]" value="{{ $one->value }}">@endforeach
        <button class="btn btn-plain" id="looked-first" data-key="a">I have: all fine <kbd aria-hidden="true">a</kbd></button>
    </form>
@endif
