<x-layout title="Bench">
    <main id="main" class="page">
        <div class="bench-head">
            <h1>Bench, {{ now()->format('l j F') }}</h1>
            <form method="get" action="{{ route('bench') }}" role="search">
                <label class="visually-hidden" for="find">Find a job</label>
                <input class="form-control" id="find" name="find" type="search" value="{{ $page->find }}" placeholder="Find: number, bike, name" data-key="/">
                <kbd aria-hidden="true">/</kbd>
            </form>
            <a class="btn btn-primary" href="{{ route('job.start') }}" data-key="n">Take a bike in</a>
        </div>
        @if ($page->isEmpty())
            <section class="panel empty">
                <p><strong>No bike on the bench yet.</strong></p>
                <p>Take one in: a name, what it is, and you are measuring.</p>
                <a class="btn btn-primary" href="{{ route('job.start') }}">Take a bike in</a>
            </section>
        @elseif ($page->found()->isEmpty())
            <section class="panel empty"><p>No job matches “{{ $page->find }}”. <a href="{{ route('bench') }}">Show all</a></p></section>
        @endif
        @foreach (App\Models\WaitsFor::cases() as $wait)
            @php($waiting = $page->waitingFor($wait))
            @if ($waiting->isNotEmpty())
                <section class="waiting" aria-labelledby="waits-{{ $wait->value }}">
                    <h2 id="waits-{{ $wait->value }}">Waiting for <strong>{{ $wait->label() }}</strong></h2>
                    @foreach ($waiting as $job)
                        <a class="job-row" href="{{ route('job.'.$job->stage->value, $job) }}">
                            <span class="number">{{ $job->number }}</span>
                            <span><span class="bike">{{ $job->bike->label }}</span><span class="customer">{{ $job->customer_name }}</span></span>
                            <span class="stations-cell"><x-stations :stage="$job->stage" /></span>
                            <span>{{ $job->next_step }}</span>
                            <span class="who-cell">{{ $job->assignee?->firstName() ?? 'nobody yet' }}</span>
                            <span><span class="figures">
                                @if ($job->promised_on === null)
                                    <span class="soft">no promise</span>
                                @else
                                    <span @class(['late' => $page->isLate($job)])>{{ $job->promised_on->format('D j M') }}@if ($page->isLate($job)), late @endif</span>
                                @endif
                                </span>
                                @if ($job->handed_over_at === null)<span class="soft d-block text-nowrap">{{ $page->honest($job) === null ? 'no date yet' : 'honestly '.$page->honest($job)->format('j M') }}</span>@endif
                            </span>
                        </a>
                    @endforeach
                </section>
            @endif
        @endforeach
    </main>
</x-layout>
