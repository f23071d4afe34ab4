@props(['page'])
<section class="panel mt-3" aria-labelledby="ring-title">
    <div class="title-line">
        <h2 id="ring-title">Rings on this bike</h2>
        <a class="btn btn-plain" href="{{ route('job.ways', $page->job) }}">Move the ring with spacers</a>
    </div>
    @if (count($page->compared()) === 2)
        <div class="compare compare-drawings">
            @foreach ($page->compared() as $option)
                <article class="panel">
                    <h3 class="h6"><strong>{{ $option->ring->label() }}</strong>, {{ $option->ring->teeth }} teeth @verdict($option->stack->verdict)</h3>
                    <p class="mb-1">
                        Off the cogs as ridden by {{ $page->length($option->offset) }}; clearance {{ $page->clearance($option->clearance()) }};
                        motor stops at {{ number_format($option->topSpeed, 0) }} km/h.
                    </p>
                    <x-drawing.gears :view="$page->gearsOf($option)" />
                </article>
            @endforeach
        </div>
    @endif
    <form id="compare-rings" method="get" action="{{ route('job.line', $page->job) }}"></form>
    <div class="scroll-x"><table class="ledger">
        <thead>
            <tr>
                <th class="named">Ring</th><th>Answer</th><th class="n">Clearance</th><th class="n" title="Off the cogs as they are ridden, on average">Off the cogs ridden</th><th class="n">Lowest gear</th><th class="n">Motor stops at</th>
                <th class="said">To know</th><th class="not-on-paper">Two side by side</th><th class="not-on-paper"><span class="visually-hidden">Fit it</span></th>
            </tr>
        </thead>
        <tbody>
            @php($action = route('job.ring', $page->job))
            @foreach ($page->choice()->options as $option)
                <x-ring-row :page="$page" :option="$option" :first="$loop->first" :action="$action" />
            @endforeach
        </tbody>
    </table></div>
    <div class="tool-line mt-2"><button class="btn btn-plain" form="compare-rings">Set two side by side</button></div>
    <x-fault for="ring_id" /><x-fault for="mounting" />
    <p class="form-hint mt-2 mb-0">
        First those no other beats in line, lowest gear and speed. Speeds are where the motor stops pulling in the highest gear; limits of speed are local law.
        Fit the ring before the motor when it is the part nearest the chainstay. Ring bolts in a star, to torque.
    </p>
</section>
