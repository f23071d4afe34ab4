{{-- What was typed into a form that could not be taken in, to be sent once more from here. --}}
@if (App\View\Shared\SendAgain::isPossible(request()))
    @php($again = App\View\Shared\SendAgain::of(request()))
    <form method="post" action="{{ $again->address }}" class="mb-2">
        @foreach ($again->hidden() as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        @if ($again->typed() !== [])
            <p class="mb-1">Nothing of it was kept. This is what you sent:</p>
            <dl class="facts">@foreach ($again->typed() as $name => $value)<dt>{{ $name }}</dt><dd>{{ Str::limit($value, 300) }}</dd>@endforeach</dl>
        @endif
        <button class="btn btn-primary">Send it again</button>
    </form>
@endif
