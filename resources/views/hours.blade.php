<x-layout title="Hours">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Hours</h1><a class="btn btn-plain" href="{{ route('calendar') }}">Calendar</a></div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <x-fault for="hours" />
        <div class="work">
            <div>
            @if ($page->people()->count() > 1)
            <section class="panel mb-3" id="skills" aria-labelledby="skills-title">
                <h2 id="skills-title">Who can what</h2>
                <p class="soft">To choose a motor, to ride and to hand over is for owners and installers. What else not everybody can, you name here; its work goes only to those who can.</p>
                <x-fault for="skill" />
                @foreach ($page->skills() as $skill)
                    <details class="mb-2" @if(old('was') === $skill->name) open @endif><summary><strong>{{ $skill->name }}</strong>: {{ $page->askedBy($skill) }}; {{ $page->hadBy($skill) }}</summary><x-skill-form :$page :$skill /></details>
                @endforeach
                @if ($page->mayChange())<details @if($errors->hasAny(['name', 'kinds']) && old('was') === null) open @endif><summary>Name a skill</summary><x-skill-form :$page /></details>@endif
            </section>
            @endif
            <section class="panel" aria-labelledby="takes-title">
                <h2 id="takes-title">What a piece of work takes here</h2>
                <p class="soft">From {{ NeatSpindle\Core\Whole\Calendar\Minutes::ENOUGH }} on, what your own steps took counts instead of the usual: from one tick to the next by the same hand; what is left open over lunch or overnight tells nothing. The likely date counts with the middle, the careful one with what three of four stay under.</p>
                <table class="ledger"><thead><tr><th>Work</th><th class="n">A piece</th><th>How it is known</th></tr></thead>
                    <tbody>@foreach ($page->takes() as [$kind, $minutes, $how])<tr><td>{{ $kind->label() }}</td><td class="n">{{ $minutes }}</td><td class="soft">{{ $how }}</td></tr>@endforeach</tbody>
                </table>
            </section>
            </div>
            <div class="work-wide">
            <section class="panel" aria-labelledby="feeds-title">
                <h2 id="feeds-title">In other calendars</h2>
                @if (session('feed'))<p class="told mb-1">Told once; copy it now: <code class="sheet-address">{{ session('feed') }}</code></p>@endif
                <ul class="plain-list">
                    @forelse ($page->feeds() as $feed)
                        <li>{{ $feed->user?->firstName() ?? 'The whole workshop' }}, since {{ $feed->created_at?->format('j M') }}
                            <form class="d-inline" method="post" action="{{ route('feed.revoke', $feed) }}">@csrf @formkey @method('DELETE')<button class="btn-link-quiet">Call it back</button></form></li>
                    @empty
                        <li class="soft">No address is given yet.</li>
                    @endforelse
                </ul>
                <form class="pieces" method="post" action="{{ route('feed.give') }}">
                    @csrf @formkey
                    <button class="btn btn-plain" name="of" value="mine" id="feed-mine">An address for my work</button>
                    @if ($page->mayPlan())<button class="btn btn-plain" name="of" value="workshop">For the whole workshop</button>@endif
                </form>
                <x-fault for="feed" />
                <p class="form-hint mb-0">Whoever has it can read it, and nothing else. Called back it opens nothing.</p>
            </section>
            <section class="panel" aria-labelledby="open-title">
                <h2 id="open-title">Open</h2>
                @unless ($page->isSaid())<p class="form-hint">Usual hours, until you say yours.</p>@endunless
                <form method="post" action="{{ route('calendar.hours.keep') }}" novalidate>
                    @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $page->workshop->hoursMark() }}">
                    @foreach ($page->days() as $name => [$label, $hours])
                        <label class="form-label mb-0 mt-1" for="{{ $name }}">{{ $label }}</label>
                        <input class="form-control" id="{{ $name }}" name="{{ $name }}" value="{{ old($name, $hours) }}" placeholder="closed" maxlength="@most(SETTING)" @disabled(! $page->mayChange()) @error($name) aria-invalid="true" @enderror><x-fault :for="$name" />
                    @endforeach
                    <label class="form-label mt-2" for="closed">Closed all the same</label>
                    <input class="form-control" id="closed" name="closed" value="{{ old('closed', $page->closed()) }}" placeholder="2026-12-25, 2027-01-01" maxlength="@most(FIGURES)" @disabled(! $page->mayChange()) @error('closed') aria-invalid="true" @enderror><x-fault for="closed" />
                    <label class="form-label mt-2" for="time_zone">Clock on the wall</label>
                    <x-select id="time_zone" name="time_zone" :options="$page->zones()" :chosen="old('time_zone', $page->workshop->time_zone)" :disabled="! $page->mayChange()" /><x-fault for="time_zone" />
                    @if ($page->people()->count() > 1)
                        <label class="form-label mt-2" for="stands">Bikes in stands at a time</label>
                        <input class="form-control" id="stands" name="stands" inputmode="numeric" value="{{ old('stands', $page->workshop->stands) }}" placeholder="as many as are wanted" @disabled(! $page->mayChange()) @error('stands') aria-invalid="true" @enderror><x-fault for="stands" />
                    @else
                        <input type="hidden" name="stands" value="{{ $page->workshop->stands }}">
                    @endif
                    @if ($page->mayChange())<button class="btn btn-primary mt-2" id="keep-hours">Keep</button>@else<p class="mt-2 mb-0">The owner sets the hours.</p>@endif
                </form>
            </section>
            </div>
        </div>
    </main>
</x-layout>
