<x-job :page="$page">
    <x-prove-tabs :page="$page" at="settings" />
    <div class="work-halves">
        <section class="panel" aria-labelledby="settings-title" data-hand tabindex="-1">
            <h2 id="settings-title">What the display is set to</h2>
            <form method="post" action="{{ route('job.settings.all', $page->job) }}" novalidate>
                @csrf @formkey @method('PUT')
                @foreach (NeatSpindle\Core\Whole\Prove\SettingName::cases() as $name)
                    @php([$stands, $offered] = [$page->stands($name), $page->offered($name)])
                    @php($shown = old("values.{$name->value}", $stands->value ?? $offered->value ?? ''))
                    <div class="run-row tool-line">
                        <input type="hidden" name="saw[{{ $name->value }}]" value="{{ $stands->id ?? 0 }}">
                        <label class="setting-name" for="set-{{ $name->value }}">{{ $name->label() }}</label>
                        @if ($name->choices() !== [])
                            <x-select :id="'set-'.$name->value" :name="'values['.$name->value.']'" :options="$name->choices()" :chosen="$shown" any="not written down" class="w-auto" />
                        @else
                            <input class="form-control w-auto" id="set-{{ $name->value }}" name="values[{{ $name->value }}]" size="8" inputmode="decimal" autocomplete="off" value="{{ $shown === 'none' ? '' : $shown }}" @error("values.{$name->value}") aria-invalid="true" @enderror> {{ $name->unit() }}
                        @endif
                        @if ($stands)<span class="done-line">✓ {{ $name->says($stands->value) }}</span>@elseif ($offered)<span class="soft">not kept yet: {{ $offered->because }}</span>@endif
                    </div>
                    <x-fault :for="'values.'.$name->value" />
                @endforeach
                <x-fault for="values" />
                <button class="btn btn-primary mt-2" id="keep-settings" data-key="d">Keep what is set <kbd aria-hidden="true">d</kbd></button>
            </form>
            @if ($page->mayDecide())
                <details @if(old('value') === 'none') open @endif>
                    <summary class="btn-link-quiet d-inline-flex align-items-center">Take the limit of speed away</summary>
                    <form method="post" action="{{ route('job.settings.keep', $page->job) }}" novalidate>
                        @csrf @formkey<input type="hidden" name="name" value="cut_off_kmh"><input type="hidden" name="value" value="none"><input type="hidden" name="seen" value="{{ $page->stands(NeatSpindle\Core\Whole\Prove\SettingName::CutOff)->id ?? 0 }}">
                        <label class="form-label" for="no-limit-why">Why</label><input class="form-control" id="no-limit-why" name="reason" maxlength="@most(REASON)" value="{{ old('reason') }}"><x-fault for="reason" />
                        <label class="form-label mt-1" for="no-limit-law">The law’s own sentence for such a bike, word for word, and where it was read</label><textarea class="form-control" id="no-limit-law" name="law" maxlength="@most(REASON)" rows="3">{{ old('law') }}</textarea><x-fault for="law" />
                        <button class="btn btn-plain mt-1" id="keep-no-limit">I answer for it</button>
                    </form>
                </details>
            @endif
            <p class="form-hint mb-0 mt-2">Whether a bike may be ridden like that, and where, the law says and not we.</p>
        </section>
        <section class="panel" aria-labelledby="log-title">
            <h2 id="log-title">Who changed what</h2>
            @forelse ($page->log() as $entry)
                <p class="mb-1">{{ $entry->set_at->format('j M, H:i') }}: {{ $entry->set_by_name }} set {{ lcfirst($entry->name->label()) }} to <strong>{{ $entry->name->says($entry->value) }}</strong>@if ($entry->reason), because: {{ $entry->reason }}@endif @if ($entry->superseded_at)<span class="soft">until {{ Illuminate\Support\Carbon::parse($entry->superseded_at)->format('j M, H:i') }}</span>@endif @if ($entry->law)<br><span class="soft">“{{ $entry->law }}”</span>@endif</p>
            @empty
                <p class="empty mb-0">Nothing was written down yet.</p>
            @endforelse
        </section>
    </div>
</x-job>
