@props(['job', 'of', 'code' => ''])
@php($isSent = old('of') === $of->value && (string) old('code') === $code)
<form class="keep-picture not-on-paper" method="post" action="{{ route('job.picture.keep', $job) }}" enctype="multipart/form-data" novalidate>
    @csrf @formkey<input type="hidden" name="of" value="{{ $of->value }}"><input type="hidden" name="code" value="{{ $code }}">
    <label class="visually-hidden" for="picture-{{ $of->value }}">Take or choose a picture</label>
    <input class="form-control" type="file" id="picture-{{ $of->value }}" name="picture" accept="image/jpeg,image/png,image/webp,image/*" @if ($isSent) @error('picture') aria-invalid="true" @enderror @endif>
    <label class="visually-hidden" for="picture-note-{{ $of->value }}">What is to be seen</label>
    <input class="form-control" id="picture-note-{{ $of->value }}" name="picture_note" maxlength="@most(SHORT_NOTE)" placeholder="What is to be seen" value="{{ $isSent ? old('picture_note') : '' }}">
    <label class="pick"><input class="form-check-input m-0" type="checkbox" name="shows_person" value="1" @checked($isSent && old('shows_person'))> Shows a person</label>
    <button class="btn btn-plain">Keep the picture</button>
    @if ($isSent)<x-fault for="picture" /><x-fault for="picture_note" />@endif
</form>
