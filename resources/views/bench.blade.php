<x-layout title="Bench">
    <main id="main" class="page">
        <div class="bench-head">
            <h1>Bench, {{ now()->format('l j F') }}</h1>
            <x-find :action="route('bench')" :find="$page->find" words="Find: number, bike, name" />
            <a class="btn btn-primary" href="{{ route('job.start') }}" data-key="n">Take a bike in</a>
        </div>
        @unless ($page->isEmpty())
            <div class="tool-line mb-2">
                <span class="seg" role="group" aria-label="Whose">
                    <a class="btn btn-plain" href="{{ $page->address(['who' => null]) }}" @if($page->who === null) aria-current="true" @endif>Everybody</a>
                    @foreach ($page->people() as $person)<a class="btn btn-plain" href="{{ $page->address(['who' => $person->id]) }}" @if($page->who === $person->id) aria-current="true" @endif>{{ $person->firstName() }}</a>@endforeach
                    <a class="btn btn-plain" id="this-week" href="{{ $page->address(['week' => $page->isWeek ? null : 'this']) }}" @if($page->isWeek) aria-current="true" @endif>This week</a>
                </span>
                @if ($page->nextForMe())
                    @php($next = $page->nextForMe())
                    <a class="btn btn-plain" id="next-for-me" href="{{ route('job.'.$next['job']->stage->value, $next['job']) }}">Next for you: {{ $next['job']->number }}, {{ lcfirst($next['what']) }}, {{ $next['minutes'] }} min</a>
                @endif
                @foreach ($page->notices()->all() as [$notice, $jobs])
                    <span class="notice"><strong>{{ $notice->label() }}:</strong> @foreach ($jobs as $job)<a href="{{ $page->whereTo($notice, $job) }}">{{ $job->number }}</a>{{ $loop->last ? '' : ', ' }}@endforeach</span>
                @endforeach
            </div>
        @endunless
        @if ($page->isEmpty())
            <section class="panel empty">
                <p><strong>No bike on the bench yet.</strong></p>
                <p>Take one in: a name, what it is, and you are measuring.</p>
                <a class="btn btn-primary" href="{{ route('job.start') }}">Take a bike in</a>
            </section>
        @elseif ($page->found()->isEmpty() && $page->ended()->isEmpty())
            <section class="panel empty"><p>{{ $page->find === '' ? 'No job is due this week, or theirs.' : 'No job matches “'.$page->find.'”.' }} <a href="{{ route('bench') }}">Show all</a></p></section>
        @endif
        @foreach (App\Models\WaitsFor::cases() as $wait)
            @php($waiting = $page->waitingFor($wait))
            @if ($waiting->isNotEmpty())
                <section class="waiting" aria-labelledby="waits-{{ $wait->value }}">
                    <h2 id="waits-{{ $wait->value }}">Waiting for <strong>{{ $wait->label() }}</strong></h2>
                    @foreach ($waiting as $job)
                        <a class="job-row" href="{{ App\View\Shared\JobAddress::of($job) }}">
                            <span class="number">{{ $job->number }}</span>
                            <span><span class="bike">{{ $job->bike->label }}</span><span class="customer">{{ $job->customer_name }}</span></span>
                            <span class="stations-cell">{{ $page->stations($job->stage) }}</span>
                            <span>{{ $job->next_step }}@if ($job->waits_since !== null && $job->waits_since->isBefore(now()->subDay())) <span class="soft">since {{ $job->waits_since->format('j M') }}</span>@endif</span>
                            <span class="who-cell">{{ $job->assignee?->firstName() ?? 'nobody yet' }}</span>
                            <span><span class="figures">
                                @if ($page->promised($job) === null)
                                    <span class="soft">no promise</span>
                                @else
                                    <span @class(['late' => $page->isLate($job)])>{{ $page->promised($job) }}@if ($page->isLate($job)), late @endif</span>
                                @endif
                                </span>
                                @if ($job->handed_over_at === null)<span class="soft d-block text-nowrap">{{ $page->honest($job) === null ? 'no date yet' : 'honestly '.$page->honest($job) }}</span>@endif
                            </span>
                        </a>
                    @endforeach
                    @if ($page->moreWaitingFor($wait) > 0)<p class="mb-0 mt-1"><a href="{{ $page->address(['all' => '1']) }}#waits-{{ $wait->value }}">And {{ $page->moreWaitingFor($wait) }} more</a></p>@endif
                </section>
            @endif
        @endforeach
        @if ($page->ended()->isNotEmpty())
            <section class="waiting" aria-labelledby="ended-title">
                <h2 id="ended-title">Ended, or not expected soon</h2>
                @foreach ($page->ended() as $job)
                    <a class="job-row" href="{{ App\View\Shared\JobAddress::of($job) }}">
                        <span class="number">{{ $job->number }}</span>
                        <span><span class="bike">{{ $job->bike->label }}</span><span class="customer">{{ $job->customer_name }}</span></span>
                        <span class="stations-cell">{{ $page->stations($job->stage) }}</span>
                        <span>{{ $job->ended_as?->label() ?? $job->next_step }}</span><span></span><span class="figures">{{ ($job->ended_at ?? $job->handed_over_at)?->format('D j M Y') }}</span>
                    </a>
                @endforeach
            </section>
        @endif
    </main>
</x-layout>
