@props(['page', 'motor', 'insert', 'first'])
<form method="post" action="{{ route('job.motor', $page->job) }}">
    @csrf @formkey @method('PUT')
    <input type="hidden" name="version" value="{{ $page->job->version }}">
    <input type="hidden" name="insert_id" value="{{ $insert }}">
    <button class="btn {{ $first ? 'btn-primary' : 'btn-plain' }}" name="motor_id" value="{{ $motor->id }}" aria-label="Choose {{ $motor->name }}">Choose</button>
</form>
