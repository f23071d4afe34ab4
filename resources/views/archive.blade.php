<x-layout title="Everything out and in">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Everything out and in</h1><a class="btn btn-plain" href="{{ route('people') }}">Back to people</a></div>
        <div class="work-halves">
            <section class="panel" aria-labelledby="out-title">
                <h2 id="out-title">Out: the whole workshop as one file</h2>
                <p>Bikes, readings, steps, checks, parts, stock with its book, orders, rules, calendar, people and pictures: lines of JSON with their schemas, and the pictures beside them. Passwords, and addresses that were handed out, stay here.</p>
                <p class="mb-0"><a class="btn btn-primary" href="{{ route('archive.out') }}" hx-boost="false">Save the archive</a></p>
            </section>
            <section class="panel" aria-labelledby="in-title">
                <h2 id="in-title">In: into an empty workshop</h2>
                @if (! $page->isEmpty)
                    <p>This workshop has bikes or parts of its own, so nothing is read over them. What is in an archive can be looked at all the same; it is read in where nothing is yet, or on the machine itself as a workshop of its own.</p>
                @endif
                <form method="post" action="{{ route('archive.look') }}" enctype="multipart/form-data" novalidate>
                    @csrf @formkey
                    <label class="form-label" for="archive">Archive</label>
                    <input class="form-control" id="archive" name="archive" type="file" accept=".zip,application/zip" @error('archive') aria-invalid="true" @enderror>
                    <x-fault for="archive" /><x-fault for="stashed" />
                    <button class="btn btn-plain mt-2">See what is in it</button>
                </form>
            </section>
        </div>
        @if ($page->cannot)
            <p class="told mt-3" role="alert">{{ $page->cannot }}</p>
        @elseif ($page->check)
            <section class="panel mt-3" aria-labelledby="dry-title">
                <h2 id="dry-title">What is in it @if ($page->name)<span class="soft">{{ $page->name }}</span>@endif</h2>
                @if ($page->check->faults() !== [])
                    <p><strong>Nothing of it can be read in as it is:</strong></p>
                    <ul class="plain-list">@foreach ($page->check->faults() as $fault)<li>{{ $fault }}</li>@endforeach</ul>
                @elseif ($page->isEmpty)
                    <form method="post" action="{{ route('archive.in') }}">
                        @csrf @formkey @method('PUT')<input type="hidden" name="stashed" value="{{ $page->stashed }}">
                        <p class="mb-2">All of this would be here, and nothing of it is yet. <button class="btn btn-primary" data-key="d">Read it in <kbd aria-hidden="true">d</kbd></button></p>
                    </form>
                @else
                    <p>Every line of it can be read; not into this workshop, which is not empty.</p>
                @endif
                <div class="scroll-x"><table class="ledger"><thead><tr><th>What</th><th class="n">Rows</th></tr></thead><tbody>
                    @foreach ($page->counts() as $what => $rows)<tr><td>{{ $what }}</td><td class="n">{{ number_format($rows) }}</td></tr>@endforeach
                </tbody></table></div>
            </section>
        @endif
    </main>
</x-layout>
