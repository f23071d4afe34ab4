<x-job :page="$page">
    <section class="panel" aria-labelledby="box-title">
        <h2 id="box-title">What is in the box @if ($page->opened->motor())<span class="soft">{{ $page->opened->motor()->name }}, {{ $page->looked() }} of {{ count($page->contents()) }} looked at</span>@endif</h2>
        @if ($page->opened->motor() === null)
            <p class="mb-0">No motor is chosen yet. <a href="{{ route('job.match', $page->job) }}">Choose one</a></p>
        @elseif ($page->contents() === [])
            <p class="mb-0">The catalogue does not list what comes with this motor. <a href="{{ route('catalogue') }}">Its entry can be read in again with a list of contents</a>.</p>
        @else
            <p class="form-hint">Spacers that are here are taken before the drawer’s. What is missing or wrong stays on record and goes onto the list of what to get.</p>
            <x-fault for="state" /><x-fault for="note" />
            <div class="scroll-x"><table class="ledger">
                <thead><tr><th class="n">Pieces</th><th>What</th><th>The stack takes</th><th>As it came</th><th class="not-on-paper"><span class="visually-hidden">Note it</span></th></tr></thead>
                <tbody>
                    @foreach ($page->contents() as $position => $piece)
                        @php($record = $page->record($position))
                        <tr data-piece="{{ $position }}">
                            <td class="n">{{ $piece->quantity }} ×</td>
                            <td>{{ $piece->what }}@if ($piece->hundredths) <span class="figures">{{ $page->unit->show($piece->hundredths / 100) }}</span>@endif<br><span class="soft">{{ $piece->kind->label() }}</span></td>
                            <td>{{ $page->taken($position) === null ? '' : $page->taken($position).' of '.$piece->quantity }}</td>
                            <td>@if ($record)<strong>{{ $record->state->label() }}</strong>@if ($record->note): {{ $record->note }}@endif<br><span class="soft">{{ $record->user->firstName() }}, {{ $record->noted_at->format('j M H:i') }}</span>@else<span class="soft">not looked at</span>@endif</td>
                            <td class="not-on-paper">
                                @unless ($record?->state->isAtTheEnd())
                                    <form class="tool-line" method="post" action="{{ route('job.box.note', $page->job) }}" novalidate>
                                        @csrf @formkey
                                        <input type="hidden" name="position" value="{{ $position }}"><input type="hidden" name="seen" value="{{ $record->id ?? 0 }}">
                                        <button class="visually-hidden" name="state" value="wrong" tabindex="-1" aria-hidden="true">Wrong</button>
                                        @if ($record?->state !== App\Models\BoxState::Here)<button class="btn btn-plain" name="state" value="here">Here</button>@endif
                                        @if ($record?->state === App\Models\BoxState::Here)
                                            <button class="btn btn-plain" name="state" value="to-drawer">Left over: drawer</button>
                                            <button class="btn btn-plain" name="state" value="to-bag">Left over: bag</button>
                                        @else
                                            <button class="btn btn-plain" name="state" value="missing">Missing</button>
                                        @endif
                                        <label class="visually-hidden" for="note-{{ $position }}">What is wrong with {{ $piece->what }}</label>
                                        <input class="form-control w-auto" id="note-{{ $position }}" name="note" size="14" maxlength="@most(SHORT_NOTE)" placeholder="what is wrong" value="{{ (string) old('position') === (string) $position ? old('note') : '' }}">
                                        <button class="btn-link-quiet" name="state" value="wrong">Wrong</button>
                                    </form>
                                @endunless
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
        @endif
        <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('job.order', $page->job) }}">What to get for this job</a></p>
    </section>
</x-job>
