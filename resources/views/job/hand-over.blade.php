@php($handed = $page->handedOver())
@php($handOver = $page->handOver())
<x-job :page="$page">
    <x-prove-tabs :page="$page" at="hand-over" />
    <section class="panel not-on-paper" aria-labelledby="give-title" data-hand tabindex="-1">
        <h2 id="give-title">{{ $handed ? 'Handed over' : 'Hand over' }}</h2>
        @if ($handed)
            <p class="kept">{{ $page->sheet()->handed }}, at {{ $handed->handed_at->format('H:i') }}. First re-check {{ $page->sheet()->recheckOn }}, or after the first 50 km.</p>
            @if ($page->mayChoose())
                <h3 class="h6">Address for the customer</h3>
                @foreach ($page->addresses() as $address)
                    <form class="tool-line" method="post" action="{{ route('job.sheet-address.revoke', [$page->job, $address]) }}">
                        @csrf @formkey @method('DELETE')
                        <a class="sheet-address" href="{{ $address->url() }}" hx-boost="false">{{ $address->url() }}</a> <span class="soft">until {{ $address->expires_at->format('j M Y') }}</span>
                        <button class="btn-link-quiet" aria-label="Call it back, given {{ $address->given_at->format('j M H:i') }}">Call it back</button>
                    </form>
                @endforeach
                <form class="tool-line mb-3" method="post" action="{{ route('job.sheet-address', $page->job) }}" novalidate>
                    @csrf @formkey
                    <label for="days">Opens this sheet, and nothing else, for</label><input class="form-control w-auto" id="days" name="days" size="4" inputmode="numeric" value="{{ old('days', '90') }}"> days
                    <button class="btn btn-plain" id="give-address">Make an address</button>
                </form>
                <x-fault for="days" />
                <form method="post" action="{{ route('job.hand-over.take-back', $page->job) }}" novalidate>
                    @csrf @formkey @method('DELETE')
                    <label class="form-label" for="reason">The bike is back and its job goes on, because</label>
                    <input class="form-control" id="reason" name="reason" maxlength="@most(REASON)" value="{{ old('reason') }}"><x-fault for="reason" /><x-fault for="because" />
                    <button class="btn btn-plain mt-1" id="take-back">Take the hand-over back</button>
                </form>
            @endif
        @elseif ($handOver->mayGo())
            <p>@verdict('clear', 'Nothing stands against it')</p>
            @if ($page->mayChoose())
                <form method="post" action="{{ route('job.hand-over.give', $page->job) }}" novalidate>
                    @csrf @formkey<input type="hidden" name="version" value="{{ $page->job->version }}">
                    <div class="record">
                        <div><label class="form-label" for="recheck-on">First re-check on</label><input class="form-control" id="recheck-on" name="recheck_on" type="date" value="{{ old('recheck_on', $page->usualRecheck()) }}"><x-fault for="recheck_on" /></div>
                        <div><label class="form-label" for="hand-note">Said with it</label><input class="form-control" id="hand-note" name="note" maxlength="@most(NOTE)" value="{{ old('note') }}"><x-fault for="note" /></div>
                    </div>
                    <button class="btn btn-primary mt-2" id="hand-over" data-key="d">Hand it over <kbd aria-hidden="true">d</kbd></button>
                </form>
            @else
                <p class="form-hint mb-0" id="who-may">An installer or an owner hands a bike over: who has done it does not answer for it alone. Ask one of them to look at it with you.</p>
            @endif
        @else
            <p>@verdict('fails', 'Not yet')</p>
            <div id="objections">
                <ul class="plain-list">@foreach ($page->against() as $hold)@php($cure = $page->putRight($hold))<li>{{ $hold->says }} <a href="{{ $cure->address }}" @if ($loop->first) data-key="n" @endif>{{ $cure->does }} @if ($loop->first)<kbd aria-hidden="true">n</kbd>@endif</a></li>@endforeach</ul>
                @if ($page->lacks() !== [])
                    <h3 class="h6">Wanting: cured, or answered for by an owner</h3>
                    <ul class="lacks">@foreach ($page->lacks() as $lack)
                        @php($cure = $page->cureOf($lack))
                        <li>
                            <span>{{ $lack->says }} <a href="{{ $cure->address }}" @if ($loop->first && $page->against() === []) data-key="n" @endif>{{ $cure->does }} @if ($loop->first && $page->against() === [])<kbd aria-hidden="true">n</kbd>@endif</a></span>
                            @if ($page->mayDecide())
                                <details @error("why.{$lack->code}") open @enderror>
                                    <summary>It may leave so</summary>
                                    <form class="tool-line" method="post" action="{{ route('job.hand-over.answer', $page->job) }}" novalidate>
                                        @csrf @formkey @method('PUT')
                                        <input type="hidden" name="lack" value="{{ $lack->code }}"><input type="hidden" name="mark" value="{{ $lack->mark() }}">
                                        <label for="why-{{ $lack->code }}">I answer for it, because</label>
                                        <input class="form-control" id="why-{{ $lack->code }}" name="why[{{ $lack->code }}]" maxlength="@most(REASON_BESIDE)" value="{{ old("why.{$lack->code}") }}" @error("why.{$lack->code}") aria-invalid="true" @enderror>
                                        <button class="btn btn-plain">In my name</button>
                                    </form>
                                    <x-fault :for="'why.'.$lack->code" />
                                </details>
                            @endif
                        </li>
                    @endforeach</ul>
                    @unless ($page->mayDecide())<p class="form-hint mb-0">An owner of the workshop may answer for it by name.</p>@endunless
                @endif
            </div>
        @endif
        <x-fault for="hand_over" />
    </section>
    <p class="mt-3 mb-0 not-on-paper"><a class="btn btn-plain" href="{{ route('job.hand-over.pdf', $page->job) }}" hx-boost="false">The sheet as PDF</a> <a class="btn btn-plain" href="{{ route('job.estimate', $page->job) }}">Minutes and parts</a> <a class="btn btn-plain" href="{{ route('job.read-in', $page->job) }}">This job out and in</a>@if (count($page->sheet()->decided) > App\View\Prove\HandOverPage::ON_PAPER) <a class="btn btn-plain" href="{{ route('job.hand-over.decided', $page->job) }}" hx-boost="false">All that was decided, as CSV</a>@endif</p>
    <x-job-ends :page="$page" />
    <div class="sheet-paper mt-3" data-bs-theme="light">
        <x-hand-over-sheet :sheet="$page->sheet()" :pictures="$page->pictures()" />
    </div>
</x-job>
