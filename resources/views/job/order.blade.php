<x-job :page="$page">
    @if ($page->stack() === null)
        <x-not-yet :page="$page" />
    @else
        @php($shortage = $page->shortage())
        @php($order = $page->order())
        <div class="work-halves">
            <section class="panel" aria-labelledby="missing-title">
                <h2 id="missing-title">Spacers, for the readings as they are</h2>
                @if ($shortage->isNone())
                    @if ($page->fails())
                        <p>@verdict('fails', 'No spacer helps')</p>
                        <p>{{ App\View\Job\Obstacle::of($page->stack(), $page->unit) }}</p>
                        <p class="mb-0"><a class="btn btn-primary" href="{{ route('job.match', $page->job) }}">Another motor or ring</a></p>
                    @else
                        <p class="mb-0">@verdict('clear', 'The drawer has every spacer')</p>
                    @endif
                @else
                    <p>Missing, with as few pieces as can be, place by place:</p>
                    <table class="ledger">
                        <thead><tr><th class="n">Get</th><th class="n">Thickness</th><th>For</th><th></th></tr></thead>
                        <tbody>@foreach ($shortage->counted() as [$purchase, $count])<tr><td class="n">{{ $count }} ×</td><td class="n">{{ $page->mm($purchase->hundredths) }}</td><td>{{ $purchase->place->label() }}</td><td class="soft">{{ $purchase->isMade ? 'to be made: the drawer knows no thickness that helps' : '' }}</td></tr>@endforeach</tbody>
                    </table>
                    <p class="mb-0">With them the stack is @verdict($shortage->stack->verdict)@if ($shortage->stack->verdict->value === 'fails') {{ App\View\Job\Obstacle::of($shortage->stack, $page->unit) }}@endif</p>
                @endif
            </section>
            <section class="panel" aria-labelledby="survive-title">
                <h2 id="survive-title">Spacers, whatever the readings turn out to be</h2>
                @if ($order->pieces === null)
                    <p>@verdict('fails', 'No order helps')</p>
                    <p>Somewhere inside the doubt {{ $order->obstacle ? lcfirst((string) App\View\Job\Obstacle::of($order->obstacle, $page->unit)) : 'the stack cannot be built' }} Measure again first.</p>
                @elseif ($order->pieces === [])
                    <p>@if ($page->fails())<strong>Nothing to order would change that.</strong>@else @verdict('clear', 'No spacer to order')@endif</p>
                    <p class="mb-0">However shell and chainstay turn out inside their doubt, the drawer has the pieces; tried at all {{ number_format($order->truths) }} settings that differ.</p>
                @else
                    <p>Order this, and the stack can be built for every width and every chainstay inside the doubt. Drop any piece and for some of them it cannot.</p>
                    <table class="ledger">
                        <thead><tr><th class="n">Order</th><th class="n">Thickness</th><th>Good for</th></tr></thead>
                        <tbody>@foreach ($order->counted() as [$piece, $count])<tr><td class="n">{{ $count }} ×</td><td class="n">{{ $page->mm($piece->hundredths) }}</td><td>{{ implode(', ', array_map(fn ($use) => $use->value, $piece->uses)) }}</td></tr>@endforeach</tbody>
                    </table>
                    <p class="form-hint">Tried at all {{ number_format($order->truths) }} settings that differ inside the doubt. {{ $order->isLeast ? 'No smaller order of thicknesses the drawer knows would do.' : 'A smaller order may exist; not every one was tried.' }}</p>
                    <p class="mb-0 not-on-paper"><a class="btn btn-plain" href="{{ route('job.order.csv', $page->job) }}" hx-boost="false">Save as CSV</a></p>
                @endif
            </section>
        </div>
        @if ($page->needs() !== [])
            <section class="panel mt-3" aria-labelledby="needs-title" data-hand tabindex="-1">
                <h2 id="needs-title">Everything this job needs <span class="soft">from box, drawer and shop</span></h2>
                <form method="post" action="{{ route('job.arrivals', $page->job) }}" id="arrivals">
                    @csrf @formkey @method('PUT')
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    <div class="scroll-x"><table class="ledger wordy">
                        <thead><tr><th class="n">Pieces</th><th>What</th><th>From</th><th>Here</th><th>What waits for it</th></tr></thead>
                        <tbody>
                            @foreach ($page->needs() as $need)
                                <tr>
                                    <td class="n">{{ $need->count }} ×</td><td>{{ $need->what }}</td>
                                    <td>@if ($need->origin->value === 'shop')<strong>{{ $need->origin->label() }}</strong>@else{{ $need->origin->label() }}@endif</td>
                                    <td>@if ($need->isFetched())<label class="pick"><input class="form-check-input m-0" type="checkbox" name="here[]" value="{{ $need->mark() }}" @checked($page->gathering()->isHere($need))><span class="visually-hidden">{{ $need->what }} is </span>here</label>@elseif ($need->origin->value === 'shop')<span class="soft">once its length fits</span>@endif</td>
                                    <td class="soft">{{ $need->waits }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table></div>
                    @if ($page->isAnythingFetched())
                        <p class="form-hint mb-1">What is not here holds the step that waits for it, and the bike.</p>
                        <p class="tool-line not-on-paper mb-0"><button class="btn btn-primary" id="all-here" name="all" value="1" data-key="a">All of it is here <kbd aria-hidden="true">a</kbd></button> <button class="btn btn-plain" id="keep-here">Only what is ticked</button></p>
                    @endif
                </form>
                <x-fault for="here" />
                <p class="tool-line not-on-paper mb-0 mt-2"><a class="btn btn-plain" href="{{ route('job.needs.csv', $page->job) }}" hx-boost="false">Save as CSV</a> <a class="btn btn-plain" href="{{ route('job.box', $page->job) }}">What is in the box</a></p>
            </section>
        @endif
        <div class="mt-3"><x-like-jobs :page="$page" at="order" /></div>
        <section class="panel mt-3" aria-labelledby="kept-title">
            <h2 id="kept-title">Kept for this job</h2>
            @if ($page->reservations()->isEmpty())
                <p>Nothing is kept yet: another job may take these pieces.</p>
            @else
                <ul class="plain-list">@foreach ($page->reservations() as $kept)<li><span class="figures">{{ $kept->quantity }} × {{ $page->unit->show($kept->spacer->thickness_mm) }}</span> {{ $kept->state === App\Models\ReservationState::Taken ? 'taken out' : 'reserved' }}@if ($kept->spacer->lies_in), {{ $kept->state === App\Models\ReservationState::Taken ? 'from' : 'lies in' }} {{ $kept->spacer->lies_in }}@endif</li>@endforeach</ul>
            @endif
            @if ($page->mayChoose() && $page->mayKeep())
                <form class="tool-line" method="post" action="{{ route('job.reserve', $page->job) }}">
                    @csrf @formkey
                    <input type="hidden" name="version" value="{{ $page->job->version }}">
                    @unless ($page->fails())<button class="btn btn-primary" name="does" value="reserve">Reserve what the stack uses</button>@endunless
                    @if ($page->hasReserved(App\Models\ReservationState::Reserved))<button class="btn btn-plain" name="does" value="take">Take them out</button>@endif
                    @if (! $page->reservations()->isEmpty())<button class="btn btn-plain" name="does" value="give_back">Give all back</button>@endif
                </form>
            @endif
            <x-fault for="does" />
            <p class="mt-2 mb-0"><a href="{{ route('job.stack', $page->job) }}">Back to the stack</a></p>
        </section>
    @endif
</x-job>
