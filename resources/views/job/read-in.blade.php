<x-job :page="$page">
    <div class="work">
        <section class="panel work-wide" aria-labelledby="difference-title">
            <h2 id="difference-title">What a document says otherwise</h2>
            @if ($page->difference === null)
                <p class="empty mb-0">Choose a document of this job that was changed elsewhere: each place at which it says something else stands here before anything of it is kept.</p>
            @elseif ($page->difference->rows === [])
                <p class="mb-0">@verdict('clear', 'It says the same as the job')</p>
            @else
                <div class="scroll-x"><table class="ledger wordy">
                    <thead><tr><th>What</th><th>Here</th><th>In the document</th><th>Would be</th></tr></thead>
                    <tbody>
                        @foreach ($page->difference->rows as [$one, $spot])
                            <tr><td>{{ $spot?->label() ?? $one->pointer }}</td><td class="figures">{{ $one->hereText() }}</td><td class="figures">{{ $one->thereText() }}</td>
                                <td>@if ($spot !== null && $one->there !== null)<strong>{{ $spot->kind()->isMeasured() ? 'measured afresh' : 'answered afresh' }}</strong>@elseif ($one->there === null)<span class="soft">kept: the document says nothing</span>@else<span class="soft">kept: it is chosen, not measured</span>@endif</td></tr>
                        @endforeach
                    </tbody>
                </table></div>
                @if ($page->taken() > 0 && $page->mayChoose())
                    <form class="mt-2" method="post" action="{{ route('job.read-in.keep', $page->job) }}">
                        @csrf @formkey @method('PUT')<input type="hidden" name="version" value="{{ $page->job->version }}"><input type="hidden" name="stashed" value="{{ $page->stashed }}">
                        <button class="btn btn-primary" data-key="d">Take over {{ $page->taken() === 1 ? 'this one' : "these {$page->taken()}" }} <kbd aria-hidden="true">d</kbd></button>
                        <p class="form-hint mb-0">What stands there now stays on record, as with any reading that is taken afresh.</p>
                    </form>
                @endif
            @endif
            <x-fault for="stashed" />
        </section>
        <div>
            <section class="panel" aria-labelledby="out-title">
                <h2 id="out-title">Out and in</h2>
                <p><a class="btn btn-plain" href="{{ route('job.document', $page->job) }}" hx-boost="false">Save this job as JSON</a></p>
                @if ($page->mayChoose())
                    <form method="post" action="{{ route('job.read-in.look', $page->job) }}" enctype="multipart/form-data" novalidate>
                        @csrf @formkey<input type="hidden" name="version" value="{{ $page->job->version }}">
                        <label class="form-label" for="document">A document of it</label>
                        <input class="form-control" id="document" name="document" type="file" accept=".json,application/json" @error('document') aria-invalid="true" @enderror>
                        <x-fault for="document" />
                        <button class="btn btn-plain mt-2">See what it says otherwise</button>
                    </form>
                @endif
            </section>
        </div>
    </div>
</x-job>
