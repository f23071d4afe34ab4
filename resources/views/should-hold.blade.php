<x-layout title="What the drawer should hold">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>What the drawer should hold</h1></div>
        <x-drawer-tabs at="drawer.should" />
        @php($found = $page->found())
        <div class="work">
            <section class="panel work-wide" aria-labelledby="should-title">
                <h2 id="should-title">The fewest spacers with which {{ $page->percent }} of a hundred jobs are clear</h2>
                @if (! $page->hasJobs())
                    <p class="empty">No bike has left yet: this is worked out from the jobs of the logbook.</p>
                @elseif ($found === null)
                    <p class="empty">Nobody has worked it out since a bike left or the drawer’s kinds changed.</p>
                @else
                    <p><strong>{{ $found->size() }} pieces</strong> make {{ $found->clear }} of the last {{ $found->jobs }} jobs clear, each by itself, recounted with the stack of every one of them.
                        @if ($found->isLeast()) Fewer do not: that is proven.@else Fewer than {{ $found->atLeast }} do not: that is proven; whether some number between does is not.@endif</p>
                    @if ($found->helpless > 0)
                        <p>For {{ $found->helpless }} of them no spacers of these thicknesses were found that make them clear; they count against no drawer.</p>
                    @endif
                    <div class="scroll-x"><table class="ledger">
                        <thead><tr><th class="n">Thickness</th><th>Good for</th><th class="n">Should hold</th><th class="n">There</th><th class="n">To get</th></tr></thead>
                        <tbody>
                            @foreach ($page->rows() as $row)
                                <tr><td class="n">{{ $page->unit->show($row['mm']) }}</td><td>{{ $row['uses'] }}</td><td class="n">{{ $row['should'] }}</td><td class="n">{{ $row['there'] }}</td><td class="n">@if ($row['get'] > 0)<strong>{{ $row['get'] }}</strong>@else – @endif</td></tr>
                            @endforeach
                        </tbody>
                    </table></div>
                    <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('drawer.should.csv', ['percent' => $page->percent]) }}" hx-boost="false">Save as CSV</a></p>
                @endif
            </section>
            <section class="panel" aria-labelledby="ask-title">
                <h2 id="ask-title">Work it out</h2>
                <form method="post" action="{{ route('drawer.should.work') }}" novalidate>
                    @csrf @formkey
                    <div class="pieces"><label for="percent">Clear, of a hundred jobs</label><input class="form-control w-auto" id="percent" name="percent" size="4" inputmode="numeric" value="{{ old('percent', $page->percent) }}" @error('percent') aria-invalid="true" @enderror></div>
                    <x-fault for="percent" />
                    <p class="form-hint">From the last {{ App\Ordering\DrawerShould::JOBS }} bikes that left, with motor, ring and readings as they were; pieces from a motor’s own box are not counted. It takes some seconds.</p>
                    <button class="btn btn-primary" data-key="d">Work it out <kbd aria-hidden="true">d</kbd></button>
                </form>
            </section>
        </div>
    </main>
</x-layout>
