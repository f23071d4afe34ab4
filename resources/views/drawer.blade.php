@php($unit = $page->unit)
<x-layout title="Drawer">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>Drawer</h1><x-find :action="route('drawer')" :find="$page->find->text" words="Find: thickness, use, place" /></div>
        <x-drawer-tabs at="drawer" />
        @if (session('kept'))<p class="told" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel" aria-labelledby="spacers-title">
                <h2 id="spacers-title">Spacers and washers</h2>
                @if ($page->holdsTooMuch())
                    <p class="told">{{ count($page->spacers()) }} kinds are in use; the sums are made for {{ App\Models\Spacer::MOST_KINDS }}, and every page of a job is slow with more. Take those out of use that nobody needs.</p>
                @endif
                @if ($page->find->isLooking() && $page->spacers()->isEmpty())
                    <p class="empty">No spacer matches “{{ $page->find->text }}”. <a href="{{ route('drawer') }}">Show all</a></p>
                @elseif ($page->spacers()->isEmpty())
                    <p class="empty">The drawer is empty. Put a kind in on the right, or read a table or a catalogue in.</p>
                @else
                    <table class="ledger wordy">
                        <thead><tr><th class="n">Thickness</th><th>Good for</th><th>Kept for</th><th>Lies in, and how many</th></tr></thead>
                        <tbody>
                            @foreach ($page->spacers() as $spacer)
                                <tr>
                                    <td class="n">{{ $unit->show($spacer->thickness_mm) }}</td>
                                    <td>{{ $page->usedFor($spacer) }}</td>
                                    <td class="soft">@foreach ($spacer->reservations as $kept)<a href="{{ route('job.order', $kept->job) }}">{{ $kept->job->number }}</a>: {{ $kept->quantity }}@if (! $loop->last), @endif @endforeach</td>
                                    @php($isTyped = (int) old('row') === $spacer->id)
                                    <td class="drawer-row">
                                        <form class="pieces" method="post" action="{{ route('drawer.count', $spacer) }}" hx-swap="innerHTML show:none">
                                            @csrf @formkey @method('PUT')
                                            <input type="hidden" name="row" value="{{ $spacer->id }}"><input type="hidden" name="seen_quantity" value="{{ $spacer->quantity }}"><input type="hidden" name="seen_lies_in" value="{{ $spacer->lies_in }}">
                                            <label class="visually-hidden" for="lies-{{ $spacer->id }}">Where {{ $unit->show($spacer->thickness_mm) }} lies</label>
                                            <input class="form-control w-auto" id="lies-{{ $spacer->id }}" name="lies_in" size="9" value="{{ $isTyped ? old('lies_in') : $spacer->lies_in }}">
                                            <label class="visually-hidden" for="count-{{ $spacer->id }}">How many of {{ $unit->show($spacer->thickness_mm) }}</label>
                                            <input class="form-control w-auto" id="count-{{ $spacer->id }}" name="quantity" size="3" value="{{ $isTyped ? old('quantity') : $spacer->quantity }}" inputmode="numeric" @if($isTyped) @error('quantity') aria-invalid="true" @enderror @endif>
                                            <button class="btn btn-plain" aria-label="Keep the count of {{ $unit->show($spacer->thickness_mm) }}">Keep</button>
                                        </form>
                                        @if ($page->mayChange())
                                            <form method="post" action="{{ route('drawer.retire', $spacer) }}" hx-swap="innerHTML show:none">
                                                @csrf @formkey @method('PUT')
                                                <input type="hidden" name="row" value="{{ $spacer->id }}">
                                                <button class="btn-link-quiet" name="out" value="1" aria-label="Out of use: {{ $unit->show($spacer->thickness_mm) }}">Out of use</button>
                                            </form>
                                        @endif
                                        @if ($isTyped)<x-fault for="quantity" /><x-fault for="lies_in" />@endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
                @if ($page->retired()->isNotEmpty())
                    <details class="mt-2" @if(session('kept') === null && $errors->isNotEmpty()) open @endif>
                        <summary>Out of use: {{ count($page->retired()) }}</summary>
                        <ul class="plain-list">
                            @foreach ($page->retired() as $spacer)
                                <li>
                                    <form class="pieces" method="post" action="{{ route('drawer.retire', $spacer) }}" hx-swap="innerHTML show:none">
                                        @csrf @formkey @method('PUT')
                                        <span class="figures">{{ $unit->show($spacer->thickness_mm) }}</span>
                                        <span class="soft">{{ $page->usedFor($spacer) }}, {{ $spacer->quantity }} there</span>
                                        @if ($page->mayChange())<button class="btn-link-quiet" name="out" value="0" aria-label="Bring it back: {{ $unit->show($spacer->thickness_mm) }}">Bring it back</button>@endif
                                    </form>
                                </li>
                            @endforeach
                        </ul>
                    </details>
                @endif
            </section>
            <div class="work-wide">
                @if ($page->mayChange())
                    <section class="panel" aria-labelledby="new-title">
                        <h2 id="new-title">Put a new kind in</h2>
                        <form method="post" action="{{ route('drawer.store') }}">
                            @csrf @formkey
                            <label class="form-label" for="thickness">Thickness</label>
                            <input class="form-control" id="thickness" name="thickness" value="{{ old('thickness') }}" placeholder="2.5" @error('thickness') aria-invalid="true" @enderror>
                            <x-fault for="thickness" />
                            <fieldset class="mt-2"><legend class="form-label">Good for</legend>
                                <div class="choice-row">@foreach (NeatSpindle\Core\Parts\Drawer\SpacerUse::cases() as $use)<label class="pick slim"><input type="checkbox" name="uses[]" value="{{ $use->value }}" @checked(in_array($use->value, (array) old('uses', []), true))> {{ $use->label() }}</label>@endforeach</div>
                            </fieldset>
                            <x-fault for="uses" />
                            <div class="pieces mt-2"><label for="new-quantity">How many</label><input class="form-control w-auto" id="new-quantity" name="new_quantity" size="4" inputmode="numeric" value="{{ old('new_quantity') }}" @error('new_quantity') aria-invalid="true" @enderror>
                                <label for="new-lies">lies in</label><input class="form-control w-auto" id="new-lies" name="new_lies_in" size="9" value="{{ old('new_lies_in') }}"></div>
                            <x-fault for="new_quantity" />
                            <button class="btn btn-primary mt-2">Put in</button>
                        </form>
                    </section>
                @endif
                <section class="panel" aria-labelledby="table-title">
                    <h2 id="table-title">As a table</h2>
                    <p><a class="btn btn-plain" href="{{ route('drawer.export') }}" hx-boost="false">Save as CSV</a></p>
                    @if ($page->mayChange())
                        <form method="post" action="{{ route('drawer.import') }}" enctype="multipart/form-data">
                            @csrf @formkey<input type="hidden" name="seen" value="{{ $page->mark() }}">
                            <label class="form-label" for="table">Read one in: thickness_mm, quantity, use, lies_in</label>
                            <input class="form-control" type="file" id="table" name="table" accept=".csv,.txt,text/csv" @error('table') aria-invalid="true" @enderror>
                            <x-fault for="table" />
                            <button class="btn btn-plain mt-2">Read in</button>
                        </form>
                    @endif
                </section>
                <section class="panel" aria-labelledby="socket-title">
                    <h2 id="socket-title">Socket for a sleeve’s nut</h2>
                    <p class="form-hint">It has to pass over the spindle’s end and reach the nut. Match and Stack say whether it does.</p>
                    <form method="post" action="{{ route('drawer.socket') }}">
                        @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $page->socketMark() }}">
                        <div class="pieces">
                            <label for="socket-bore">Bored</label>
                            <input class="form-control w-auto" id="socket-bore" name="socket_bore" size="8" value="{{ old('socket_bore', $page->socket() === null ? '' : $unit->show($page->socket()->bore)) }}" @disabled(! $page->mayChange()) @error('socket_bore') aria-invalid="true" @enderror>
                            <label for="socket-depth">deep</label>
                            <input class="form-control w-auto" id="socket-depth" name="socket_depth" size="8" value="{{ old('socket_depth', $page->socket() === null ? '' : $unit->show($page->socket()->depth)) }}" @disabled(! $page->mayChange()) @error('socket_depth') aria-invalid="true" @enderror>
                            @if ($page->mayChange())<button class="btn btn-plain">Keep</button>@endif
                        </div>
                        <x-fault for="socket_bore" /><x-fault for="socket_depth" />
                    </form>
                </section>
                <section class="panel" aria-labelledby="leads-title">
                    <h2 id="leads-title">Extension leads</h2>
                    <table class="ledger">
                        <thead><tr><th>Plug</th><th class="n">Length</th><th class="n">Have</th></tr></thead>
                        <tbody>@foreach ($page->leads() as $lead)<tr><td>{{ ucfirst(NeatSpindle\Core\Fitting\Route\PlugName::of($lead->connector)) }}</td><td class="n">{{ $unit->showCoarse($lead->length_mm) }}</td><td class="n">{{ $lead->quantity }}</td></tr>@endforeach</tbody>
                    </table>
                </section>
            </div>
        </div>
    </main>
</x-layout>
