@props(['page', 'skill' => null])
@php($isTyped = old('seen') !== null && (string) old('was') === (string) $skill?->name)
<form class="skill-form" method="post" action="{{ route('calendar.skill') }}" novalidate>
    @csrf @formkey @method('PUT')<input type="hidden" name="seen" value="{{ $page->skillsMark() }}"><input type="hidden" name="was" value="{{ $skill?->name }}">
    <fieldset @disabled(! $page->mayChange())>
        <label class="form-label mb-0">What it is called <input class="form-control" name="name" maxlength="@most(PLACE)" value="{{ $isTyped ? old('name') : $skill?->name }}" placeholder="wiring" @if($isTyped) @error('name') aria-invalid="true" @enderror @endif></label>
        @if ($isTyped)<x-fault for="name" />@endif
        <p class="form-label mb-0 mt-2">Which work asks for it</p>
        <p class="checks mb-0">@foreach (NeatSpindle\Core\Whole\Calendar\WorkKind::cases() as $kind)<label class="pick"><input type="checkbox" name="kinds[]" value="{{ $kind->value }}" @checked(in_array($kind->value, $isTyped ? (array) old('kinds') : array_column($skill->work ?? [], 'value'), true))> {{ lcfirst($kind->label()) }}</label> @endforeach</p>
        @if ($isTyped)<x-fault for="kinds" />@endif
        <p class="form-label mb-0 mt-2">Who can</p>
        <p class="checks mb-1">@foreach ($page->people() as $one)<label class="pick"><input type="checkbox" name="people[]" value="{{ $one->id }}" @checked($isTyped ? in_array((string) $one->id, (array) old('people'), true) : $skill?->isHadBy($one->id))> {{ $one->firstName() }}</label> @endforeach</p>
        @if ($page->mayChange())
            <button class="btn btn-primary">Keep</button>
            @if ($skill !== null)<button class="btn-link-quiet" name="drop" value="1">Drop it</button>@endif
        @endif
    </fieldset>
</form>
