<x-job :page="$page">
    <x-prove-tabs :page="$page" at="come-back" />
    @foreach ($page->findings() as $code => [$found, $times])
        <p class="caution"><strong>Found {{ $times }} times:</strong> {{ $page->plan()->items[$code] ?? $code }}, {{ $found->label() }}. That is no accident: the next bike like this one is told of it.</p>
    @endforeach
    <div class="work">
        <section class="panel" aria-labelledby="back-title">
            <h2 id="back-title">What it is found like, before anything is tightened</h2>
            @if (! $page->isOut())
                <p class="empty mb-0">It has not left yet. <a href="{{ route('job.hand-over', $page->job) }}">Hand over</a></p>
            @else
                <form method="post" action="{{ route('job.come-back.keep', $page->job) }}" novalidate>
                    @csrf @formkey
                    {{-- Return in a field keeps what was typed. --}}
                    <button class="visually-hidden" tabindex="-1" aria-hidden="true">Keep</button>
                    <div class="record">
                        <div><label class="form-label" for="kilometres">Kilometres since</label><input class="form-control" id="kilometres" name="kilometres" inputmode="numeric" value="{{ old('kilometres') }}" @error('kilometres') aria-invalid="true" @enderror><x-fault for="kilometres" /></div>
                        <div><label class="form-label" for="next-on">Comes back on</label><input class="form-control" id="next-on" name="next_on" type="date" value="{{ old('next_on') }}"><x-fault for="next_on" /></div>
                    </div>
                    <div class="scroll-x"><table class="ledger wordy">
                        <thead><tr><th>What</th><th>Found</th><th>Torque found</th><th>Given when built</th><th>Note</th></tr></thead>
                        <tbody>
                            @foreach ($page->plan()->items as $code => $title)
                                <tr>
                                    <th scope="row">{{ $title }}</th>
                                    <td><x-select :id="'found-'.$code" :name="'found['.$code.']'" :options="NeatSpindle\Core\Whole\Prove\Found::cases()" :chosen="old('found.'.$code)" any="not looked at" :aria-label="$title.': found'" /></td>
                                    <td>@if ($page->hasTorque($code))<input class="form-control" id="torque-{{ $code }}" name="torques[{{ $code }}]" size="7" value="{{ old('torques.'.$code) }}" aria-label="{{ $title }}: torque found">@if ($page->isWrenchPlugged())<button class="btn-link-quiet" name="wrench" value="{{ $code }}" formaction="{{ route('job.come-back.wrench', $page->job) }}" aria-label="{{ $title }}: torque from the wrench">from the wrench</button>@endif<x-fault :for="'torques.'.$code" />@endif</td>
                                    <td class="figures">{{ $page->given($code) ?? '–' }}</td>
                                    <td><input class="form-control" name="notes[{{ $code }}]" maxlength="@most(SHORT_NOTE)" value="{{ old('notes.'.$code) }}" aria-label="{{ $title }}: note"></td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table></div>
                    <x-fault for="found" />
                    <label class="form-label mt-2" for="back-note">What the rider says</label><input class="form-control" id="back-note" name="note" maxlength="@most(NOTE)" value="{{ old('note') }}"><x-fault for="note" />
                    <button class="btn btn-primary mt-2" id="keep-recheck">Keep</button>
                </form>
            @endif
        </section>
        <div>
        @php($work = $page->work())
        @if ($work)
            <section class="panel mb-3" id="found-work" aria-labelledby="work-title">
                <h2 id="work-title">What is done about it</h2>
                <form method="post" action="{{ route('job.come-back.take-up', $page->job) }}">
                    @csrf @formkey @method('PUT')
                    @foreach ($work->found as [$what, $steps, $others])
                        <p class="mb-0"><strong>{{ $what }}</strong></p>
                        @foreach ($others as $other)<p class="form-hint mb-0">{{ $other }}</p>@endforeach
                        @forelse ($steps as $step)<label class="pick d-flex"><input type="checkbox" name="steps[]" value="{{ $step->code }}" checked> {{ $step->title }}</label>@empty<p class="form-hint">No step of its sheet: what was found stands on record.</p>@endforelse
                    @endforeach
                    @foreach ($work->said as [$complaint, $causes])
                        <p class="mb-0 mt-2"><strong>{{ $complaint->label() }}</strong>, says the rider. Mostly:</p>
                        @foreach ($causes as [$cause, $step])
                            @if ($step)<label class="pick d-flex"><input type="checkbox" name="steps[]" value="{{ $step->code }}"> {{ $cause->words }}: {{ lcfirst($step->title) }}</label>@else<p class="mb-0 ms-4">{{ $cause->words }}</p>@endif
                        @endforeach
                    @endforeach
                    <x-fault for="steps" />
                    @can('takeBack', $page->job)
                        <button class="btn btn-primary mt-2" id="take-up-found" data-key="n">Take it up: these steps again <kbd aria-hidden="true">n</kbd></button>
                        <p class="form-hint mb-0">It is in the workshop again then; what is not touched stays done, and its hand-over asks for the rest.</p>
                    @endcan
                </form>
            </section>
        @endif
        <section class="panel" aria-labelledby="before-title">
            <h2 id="before-title">Each time it came back</h2>
            @forelse ($page->rechecks() as $recheck)
                <h3 class="h6 mb-1">{{ $recheck->done_at->format('j M Y') }}, {{ number_format($recheck->kilometres) }} km, {{ $recheck->user->firstName() }}</h3>
                @if ($recheck->note)<p class="mb-1">“{{ $recheck->note }}”</p>@endif
                <ul class="plain-list">@foreach ($recheck->items as $item)<li>{{ $item->title }}: <strong>{{ $item->found->label() }}</strong>@if ($item->torque_nm !== null), {{ $page->torqueUnit->show($item->torque_nm) }} found @endif @if ($item->note)<span class="soft">{{ $item->note }}</span>@endif</li>@endforeach</ul>
            @empty
                <p class="empty mb-0">It has not come back yet.</p>
            @endforelse
            <x-pictures :page="$page" :of="App\Models\PictureOf::Recheck" />
        </section>
        </div>
    </div>
</x-job>
