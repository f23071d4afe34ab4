<x-layout title="What to order">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>What to order</h1><a class="btn btn-plain" href="{{ route('orders') }}">Back to the orders</a></div>
        <x-drawer-tabs at="orders" />
        @if ($page->beyondHelp() !== [])
            <p class="notice">For {{ implode(', ', $page->beyondHelp()) }} no spacers help as measured: look there first.</p>
        @endif
        <form class="work" method="post" action="{{ route('orders.place') }}" novalidate>
            @csrf @formkey
            <div class="work-wide">
                @forelse ($page->parts() as $title => $lines)
                    <section class="panel" aria-label="{{ $title }}">
                        <div class="bench-head"><h2 class="h6">{{ $title }}</h2><a class="btn btn-plain" href="{{ route('orders.new', ['tick' => $loop->index]) }}">Tick all<span class="visually-hidden"> of {{ lcfirst($title) }}</span></a></div>
                        <div class="scroll-x"><table class="ledger wordy">
                            <thead><tr><th>Order</th><th>How many</th><th>What</th><th>For job</th></tr></thead>
                            <tbody>
                                @foreach ($lines as $line)
                                    <tr>
                                        <td><label class="pick"><input class="form-check-input m-0" type="checkbox" name="take[]" value="{{ $line->key }}" @checked(in_array($line->key, (array) old('take', []), true) || $page->isTicked($loop->parent->index))><span class="visually-hidden">Order {{ $line->what }}{{ $line->jobNumber === null ? '' : ", for {$line->jobNumber}" }}</span></label></td>
                                        <td><input class="form-control w-auto" name="lines[{{ $line->key }}]" size="4" inputmode="numeric" aria-label="How many: {{ $line->what }}{{ $line->jobNumber === null ? '' : ", for {$line->jobNumber}" }}" value="{{ old("lines.{$line->key}", $line->count) }}" @error("lines.{$line->key}") aria-invalid="true" @enderror></td>
                                        <td>{{ $line->what }}<x-fault :for="'lines.'.$line->key" /></td>
                                        <td>@if ($line->job !== null)<a href="{{ route('job.order', $line->job) }}">{{ $line->jobNumber }}</a>@else – @endif</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table></div>
                    </section>
                @empty
                    <section class="panel"><p class="empty mb-0">Nothing is missing: every open job can be built from what is here or on its way, and no shelf is below its minimum.</p></section>
                @endforelse
                <section class="panel" aria-labelledby="else-title">
                    <h2 id="else-title">Something else</h2>
                    <div class="pieces">
                        <label for="else_count" class="visually-hidden">How many of it</label><input class="form-control w-auto" id="else_count" name="else_count" size="4" inputmode="numeric" placeholder="1" value="{{ old('else_count') }}" @error('else_count') aria-invalid="true" @enderror>
                        <label for="else" class="visually-hidden">What else</label><input class="form-control flex-fill w-auto" id="else" name="else" maxlength="@most(NEED)" value="{{ old('else') }}" @error('else') aria-invalid="true" @enderror>
                    </div>
                    <x-fault for="else" /><x-fault for="else_count" />
                </section>
            </div>
            <section class="panel" aria-labelledby="place-title">
                <h2 id="place-title">The order</h2>
                @if ($page->mayOrder())
                    <label class="form-label" for="supplier">From</label>
                    <input class="form-control" id="supplier" name="supplier" maxlength="@most(NAME)" list="suppliers" value="{{ old('supplier') }}" @error('supplier') aria-invalid="true" @enderror>
                    <datalist id="suppliers">@foreach ($page->suppliers() as $name)<option value="{{ $name }}"></option>@endforeach</datalist>
                    <x-fault for="supplier" />
                    <label class="form-label mt-1" for="expected_on">Expected on</label>
                    <input class="form-control" id="expected_on" name="expected_on" type="date" value="{{ old('expected_on') }}" @error('expected_on') aria-invalid="true" @enderror>
                    <p class="form-hint">Jobs on this order are planned with that day. Left out, six days are counted.</p>
                    <x-fault for="expected_on" />
                    <label class="form-label" for="note">Note</label>
                    <input class="form-control" id="note" name="note" maxlength="@most(SHORT_NOTE)" value="{{ old('note') }}">
                    <x-fault for="note" />
                    <x-fault for="lines" /><x-fault for="take" />
                    <button class="btn btn-primary mt-2" data-key="d">Place the order <kbd aria-hidden="true">d</kbd></button>
                @else
                    <p class="mb-0">Ordering is for the owner and the installers. What you see missing here, tell them.</p>
                @endif
            </section>
        </form>
    </main>
</x-layout>
