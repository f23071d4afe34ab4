<x-layout title="Measured here">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Measured here</h1><a class="btn btn-plain" href="{{ route('catalogue') }}">Catalogue</a></div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel" aria-labelledby="measured-title">
                <h2 id="measured-title">Parts without papers</h2>
                @if ($page->parts()->isEmpty())
                    <p class="empty mb-0">Nothing yet. A motor bought second-hand, an odd nut, the bike’s own ring: measure it, and it is tried like any other.</p>
                @else
                    <div class="scroll-x"><table class="ledger">
                        <thead><tr><th>What</th><th>Kind</th><th>Measured by</th><th>How far</th></tr></thead>
                        <tbody>
                            @foreach ($page->parts() as $part)
                                <tr><td><a href="{{ route('part', $part) }}">{{ $part->name() }}</a></td><td>{{ $part->kind->label() }}</td><td>{{ $part->user->firstName() }}, {{ $part->updated_at?->format('j M') }}</td>
                                    <td>@if ($part->in_catalogue_at)In the catalogue @else{{ count($part->part()->missing()) }} figures are missing @endif</td></tr>
                            @endforeach
                        </tbody>
                    </table></div>
                @endif
            </section>
            <section class="panel" aria-labelledby="begin-title">
                <h2 id="begin-title">What lies there</h2>
                @if ($page->mayMeasure())
                    <form method="post" action="{{ route('parts.begin') }}">
                        @csrf @formkey
                        <div class="d-grid gap-2">
                            @foreach ($page->kinds() as $kind)
                                <button class="btn btn-plain text-start" name="kind" value="{{ $kind->value }}"><span><strong>{{ $kind->label() }}</strong><span class="soft fw-normal d-block">{{ $kind->looks() }}</span></span></button>
                            @endforeach
                        </div>
                        <x-fault for="kind" />
                    </form>
                    <p class="form-hint mt-2 mb-0">A printed or turned spacer of an odd thickness goes into the <a href="{{ route('drawer') }}">drawer</a>.</p>
                @else
                    <p class="mb-0">Measuring parts is for installers and the owner.</p>
                @endif
                <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('parts.csv') }}" hx-boost="false">Save as CSV</a></p>
            </section>
        </div>
    </main>
</x-layout>
