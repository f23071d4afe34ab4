<x-job :page="$page">
    <x-line-tabs :page="$page" at="gears" />
    @if ($page->gears() === null)
        <x-not-yet :page="$page" />
    @else
        <section class="panel picture" aria-labelledby="gears-title">
            <div class="title-line">
                <h2 id="gears-title">
                    {{ count($page->gears()->merged()) }} gears with ring {{ $page->ring()->label() }}, {{ number_format($page->gears()->rangePercent(), 0) }} % from lowest to highest{{ $page->with() ? ", below with {$page->with()->label()}" : '' }}
                </h2>
                <form class="pieces not-on-paper" method="get" action="{{ route('job.gears', $page->job) }}">
                    <label for="with">beside</label>
                    <x-select id="with" class="w-auto" name="with" any="no other ring" :options="$page->ringsToSetBeside()" :chosen="$page->with()?->code" />
                    <button class="btn btn-plain">Show</button>
                </form>
            </div>
            <x-drawing.gears :view="$page->drawing()" />
            <p class="mb-0 not-on-paper"><a href="{{ route('job.gears.svg', [$page->job, 'with' => $page->with()?->code]) }}" hx-boost="false">Save as SVG</a></p>
            <p class="form-hint mb-0">
                Each band from {{ App\View\Drawings\GearsView::STEADY }} to {{ App\View\Drawings\GearsView::BRISK }} turns of the crank a minute;
                the tick is where the motor stops pulling, at {{ (int) $page->motor()->maxCrankRpm }}.
                Metres for a turn of the crank, and the step from the gear before. Gears within one percent are one.
                Lines at {{ implode(', ', App\View\Drawings\GearsView::LINES) }} km/h are examples of where laws draw one: check yours.
            </p>
        </section>
        <section class="panel mt-3" aria-labelledby="all-gears">
            <h2 id="all-gears">Every gear</h2>
            <div class="scroll-x"><table class="ledger">
                <thead>
                    <tr>
                        <th class="n">Cog</th><th class="n">Hub</th><th class="n">Ratio</th><th class="n">Metres a turn</th>
                        <th class="n">at 60</th><th class="n">at 90</th><th class="n">where the motor stops</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->gears()->gears as $gear)
                        <tr>
                            <td class="n">{{ $gear->cog }}</td>
                            <td class="n">{{ $gear->hubRatio }}</td>
                            <td class="n">{{ number_format($gear->ratio, 3) }}</td>
                            <td class="n">{{ number_format($gear->development, 2) }}</td>
                            @foreach ([60, 90, $page->motor()->maxCrankRpm] as $rpm)
                                <td class="n">{{ number_format($gear->speedAt($rpm), 1) }} km/h</td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
        </section>
    @endif
</x-job>
