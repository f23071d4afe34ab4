@props(['page', 'motor', 'insert', 'first', 'ring' => null])
<form method="post" action="{{ route('job.motor', $page->job) }}">
    @csrf @formkey @method('PUT')
    <input type="hidden" name="version" value="{{ $page->job->version }}">
    <input type="hidden" name="insert_id" value="{{ $insert }}">
    @if ($ring)<input type="hidden" name="ring_id" value="{{ $ring->ring->id }}"><input type="hidden" name="mounting" value="{{ $ring->mounting->words() }}">@endif
    <button class="btn {{ $first ? 'btn-primary' : 'btn-plain' }}" name="motor_id" value="{{ $motor->id }}" @if($first) data-key="n" @endif
        aria-label="Choose {{ $motor->name }}{{ $ring ? ", with ring {$ring->part->label()}" : '' }}">Choose</button>
    @if ($ring)<small class="d-block soft text-nowrap">with {{ $ring->part->label() }}</small>@endif
</form>
