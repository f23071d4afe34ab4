<x-job :page="$page">
    @if ($page->stack() === null)
        <x-not-yet :page="$page" />
    @else
        <section class="panel" aria-labelledby="ways-title">
            <h2 id="ways-title">What else would work, from the drawer as it is</h2>
            <p class="form-hint">Only ways that no other beats in line, symmetry and number of pieces all at once. None of them fails.</p>
            @if ($page->ways() === [])
                <p class="empty">The drawer has no way to build this stack so that it works. <a href="{{ route('job.order', $page->job) }}">See what to get</a></p>
            @else
                <div class="scroll-x"><table class="ledger">
                    <thead><tr><th>Verdict</th><th class="n" title="Off the cogs as they are ridden, on average">Off the cogs ridden</th><th class="n">{{ $page->symmetry() }}</th><th class="n">Pieces</th><th>What goes where</th><th><span class="visually-hidden">Use it</span></th></tr></thead>
                    <tbody>
                        @foreach ($page->ways() as $way)
                            <tr class="{{ $page->isAsNow($way) ? 'chosen' : '' }}">
                                <td>@verdict($way->stack->verdict)</td>
                                <td class="n">{{ $page->length($way->offset) }}</td>
                                <td class="n">{{ $page->length($way->asymmetry()) }}</td>
                                <td class="n">{{ $way->stack->pieceCount() }}</td>
                                <td>@foreach ($way->stack->mount->places() as $place)<span class="where"><span class="soft">{{ $place->label() }}</span> <span class="figures">{{ implode(' + ', array_map(fn ($mm) => (string) round($page->unit->fromMm($mm), 3), $way->pieces()[$place->value] ?? [])) ?: 'nothing' }}</span></span> @endforeach</td>
                                <td>
                                    @if ($page->isAsNow($way))<strong>As now</strong>
                                    @elseif ($page->mayChoose())
                                        <form method="post" action="{{ route('job.way', $page->job) }}">
                                            @csrf @formkey @method('PUT')
                                            <input type="hidden" name="version" value="{{ $page->job->version }}">
                                            <button class="btn btn-plain" name="way" value="{{ $way->key() }}" aria-label="Use it: the way with {{ $way->stack->pieceCount() }} pieces, line off by {{ $page->length($way->offset) }}">Use it</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
            @endif
            <x-fault for="way" />
            <p class="mt-2 mb-0"><a href="{{ route('job.stack', $page->job) }}">Back to the stack</a></p>
        </section>
    @endif
</x-job>
