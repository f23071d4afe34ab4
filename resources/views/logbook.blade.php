@php($rows = $page->rows())
<x-layout title="Logbook">
    <main id="main" class="page">
        <div class="bench-head">
            <h1>Logbook</h1>
            <x-find :action="route('logbook')" :find="$page->find" words="Find: frame, motor, name, what was wrong">@if ($page->like)<input type="hidden" name="like" value="{{ $page->like->id }}">@endif</x-find>
        </div>
        @if ($page->like)
            <p class="form-hint">The likest to {{ $page->like->number }}, {{ $page->like->bike->label }}, first: by kind, shell, stay and rear end as they were measured. <a href="{{ route('job.match', $page->like) }}">Back to it</a>, or <a href="{{ route('logbook') }}">all, the latest first</a>.</p>
        @endif
        <section class="panel" aria-label="Bikes that were given out">
            @if ($rows->isEmpty())
                <p class="empty mb-0">{{ $page->find === '' ? 'No bike was given out yet. Each comes here with its hand-over.' : 'Nothing in it matches “'.$page->find.'”.' }}</p>
            @else
                <div class="scroll-x"><table class="ledger wordy">
                    <thead><tr><th class="n">Job</th>@if ($page->like)<th class="n">Alike</th>@endif<th>Bike</th><th>Fitted</th><th>Given out, or how it ended</th><th>What moved</th><th>What was decided</th></tr></thead>
                    <tbody>
                        @foreach ($rows as ['job' => $job, 'like' => $like])
                            <tr>
                                <td class="n"><a href="{{ route('job.hand-over', $job) }}">{{ $job->number }}</a></td>
                                @if ($page->like)<td class="n">{{ round($like * 100) }} %</td>@endif
                                <td>{{ $job->bike->label }}<br><span class="soft">{{ $job->customer_name }}, {{ lcfirst($job->bike->kind->label()) }}, {{ $job->bike->frame_material->value }}@if ($page->shell($job) !== ''), {{ $page->shell($job) }}@endif</span></td>
                                <td>{{ $job->kit?->motor?->name }}<br><span class="soft">{{ $page->pack($job) }}</span></td>
                                <td>@if ($job->ended_at){{ $job->ended_as->label() }}, {{ $job->ended_at->format('j M Y') }}<br><span class="soft">“{{ $job->ended_because }}”</span>@else<span class="text-nowrap">{{ $job->handed_over_at->format('j M Y') }}</span>@endif</td>
                                <td>{{ $page->findings($job) ?: '–' }}@if ($page->leftOver($job) !== [])<br><span class="soft">Got in vain: {{ implode('; ', $page->leftOver($job)) }}</span>@endif</td>
                                <td>@forelse ($job->decisions->whereNotNull('reason') as $decision){{ lcfirst(App\Models\Values\About::read($decision->about)?->label() ?? $decision->about) }}: “{{ $decision->reason }}”<br>@empty – @endforelse</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                @if ($page->more() > 0)<p class="mb-0 mt-2"><a id="earlier" href="{{ route('logbook', array_filter(['find' => $page->find, 'like' => $page->like?->id, 'from' => $page->next()])) }}">{{ $page->more() }} more</a></p>@endif
            @endif
            <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('jobs.csv') }}" hx-boost="false">Every job as CSV</a></p>
        </section>
    </main>
</x-layout>
