<x-job :page="$page">
    <x-prove-tabs :page="$page" at="settings" />
    <div class="work-halves">
        <section class="panel" aria-labelledby="settings-title">
            <h2 id="settings-title">What the display is set to</h2>
            @foreach (NeatSpindle\Core\Whole\Prove\SettingName::cases() as $name)
                @php($stands = $page->stands($name))
                @php($isTyped = old('name') === $name->value)
                <form class="run-row" method="post" action="{{ route('job.settings.keep', $page->job) }}" novalidate>
                    @csrf @formkey<input type="hidden" name="name" value="{{ $name->value }}"><input type="hidden" name="seen" value="{{ $stands->id ?? 0 }}">
                    <div class="tool-line">
                        <label class="setting-name" for="set-{{ $name->value }}">{{ $name->label() }}</label>
                        @if ($name->choices() !== [])
                            <x-select :id="'set-'.$name->value" name="value" :options="$name->choices()" :chosen="$isTyped ? old('value') : $stands?->value" any="not written down" class="w-auto" />
                        @else
                            <input class="form-control w-auto" id="set-{{ $name->value }}" name="value" size="8" inputmode="decimal" value="{{ $isTyped ? old('value') : ($stands?->value ?? $page->offered($name)) }}"> {{ $name->unit() }}
                        @endif
                        <button class="btn btn-plain" aria-label="Keep: {{ $name->label() }}">Keep</button>
                        @if ($stands)<span class="done-line">✓ {{ $name->says($stands->value) }}</span>@endif
                    </div>
                    @if ($isTyped)<x-fault for="value" />@endif
                </form>
            @endforeach
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
