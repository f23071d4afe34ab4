@props(['page', 'rings'])
@if ($page->mayChoose())
    <form class="pieces" method="post" action="{{ route('job.ring', $page->job) }}">
        @csrf @formkey @method('PUT')
        <input type="hidden" name="version" value="{{ $page->job->version }}">
        @foreach ($rings as $ring)
            @php($isFitted = $page->job->kit?->ring_id === $ring->id)
            <button class="btn {{ $isFitted ? 'btn-primary' : 'btn-plain' }}" name="ring_id" value="{{ $ring->id }}" aria-pressed="{{ $isFitted ? 'true' : 'false' }}">
                {{ $ring->teeth }} teeth, dish {{ $page->unit->show($ring->dish) }}
            </button>
        @endforeach
    </form>
    <p class="form-hint mb-0"><a href="{{ route('parts') }}">Another ring lies here, or the bike’s own: measure it</a></p>
    <x-fault for="ring_id" />
@else
    <p class="mb-0">{{ ($rings[$page->job->kit?->ring_id] ?? null)?->label() ?? 'None chosen yet' }}</p>
@endif
