@php($unit = $page->unit)
<x-layout title="Missing">
    <main id="main" class="page">
        <div class="bench-head"><h1>Missing for all open jobs</h1><a class="btn btn-plain not-on-paper" href="{{ route('drawer') }}">Back to the drawer</a></div>
        <x-drawer-tabs at="drawer.missing" />
        <div class="work-halves">
            <section class="panel" aria-labelledby="list-title">
                <h2 id="list-title">To get</h2>
                @if ($page->missing() === [])
                    <p>@verdict('clear', 'Nothing is missing')</p>
                    <p class="mb-0">The drawer serves every open job that has a motor and a ring, one after the other as they are promised.</p>
                @else
                    <table class="ledger">
                        <thead><tr><th class="n">Get</th><th class="n">Thickness</th><th>Use</th><th>For job</th></tr></thead>
                        <tbody>
                            @foreach ($page->missing() as $row)
                                <tr>
                                    <td class="n">{{ $row['count'] }} ×</td>
                                    <td class="n">{{ $unit->show($row['thickness']) }}</td>
                                    <td>
                                        {{ $row['use'] }}
                                        @if ($row['made'])
                                            <span class="soft">to be made</span>
                                        @endif
                                    </td>
                                    <td>{{ implode(', ', $row['jobs']) }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <p class="mt-2 mb-0 not-on-paper"><a class="btn btn-plain" href="{{ route('drawer.missing.csv') }}" hx-boost="false">Save as CSV</a></p>
                @endif
            </section>
            <section class="panel" aria-labelledby="jobs-title">
                <h2 id="jobs-title">Job by job, the first promised first</h2>
                <table class="ledger">
                    <thead><tr><th>Job</th><th>Promised</th><th>Missing</th></tr></thead>
                    <tbody>
                        @foreach ($page->jobs() as ['job' => $job, 'shortage' => $shortage])
                            <tr>
                                <td><a href="{{ route('job.order', $job) }}">{{ $job->number }} {{ $job->bike->label }}</a></td>
                                <td class="text-nowrap">{{ $job->promised_on?->format('j M') ?? '–' }}</td>
                                <td>{{ $page->lacks($shortage) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        </div>
    </main>
</x-layout>
