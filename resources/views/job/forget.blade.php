<x-job :page="$page">
    <x-prove-tabs :page="$page" at="hand-over" />
    <section class="panel" aria-labelledby="forget-title">
        <h2 id="forget-title">Forget who {{ $page->customer->erased_at ? 'that was' : $page->customer->name.' is' }}</h2>
        @if ($page->customer->erased_at)
            <p class="empty mb-0">Nobody knows any more who that was, since {{ $page->customer->erased_at->format('j F Y') }}.</p>
        @else
            <p>Name, telephone and e-mail go, and the name wherever somebody has written it: “the customer” stands there then. Addresses of the sheet open nothing any more. What was measured, built and found stays. It cannot be taken back.</p>
            <form class="tool-line mb-3" method="get" action="{{ route('job.forget', $page->job) }}" novalidate>
                <input type="hidden" name="asked" value="1">
                <label for="also">Also written as, parted by commas</label>
                <input class="form-control w-auto" id="also" name="also" maxlength="@most(NOTE)" value="{{ old('also', $page->also()) }}" @error('also') aria-invalid="true" @enderror>
                <label class="pick"><input type="checkbox" name="everywhere" value="1" @checked($page->isEverywhere)> in other customers’ jobs too</label>
                <button class="btn btn-plain">Look again</button>
            </form>
            <x-fault for="also" />
            @if ($page->namesakes() > 0)<p class="caution">{{ $page->namesakes() }} more {{ $page->namesakes() === 1 ? 'customer has' : 'customers have' }} this name. Take “in other customers’ jobs too” off, or what was written about them goes as well.</p>@endif
            <h3 class="h6" id="stands">Where it stands: {{ $page->count() }} {{ $page->count() === 1 ? 'place' : 'places' }}, and the customer’s own row</h3>
            @if ($page->places() !== [])
                <div class="scroll-x"><table class="ledger" aria-labelledby="stands">
                    <thead><tr><th>Job</th><th>What</th><th>As it reads now</th></tr></thead>
                    <tbody>@foreach ($page->places() as $place)<tr><td>{{ $place['job'] ?? '–' }}</td><td>{{ $place['label'] }}</td><td>{{ $place['says'] }}</td></tr>@endforeach</tbody>
                </table></div>
                @if ($page->more() > 0)<p class="soft">And {{ $page->more() }} more.</p>@endif
            @endif
            @if ($page->pictures() > 0)<p><strong>{{ $page->pictures() === 1 ? 'A picture that shows a person goes' : $page->pictures().' pictures that show a person go' }} too.</strong> <a href="{{ route('job.pictures', $page->job) }}">Look at the pictures</a> of this job: one that shows somebody and does not say so stays.</p>@endif
            <p class="form-hint">Not touched: what people and parts are called. Sessions in which the name stands end, and files set aside go.
                @if ($page->backups()) Backups keep what stood then: {{ $page->backups() }}. Those are yours to let go. @else No backup is kept here; one that lies elsewhere keeps what stood then. @endif</p>
            <form method="post" action="{{ route('job.erase', $page->job) }}">
                @csrf @formkey @method('DELETE')
                <input type="hidden" name="asked" value="1"><input type="hidden" name="also" value="{{ $page->also() }}">@if ($page->isEverywhere)<input type="hidden" name="everywhere" value="1">@endif
                <button class="btn btn-primary" id="erase">Forget this name for good</button> <a class="btn btn-plain" href="{{ route('job.hand-over', $page->job) }}">Leave it</a>
            </form>
        @endif
        <x-fault for="erase" />
    </section>
</x-job>
