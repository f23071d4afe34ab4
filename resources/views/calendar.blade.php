<x-layout title="Calendar">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head">
            <h1>Calendar, {{ $page->title() }}</h1>
            <span class="pieces">
                <a class="btn btn-plain" href="{{ route('calendar', ['week' => $page->dayText(-7)]) }}" data-key="k">Week before <kbd aria-hidden="true">k</kbd></a>
                <a class="btn btn-plain" href="{{ route('calendar', $page->near === null ? [] : ['week' => $page->dayText(0)]) }}">{{ $page->near === null ? 'This week' : 'The whole week' }}</a>
                <a class="btn btn-plain" href="{{ route('calendar', ['week' => $page->dayText(7)]) }}" data-key="j">Week after <kbd aria-hidden="true">j</kbd></a>
                <a class="btn btn-plain" href="{{ route('calendar.hours') }}">Hours</a>
            </span>
        </div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <section class="panel picture" aria-label="The week by person">
            <x-drawing.week :view="$page->week()" :monday="$page->dayText(0)" />
            <p class="form-hint mb-0">
                @foreach ($page->load() as $load){{ $page->who($load->who) }}: {{ App\View\Calendar\Spans::words($load->busy) }} of {{ App\View\Calendar\Spans::words($load->open) }} open{{ $loop->last ? '.' : '; ' }}@endforeach
                Dashed is measuring and choosing, filled taking apart, building and proving, framed a ride or a hand-over.
                What stands here follows from every open step, its minutes, what cures and what is on its way; nothing is moved by hand alone.
            </p>
        </section>
        <div class="work mt-3">
            <section class="panel" aria-labelledby="dates-title">
                <h2 id="dates-title">Promised and honest</h2>
                @if ($page->isEmpty())<p class="empty mb-0">No bike is open.</p>@else<x-dates :page="$page" /><p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('calendar.csv') }}" hx-boost="false">Save as CSV</a></p>@endif
            </section>
            <div class="work-wide">
            <section class="panel" aria-labelledby="come-title">
                <h2 id="come-title">When could you take mine in?</h2>
                @php($came = $page->ifItCame())
                @if ($came === null)
                    <p class="mb-1">Nobody can say: there are no hours, or nobody who can judge it.</p>
                @else
                    <p class="mb-1">From <strong>{{ $page->dates()->day($came[0]) }}</strong>, ready <strong>{{ $page->dates()->day($came[1]) }}</strong>{{ $came[2] === $came[1] ? '.' : ', carefully '.$page->dates()->day($came[2]).'.' }}</p>
                @endif
                <form class="record" method="get" action="{{ route('calendar') }}">
                    <div><label class="form-label mb-0" for="come-kind">Kind of bike</label><x-select id="come-kind" name="kind" any="any" :options="NeatSpindle\Core\Donor\Bike\BikeKind::cases()" :chosen="$page->asked->kind?->value" /></div>
                    <div><label class="form-label mb-0" for="come-motor">Motor</label><x-select id="come-motor" name="motor" any="any" :options="$page->motors()" :chosen="$page->asked->motor" /></div>
                    <div><label class="form-label mb-0" for="come-parts">Its parts</label><x-select id="come-parts" name="parts" any="are here" :options="['come' => 'have to come first']" :chosen="$page->asked->awaitsParts ? 'come' : null" /></div>
                    <div class="align-self-end"><button class="btn btn-plain" id="ask-when">When?</button></div>
                </form>
                <p class="form-hint mb-0 mt-1">{{ $page->newcomer()->bikes > 0 ? "As much work as {$page->newcomer()->bikes} such bikes were here" : 'A usual bike, before anything is measured' }}, after all that stand here: likely with what pieces mostly take, carefully with what three of four stay under.</p>
            </section>
            <section class="panel" aria-labelledby="away-title">
                <h2 id="away-title">Who is away</h2>
                <ul class="plain-list">
                    @forelse ($page->absences() as $absence)
                        <li>{{ $absence->user->firstName() }}, {{ $absence->from_on->format('D j M') }}@unless ($absence->from_on->equalTo($absence->to_on)) to {{ $absence->to_on->format('D j M') }}@endunless
                            @if ($page->mayPlan())
                                <form class="d-inline" method="post" action="{{ route('calendar.here', $absence->id) }}">@csrf @formkey @method('DELETE')<button class="btn-link-quiet" aria-label="{{ $absence->user->firstName() }} is here after all">Here after all</button></form>
                            @endif
                        </li>
                    @empty
                        <li class="soft">Nobody.</li>
                    @endforelse
                </ul>
                @if ($page->mayPlan())
                    <form method="post" action="{{ route('calendar.away.try') }}" novalidate>
                        @csrf @formkey<input type="hidden" name="week" value="{{ $page->dayText(0) }}">
                        <label class="form-label" for="who">Who</label>
                        <x-select id="who" name="who" :options="$page->people()->mapWithKeys(fn ($one) => [$one->id => $one->firstName()])->all()" :chosen="old('who')" />
                        <x-fault for="who" />
                        <label class="form-label mt-2" for="away_from">From</label>
                        <input class="form-control" type="date" id="away_from" name="away_from" value="{{ old('away_from') }}"><x-fault for="away_from" />
                        <label class="form-label mt-2" for="away_to">To, that day included</label>
                        <input class="form-control" type="date" id="away_to" name="away_to" value="{{ old('away_to') }}"><x-fault for="away_to" />
                        <button class="btn btn-plain mt-2" id="try-away">See what moves</button>
                    </form>
                @endif
            </section>
            </div>
        </div>
    </main>
</x-layout>
