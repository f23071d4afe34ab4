@props(['question', 'follows', 'effect', 'action', 'seen', 'may', 'isOpen' => false, 'keep' => 'Keep for all new jobs'])
<section class="house-rule" id="{{ $question->value }}" aria-labelledby="{{ $question->value }}-title">
    <div class="house-answer">
        <h3 id="{{ $question->value }}-title">{{ $question->label() }}</h3>
        <p class="mb-0"><strong>{{ $follows->label() }}</strong> <span class="soft">{{ $follows->says() }}</span></p>
        {{ $slot }}
    </div>
    @if ($may)
        <details @if($isOpen) open @endif>
            <summary id="other-{{ $question->value }}">Otherwise</summary>
            <form method="post" action="{{ $action }}" novalidate>
                @csrf @formkey @method('PUT')
                <input type="hidden" name="seen" value="{{ $seen }}">
                <ul class="plain-list">
                    @foreach ($question->schools() as $school)
                        <li class="school">
                            <label><input class="form-check-input" type="radio" name="school" value="{{ $school->value }}" @checked(old('school', $follows->value) === $school->value || ($isOpen === false && $follows === $school))>
                                <strong>{{ $school->label() }}</strong> {{ $school->says() }} @if ($school->isDefault())<span class="soft">Default: {{ $question->why() }}</span>@endif</label>
                            @if ($school !== $follows)
                                @php($changes = $effect($school))
                                @if ($changes === [])<p class="form-hint mb-0">Nothing reads differently on this sheet.</p>
                                @elseif ($changes !== null)
                                    <ul class="changes">@foreach (array_slice($changes, 0, 6) as $change)<li>{{ $change }}</li>@endforeach @if (count($changes) > 6)<li>and {{ count($changes) - 6 }} more</li>@endif</ul>
                                @endif
                            @endif
                        </li>
                    @endforeach
                </ul>
                <label class="form-label" for="why-{{ $question->value }}">Why</label>
                <input class="form-control" id="why-{{ $question->value }}" name="why" maxlength="@most(REASON)" value="{{ $isOpen ? old('why') : '' }}">
                @if ($isOpen)<x-fault for="school" /><x-fault for="why" /><x-fault for="seen" />@endif
                <button class="btn btn-plain mt-2" id="keep-{{ $question->value }}">{{ $keep }}</button>
            </form>
        </details>
    @endif
</section>
