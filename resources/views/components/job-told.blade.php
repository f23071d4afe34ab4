@props(['page'])
@error('version')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
@error('state')
    <p class="told" role="alert">{{ $message }}</p>
@enderror
